package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A shop's own repairs beside the written odds: a Dirichlet distribution, whose mean is a closed form. */
class LearnedPriorsTest {
    private static final PreparedCircuit CAR =
            PreparedCircuit.of(ReadyMadeCircuits.named("petrol-car").orElseThrow(), 20);
    private static final PartId JOINT = PartId.of("ground-joint-block");
    private static final PartId STRAP = PartId.of("engine-strap");

    /** The written odds count like 25 cases, and no more than 50 of the shop's own do. */
    @ParameterizedTest
    @CsvSource({"0, 0, 0", "10, 0, 10", "10, 5, 15", "1000, 0, 50", "300, 100, 50"})
    void theShareOfAPartIsTheMeanOfTheCountsAndWhatIsWritten(int joints, int straps, double counted) {
        Posterior written = before(Experience.none());
        Posterior learned = before(new Experience(Map.of(JOINT, joints, STRAP, straps), Map.of()));
        double share = written.probability(JOINT) / (1 - written.healthy());
        double own = joints + straps == 0 ? 0 : counted * joints / (joints + straps);
        assertThat(learned.probability(JOINT) / (1 - learned.healthy()))
                .isEqualTo((25 * share + own) / (25 + counted), within(1e-9));
        assertThat(learned.healthy()).isEqualTo(written.healthy(), within(1e-9));
        assertThat(learned.asWritten(JOINT).isPresent()).isTrue();
        assertThat(learned.asWritten(JOINT).getAsDouble()).isEqualTo(written.probability(JOINT), within(1e-9));
    }

    @Test
    void repairsOnOtherSortsOfVehiclesSayAQuarter() {
        Posterior others = before(new Experience(Map.of(), Map.of(JOINT, 40)));
        Posterior alike = before(new Experience(Map.of(JOINT, 10), Map.of()));
        assertThat(others.probability(JOINT)).isEqualTo(alike.probability(JOINT), within(1e-12));
        Experience both = new Experience(Map.of(JOINT, 2), Map.of(JOINT, 40, STRAP, 1));
        assertThat(both.repairs(JOINT)).isEqualTo(42);
        assertThat(both.repairs()).isEqualTo(43);
    }

    @Test
    void whatIsNotInTheCircuitAndAPreventiveCheckAndARepairedVehicleGoByWhatIsWritten() {
        Experience experience = new Experience(Map.of(JOINT, 30), Map.of());
        assertThat(before(new Experience(Map.of(PartId.of("series-link"), 30), Map.of()))
                        .probability(JOINT))
                .isEqualTo(before(Experience.none()).probability(JOINT), within(1e-12));
        for (Complaint about : List.of(Complaint.NONE, Complaint.UNKNOWN)) {
            assertThat(posterior(about, false, experience).probability(JOINT))
                    .isEqualTo(posterior(about, false, Experience.none()).probability(JOINT));
        }
        assertThat(posterior(Complaint.STARTING, true, experience).asWritten(JOINT))
                .isEmpty();
    }

    @Test
    void aCaseIsToldWhatWasRepairedAfterItsComplaintOnItsSortAndOnOthers() {
        ShopRepairs repairs = new ShopRepairs(List.of(
                new ShopRepairs.Counted(VehicleSort.CAR, Loop.STARTING, JOINT, 3),
                new ShopRepairs.Counted(VehicleSort.TRUCK, Loop.STARTING, JOINT, 2),
                new ShopRepairs.Counted(VehicleSort.DIESEL, Loop.STARTING, JOINT, 1),
                new ShopRepairs.Counted(VehicleSort.CAR, Loop.CHARGING, STRAP, 4)));
        assertThat(repairs.of(VehicleSort.CAR, Loop.STARTING))
                .isEqualTo(new Experience(Map.of(JOINT, 3), Map.of(JOINT, 3)));
    }

    private static Posterior before(Experience experience) {
        return posterior(Complaint.STARTING, false, experience);
    }

    private static Posterior posterior(Complaint about, boolean repaired, Experience experience) {
        return Posterior.of(
                CAR, new Evidence(List.of(), about, Optional.empty(), repaired, false, Entered.nothing(), experience));
    }
}
