package app.dantro.core.standing;

import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Doubt;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.RecordedReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Where parts stand by rules and judgement together. */
class StandingsTest extends VanStandings {
    private static final PartId ALTERNATOR = PartId.of("alternator");

    @Test
    void aStruckReadingChangesNoResult() {
        Findings without = judged(rest, posts, whole);
        RecordedReading struck = new RecordedReading(across, Optional.empty(), Optional.empty(), true);
        List<RecordedReading> all = new ArrayList<>(
                Stream.of(rest, posts, whole).map(RecordedReading::of).toList());
        all.add(struck);
        Findings with = judged(evidence(all, List.of()));
        assertThat(with.parts()).isEqualTo(without.parts());
        assertThat(with.headline()).isEqualTo(without.headline());
    }

    @Test
    void aDeviceIsNeverFaultyByReadingsAloneAndSaysWhatHasToBeSeen() {
        Findings found = judged(
                rest,
                of("post-plus", "post-minus", Condition.RAISED, "12.53", Current.unknown()),
                of("bplus", "alternator-case", Condition.RAISED, "12.48", Current.unknown()),
                of("bplus", "post-plus", Condition.RAISED, "-0.0086", Current.unknown()),
                of("bplus", "alternator-case", Condition.RAISED_LOADED, "12.10", Current.unknown()));
        PartFinding alternator = found.of(ALTERNATOR);
        assertThat(alternator.suspicion().orElseThrow().probability()).isGreaterThan(0.95);
        assertThat(alternator.standing()).isEqualTo(Standing.SUSPECT);
        assertThat(alternator.by()).isEqualTo(StandingRule.CALLED_UNSEEN);
        assertThat(alternator.missing()).extracting(Reason::kind).containsExactly(Requirement.BELT, Requirement.PLUG);
    }

    @Test
    void aPartOffTheLoopIsClearedOnlyWhereItsCurrentWasMeasured() {
        Current clamp = Current.of(77, Current.How.CLAMP);
        Reading supply = of("bplus", "post-plus", Condition.RAISED_LOADED, "0.130", clamp);
        Reading returns = of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.0310", clamp);
        PartId cable = PartId.of("charge-cable");
        assertThat(judged(rest, supply, returns).of(cable).standing()).isEqualTo(Standing.CLEARED);
        Reading unmeasured = of("bplus", "post-plus", Condition.RAISED_LOADED, "0.130", Current.unknown());
        PartFinding open = judged(rest, unmeasured, returns).of(cable);
        assertThat(open.standing()).isEqualTo(Standing.NOT_PROVEN);
        assertThat(open.says()).startsWith("Not the cause by all readings, not certified");
        assertThat(judged(rest, posts).of(cable).standing()).isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void aSlipIsNamedWithWhatWouldFit() {
        Findings found = judged(
                rest,
                cranking("post-plus", "post-minus", "11.40", 170),
                cranking("post-plus", "battery-stud", "0.150", 170),
                cranking("battery-stud", "motor-stud", "0.085", 170),
                cranking("post-plus", "motor-stud", "2.35", 170));
        assertThat(found.doubts()).hasSize(1);
        Doubt doubt = found.doubts().get(0);
        assertThat(doubt.sentence()).contains("reads 2.35 V", "one decimal place too large", "Read it again");
        assertThat(Math.abs(doubt.residualSigmas())).isGreaterThan(10);
        assertThat(found.withStanding(Standing.FAULTY)).isEmpty();
    }
}
