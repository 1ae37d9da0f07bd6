package app.dantro.core.schools;

import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.starting.StartingRules;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SchoolTableTest {
    private static final Current CLAMP_40 = Current.of(40, Current.How.CLAMP);

    @Test
    void aSumThatFailsIsSaidThoughEachSidePassesASchool() {
        List<Row> rows = rows(
                "truck-24v",
                of("bplus", "post-plus", Condition.RAISED_LOADED, "1.06", CLAMP_40),
                of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.08", CLAMP_40));
        Row sum = rows.get(rows.size() - 1);
        assertThat(sum.shown()).isEqualTo("1.14 V");
        assertThat(verdicts(sum)).containsEntry("Total with pile", SchoolVerdict.FAILS);
        assertThat(Reason.words(sum.parting()))
                .isEqualTo(
                        "Each side passes some school, the sum fails: 1.14 V is lost on the way, 1.00 V is allowed.");

        Row supply = rows.get(0);
        assertThat(verdicts(supply))
                .containsEntry("Examination", SchoolVerdict.PASSES)
                .containsEntry("Half and two tenths", SchoolVerdict.MARGINAL)
                .containsEntry("Two tenths both", SchoolVerdict.FAILS);
        assertThat(supply.own()).map(Ruling::verdict).contains(SchoolVerdict.FAILS);
        assertThat(supply.carried()).map(Reason::kind).contains(SchoolReason.CARRIED_OVER);
        assertThat(Reason.words(supply.parting()))
                .startsWith("They part. 1.06 V at 40 A is 26.5 mΩ; at the alternator's ");
    }

    @Test
    void aDropUnderTheWindowAsksWhetherAnythingWasLoaded() {
        List<Row> rows =
                rows("petrol-car", of("bplus", "post-plus", Condition.RAISED_LOADED, "0.012", Current.unknown()));
        assertThat(verdicts(rows.get(0))).containsEntry("Window", SchoolVerdict.SILENT);
        assertThat(rows.get(0).own()).isEmpty();
    }

    @Test
    void theTemperatureSetsTheCrankingMarkAndTheBaseTheLoadedOne() {
        List<Row> rows = rows(
                "petrol-car",
                of("post-plus", "post-minus", Condition.REST, "12.60", Current.unknown()),
                of("post-plus", "post-minus", Condition.CRANKING, "9.34", Current.of(170, Current.How.CLAMP)),
                of("post-plus", "post-minus", Condition.RAISED_LOADED, "13.25", CLAMP_40));
        assertThat(rows)
                .extracting(row -> row.what().kind())
                .containsExactly(SchoolReason.BASE_VOLTAGE, SchoolReason.CRANKING_VOLTAGE, SchoolReason.LOADED_VOLTAGE);
        assertThat(verdicts(rows.get(1)))
                .containsEntry("9.6 for all", SchoolVerdict.FAILS)
                .containsEntry("By temperature", SchoolVerdict.PASSES);
        assertThat(verdicts(rows.get(2)))
                .containsEntry("13.0 or more", SchoolVerdict.PASSES)
                .containsEntry("13.4 or more", SchoolVerdict.FAILS)
                .containsEntry("13.5 to 14.7", SchoolVerdict.FAILS)
                .containsEntry("Base and a half volt", SchoolVerdict.PASSES);
    }

    /** 0.20 V at 80 A and 0.05 V at 40 A: the second would be 0.10 V at 80 A, 0.30 V together. */
    @Test
    void dropsReadAtDifferentCurrentsAreAddedAtOne() {
        List<Row> rows = rows(
                "petrol-car",
                of("bplus", "post-plus", Condition.RAISED_LOADED, "0.20", Current.of(80, Current.How.CLAMP)),
                of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.05", CLAMP_40));
        Row sum = rows.get(rows.size() - 1);
        assertThat(sum.what().kind()).isEqualTo(SchoolReason.CHARGING_BOTH);
        assertThat(Reason.words(sum.parting()))
                .contains("80 A and 40 A")
                .contains("at 80 A both together would be 0.30 V");
    }

    private static Map<String, SchoolVerdict> verdicts(Row row) {
        return row.rulings().stream().collect(Collectors.toMap(Ruling::school, Ruling::verdict));
    }

    private static List<Row> rows(String circuit, Reading... readings) {
        Circuit of = ReadyMadeCircuits.named(circuit).orElseThrow();
        CaseRecord evidence = CaseRecord.of(
                of, -5, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of());
        return SchoolTable.of(StartingRules.of(evidence), OwnSets.none()).rows();
    }
}
