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
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The running source in the table of limits: windows by strategy, idle, and what is said in words (docs/everyday.md, regulated voltage). */
class StrategyWindowTest {
    @ParameterizedTest
    @CsvSource({
        "petrol-car, CLASSIC, 20, RAISED 14.6, Classic, PASSES",
        "petrol-car, CLASSIC, 20, RAISED 15.5, Classic, FAILS",
        "petrol-car, CLASSIC, -20, RAISED 14.9, 'Classic, in frost', PASSES",
        "petrol-car, CLASSIC, 40, RAISED 14.2, 'Classic, hot', PASSES",
        "petrol-car, CALCIUM, 20, RAISED 14.9, For calcium batteries, PASSES",
        "petrol-car, CALCIUM, 20, IDLE 13.4, For calcium batteries, FAILS",
        "petrol-car, SMART, 20, RAISED 12.3, Smart charging, PASSES",
        "petrol-car, , 20, RAISED 15.7, Strategy not entered, SILENT",
        "petrol-car, , 20, RAISED 14.4, Strategy not entered, PASSES",
        "truck-24v, CLASSIC, 20, RAISED 28.4, Classic, PASSES",
        "motorcycle, , 20, IDLE 12.6, Motorcycle at idle, PASSES",
        "motorcycle, , 20, RAISED 12.9, Motorcycle at speed, FAILS"
    })
    void whatASystemHoldsGoesByItsStrategyAndTheCold(
            String circuit, String strategy, double celsius, String read, String name, SchoolVerdict is) {
        String[] parts = read.split(" ");
        List<Row> rows = rows(circuit, celsius, strategy, null, Condition.valueOf(parts[0]), parts[1]);
        assertThat(rows.get(0).rulings())
                .filteredOn(r -> r.school().equals(name))
                .extracting(Ruling::verdict)
                .containsExactly(is);
    }

    @Test
    void underItsBaseItIsDischargingInWords() {
        List<Row> rows = rows("petrol-car", 20, null, null, Condition.IDLE_LOADED, "12.35", "12.75");
        Row idle = rows.get(rows.size() - 1);
        assertThat(idle.what().kind()).isEqualTo(SchoolReason.IDLE_LOADED_VOLTAGE);
        assertThat(idle.rulings()).extracting(Ruling::verdict).containsExactly(SchoolVerdict.PASSES);
        assertThat(Reason.words(idle.parting())).contains("Under its base of 12.75 V: it is discharging");
    }

    @Test
    void aFloodedBatteryInACalciumSystemIsWarnedAbout() {
        assertThat(Reason.words(rows("petrol-car", 20, "CALCIUM", "FLOODED", Condition.RAISED, "14.8")
                        .get(0)
                        .parting()))
                .contains("boils dry");
        assertThat(Reason.words(rows("petrol-car", 20, "CALCIUM", "CALCIUM", Condition.RAISED, "14.8")
                        .get(0)
                        .parting()))
                .doesNotContain("boils dry");
    }

    private static List<Row> rows(
            String name, double celsius, String strategy, String chemistry, Condition condition, String... volts) {
        Circuit circuit = ReadyMadeCircuits.named(name).orElseThrow();
        List<RecordedReading> readings = new ArrayList<>();
        if (volts.length > 1) {
            readings.add(RecordedReading.of(posts(circuit, Condition.REST, volts[1])));
        }
        readings.add(RecordedReading.of(posts(circuit, condition, volts[0])));
        List<Statement> said = new ArrayList<>();
        if (strategy != null) {
            said.add(new Statement(new UUID(1, 1), Topic.STRATEGY, strategy, "", 1));
        }
        if (chemistry != null) {
            said.add(new Statement(new UUID(1, 2), Topic.CHEMISTRY, chemistry, "", 1));
        }
        CaseRecord record =
                CaseRecord.of(circuit, celsius, readings, List.of(), List.of()).with(Statements.of(said));
        return SchoolTable.of(StartingRules.of(record), OwnSets.none()).rows();
    }

    private static Reading posts(Circuit circuit, Condition condition, String volts) {
        return of(circuit.plusPost().value(), circuit.minusPost().value(), condition, volts, Current.unknown());
    }
}
