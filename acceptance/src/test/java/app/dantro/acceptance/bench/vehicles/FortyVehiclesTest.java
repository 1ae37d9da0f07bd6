package app.dantro.acceptance.bench.vehicles;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * A safety net: forty vehicles of the ready-made circuits with faults of any size, hidden from the adviser alone. Half of the
 * faults lie inside what everyday vehicles show and are not to be named any more (docs/decisions/0018); how good the judgement
 * is on everyday vehicles, docs/judgement.md says.
 */
class FortyVehiclesTest {
    private static final int VEHICLES = 40;

    @Test
    void noGoodPartIsCondemned() throws Exception {
        Tally tally = new DiagnosisBench(World.BASE, Job.Tools.SPEED, List.of(new PlannerStrategy()), 5)
                .run(VEHICLES, 2)
                .get(0);
        assertThat(tally.lines()).hasSize(VEHICLES);
        assertThat(tally.where(Tally.Line::goodPart).lines()).isEmpty();
        assertThat(tally.share(Tally.Line::right)).isGreaterThanOrEqualTo(0.5);
        assertThat(tally.mean(Tally.Line::readings)).isLessThan(8);
    }

    @Test
    void aVehicleIsTheSameEveryTimeItIsDrawn() throws Exception {
        List<Strategy> ladder = List.of(new LadderStrategy(false), new LadderStrategy(true));
        List<Tally> once = new DiagnosisBench(World.SLIPS, Job.Tools.METER, ladder, 9).run(16, 2);
        List<Tally> again = new DiagnosisBench(World.SLIPS, Job.Tools.METER, ladder, 9).run(16, 1);
        assertThat(again.get(0).lines())
                .containsExactlyInAnyOrderElementsOf(once.get(0).lines());
        assertThat(again.get(1).lines())
                .containsExactlyInAnyOrderElementsOf(once.get(1).lines());
    }
}
