package app.dantro.core.schools;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.Findings;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.schools.RunSheet.Sign;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** One vehicle's line among several. */
class RunSheetTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    private final List<RecordedReading> read = new ArrayList<>();
    private Statements said = Statements.none();

    private void read(String red, String black, Condition condition, String typed) {
        Current current = condition.running() ? Current.of(76, Current.How.CLAMP) : Current.unknown();
        read.add(RecordedReading.of(SampleReadings.of(red, black, condition, typed, current)));
    }

    private RunSheet sheet() {
        Findings findings = StartingRules.of(
                CaseRecord.of(CAR, 20, read, List.of(), List.of()).with(said));
        return RunSheet.of(findings, SchoolTable.of(findings, OwnSets.none())).orElseThrow();
    }

    private Sign sign(RunSheet.Test test) {
        return sheet().cells().stream()
                .filter(c -> c.test() == test)
                .findFirst()
                .orElseThrow()
                .sign();
    }

    private void healthy() {
        read("post-plus", "post-minus", Condition.REST, "12.65");
        read("post-plus", "post-minus", Condition.RAISED, "14.24");
        read("post-plus", "post-minus", Condition.RAISED_LOADED, "14.02");
        read("bplus", "alternator-case", Condition.RAISED_LOADED, "14.18");
        read("bplus", "post-plus", Condition.RAISED_LOADED, "0.136");
        read("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.030");
    }

    @Test
    void theTestsComeInTheirOrderAndTheRippleLast() {
        assertThat(sheet().due().orElseThrow().test()).isEqualTo(RunSheet.Test.BASE);
        healthy();
        assertThat(sheet().due().orElseThrow().test()).isEqualTo(RunSheet.Test.RIPPLE);
        said = Statements.of(List.of(new Statement(new UUID(5, 5), Topic.RIPPLE_LOADED, "0.03", "", 1)));
        assertThat(sheet().due()).isEmpty();
        assertThat(sheet().weight()).isZero();
    }

    @Test
    void theSourceStandsAtMostHalfAVoltOverThePosts() {
        read("bplus", "alternator-case", Condition.RAISED_LOADED, "14.60");
        assertThat(sign(RunSheet.Test.OWN)).isEqualTo(Sign.NEUTRAL);
        read("post-plus", "post-minus", Condition.RAISED_LOADED, "14.31");
        assertThat(sign(RunSheet.Test.OWN)).isEqualTo(Sign.GOOD);
        read("post-plus", "post-minus", Condition.RAISED_LOADED, "13.95");
        assertThat(sign(RunSheet.Test.OWN)).isEqualTo(Sign.BAD);
    }

    @Test
    void aDeadMachinePassesNothingByStandingNearThePosts() {
        read("post-plus", "post-minus", Condition.REST, "12.61");
        read("bplus", "alternator-case", Condition.RAISED_LOADED, "12.15");
        read("post-plus", "post-minus", Condition.RAISED_LOADED, "12.19");
        assertThat(sign(RunSheet.Test.OWN)).isEqualTo(Sign.NEUTRAL);
    }

    @Test
    void aReadingOfAnotherConditionFillsNoCell() {
        read("bplus", "post-plus", Condition.FULL_OUTPUT, "0.90");
        read("post-minus", "alternator-case", Condition.FULL_OUTPUT, "0.40");
        assertThat(sign(RunSheet.Test.SUPPLY_DROP)).isEqualTo(Sign.DUE);
        assertThat(sign(RunSheet.Test.RETURN_DROP)).isEqualTo(Sign.DUE);
        assertThat(sign(RunSheet.Test.SUM)).isEqualTo(Sign.DUE);
        healthy();
        assertThat(sign(RunSheet.Test.SUPPLY_DROP)).isEqualTo(Sign.GOOD);
    }

    @Test
    void aVehicleWithALostSupplySideStandsBeforeAHealthyOne() {
        healthy();
        int healthy = sheet().weight();
        read("bplus", "post-plus", Condition.RAISED_LOADED, "0.95");
        assertThat(sign(RunSheet.Test.SUPPLY_DROP)).isEqualTo(Sign.BAD);
        assertThat(sign(RunSheet.Test.SUM)).isEqualTo(Sign.BAD);
        assertThat(sign(RunSheet.Test.RETURN_DROP)).isEqualTo(Sign.GOOD);
        assertThat(sheet().weight()).isGreaterThan(healthy);
    }

    @Test
    void anUndercharge() {
        read("post-plus", "post-minus", Condition.RAISED, "12.3");
        assertThat(sign(RunSheet.Test.NO_LOADS)).isEqualTo(Sign.BAD);
        assertThat(sign(RunSheet.Test.LOADED)).isEqualTo(Sign.DUE);
    }
}
