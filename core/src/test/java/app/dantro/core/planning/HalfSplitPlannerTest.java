package app.dantro.core.planning;

import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.finding.Findings;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.starting.StartingRules;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class HalfSplitPlannerTest {
    private final HalfSplitPlanner planner = new HalfSplitPlanner();

    @Test
    void proposesNothingWhileNothingFails() {
        assertThat(planner.next(find(cranking("starter-case", "post-minus", "0.18", 155))))
                .isEmpty();
    }

    @Test
    void splitsAFailingSideNearItsMiddleAndKeepsALeadInPlace() {
        ProbePlan plan = planner.next(find(cranking("starter-case", "post-minus", "2.75", 131)))
                .orElseThrow();
        assertThat(plan.red().value()).isEqualTo("body");
        assertThat(plan.black().value()).isEqualTo("post-minus");
        assertThat(plan.faultyVolts()).isBetween(1.0, 2.0);
        assertThat(plan.why()).contains("8 suspects").contains("one lead stays");
    }

    @Test
    void prefersTheEasyPointWhenTwoSplitsAreAlike() {
        Findings found = find(
                cranking("post-plus", "motor-stud", "2.7", 131), cranking("battery-stud", "motor-stud", "0.066", 131));
        ProbePlan plan = planner.next(found).orElseThrow();
        assertThat(List.of(plan.red().value(), plan.black().value())).doesNotContain("cable-end-starter");
    }

    @Test
    void confirmsTheLastSuspectAcrossJustThatPart() {
        ProbePlan plan = planner.next(find(
                        cranking("starter-case", "post-minus", "2.75", 131),
                        cranking("starter-case", "block", "0.013", 131),
                        cranking("strap-engine", "post-minus", "0.125", 131)))
                .orElseThrow();
        assertThat(plan.red().value()).isEqualTo("block");
        assertThat(plan.black().value()).isEqualTo("strap-engine");
        assertThat(plan.title()).isEqualTo("Across the strap end on the block");
    }

    private static Findings find(Reading... readings) {
        return StartingRules.of(CaseRecord.of(
                ReadyMadeCircuits.petrolBodyReturn(),
                20,
                Stream.of(readings).map(RecordedReading::of).toList(),
                List.of(),
                List.of()));
    }
}
