package app.dantro.core.world;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class EverydayWorldTest {
    private static final int VEHICLES = 120;

    private final EverydayWorld world = new EverydayWorld(3);

    @Test
    void theSameSeedDrawsTheSameVehicle() {
        EverydayVehicle one = world.vehicle(17);
        EverydayVehicle again = new EverydayWorld(3).vehicle(17);
        assertThat(again.ills()).isEqualTo(one.ills());
        assertThat(again.complaint()).isEqualTo(one.complaint());
        assertThat(posts(again)).isEqualTo(posts(one));
        assertThat(posts(new EverydayWorld(4).vehicle(17))).isNotEqualTo(posts(one));
    }

    @Test
    void aRepairPutsRightWhatWasWrongAndNothingElse() {
        EverydayVehicle bad = vehicles().stream()
                .filter(v -> v.ills().size() == 1 && v.speed() < 0.5)
                .findFirst()
                .orElseThrow();
        PartId part = bad.ills().get(0).fault().part();
        EverydayVehicle repaired = bad.repaired(part);
        assertThat(repaired.ills()).isEmpty();
        assertThat(repaired.speed()).isEqualTo(1);
        assertThat(repaired.circuit()).isEqualTo(bad.circuit());
        assertThat(bad.repaired(PartId.of("no-such-part")).speed()).isEqualTo(bad.speed());
    }

    @Test
    void aQuarterHaveWhatNoSteadyStateShowsAndNearlyHalfAreHealthy() {
        List<EverydayVehicle> all = vehicles();
        assertThat(all.stream().filter(EverydayVehicle::foreign).count()).isBetween(18L, 42L);
        assertThat(all.stream().filter(v -> v.ills().isEmpty()).count()).isBetween(40L, 68L);
    }

    @Test
    void aHealthyVehicleTurnsAndChargesAndAWiringFaultCostsWhatIsComplainedOf() {
        for (EverydayVehicle v : vehicles()) {
            if (v.ills().isEmpty()) {
                assertThat(v.speed()).as(v.id()).isEqualTo(1);
                assertThat(v.postOff(Condition.RAISED)).as(v.id()).isZero();
            }
        }
    }

    @Test
    void aStretchEndsWhereAProbeReachesOrSomethingBranchesOff() {
        for (EverydayVehicle v : vehicles()) {
            PartId any = v.circuit().parts().get(0).id();
            assertThat(v.stretch(any)).as(v.id()).contains(any).hasSizeLessThan(8);
        }
    }

    private List<EverydayVehicle> vehicles() {
        return IntStream.range(0, VEHICLES).mapToObj(world::vehicle).toList();
    }

    private static List<Double> posts(EverydayVehicle v) {
        return v.moments().stream()
                .map(m -> m.solved().between(v.circuit().plusPost(), v.circuit().minusPost()))
                .toList();
    }
}
