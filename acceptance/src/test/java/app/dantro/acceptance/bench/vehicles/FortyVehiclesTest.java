package app.dantro.acceptance.bench.vehicles;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * A safety net: forty vehicles of the ready-made circuits with hidden faults, the adviser fed directly. No good part is
 * called; how many faults are found has no bar since docs/decisions/0018, and docs/judgement.md says how far it fell.
 */
class FortyVehiclesTest {
    private static final int VEHICLES = 40;
    private static final int FEW = 5;

    @Tag("long")
    @Test
    void noGoodPartIsCondemned() throws Exception {
        Tally tally = new DiagnosisBench(World.BASE, Job.Tools.SPEED, List.of(new PlannerStrategy()), 5)
                .run(VEHICLES, 2)
                .get(0);
        assertThat(tally.lines()).hasSize(VEHICLES);
        assertThat(tally.where(Tally.Line::goodPart).lines()).isEmpty();
        assertThat(tally.mean(Tally.Line::readings)).isLessThan(8);
    }

    @Test
    void aVehicleIsTheSameEveryTimeItIsDrawn() throws Exception {
        List<Strategy> ladder = List.of(new LadderStrategy(false), new LadderStrategy(true));
        List<Tally> once = new DiagnosisBench(World.SLIPS, Job.Tools.METER, ladder, 9).run(FEW, 2);
        List<Tally> again = new DiagnosisBench(World.SLIPS, Job.Tools.METER, ladder, 9).run(FEW, 1);
        assertThat(again.get(0).lines())
                .containsExactlyInAnyOrderElementsOf(once.get(0).lines());
        assertThat(again.get(1).lines())
                .containsExactlyInAnyOrderElementsOf(once.get(1).lines());
    }
}
