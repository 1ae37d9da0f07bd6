package app.dantro.server.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.Fault;
import app.dantro.core.network.Limit;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each complaint of the demo must follow from its hidden fault by the program's own physics. */
class DemoVehicleTest {
    private static final double GASSING_VOLTS = 15.0;
    private static final double BASE_PLUS = 0.5;

    @Test
    void theVanCranksSlowlyAndAsItShouldWithoutItsFault() {
        OperatingPoint faulty = solved(DemoVehicle.TAMBLIN, Condition.CRANKING);
        OperatingPoint healthy = healthy(DemoVehicle.TAMBLIN, Condition.CRANKING);
        assertThat(faulty.rpm()).isBetween(100.0, 0.8 * healthy.rpm());
        assertThat(between(faulty, "block", "strap-engine")).isGreaterThan(2);
    }

    @Test
    void thePickupClicksOnceAndDoesNotTurn() {
        OperatingPoint faulty = solved(DemoVehicle.HOBBING, Condition.CRANKING);
        assertThat(faulty.limits()).containsExactly(Limit.STALLED);
        assertThat(posts(DemoVehicle.HOBBING, faulty)).isGreaterThan(12);
        assertThat(between(faulty, "cable-end-starter", "battery-stud")).isGreaterThan(8);
    }

    @Test
    void repairedThePickupTurnsWithItsSecondBatteryIdle() {
        Fault second = DemoVehicle.HOBBING.faults.get(1);
        OperatingPoint point = solve(DemoVehicle.HOBBING, List.of(second), Condition.CRANKING);
        assertThat(point.rpm()).isGreaterThan(120);
        assertThat(point.amps(PartId.of("battery-b"))).isLessThan(0.1 * point.amps(PartId.of("battery-a")));
    }

    @Test
    void theTruckUnderchargesAndFailsTheSumButNotTheWidestSchool() {
        OperatingPoint faulty = solved(DemoVehicle.ORRERY, Condition.RAISED_LOADED);
        double supply = between(faulty, "bplus", "post-plus");
        double returns = between(faulty, "post-minus", "alternator-case");
        assertThat(supply + returns).isGreaterThan(1.0);
        assertThat(supply).isLessThan(1.4);
        assertThat(posts(DemoVehicle.ORRERY, faulty)).isLessThan(2 * 13.5);
    }

    @Test
    void theQuadDoesNotGainInADay() {
        double base = posts(DemoVehicle.PIPKIN, solved(DemoVehicle.PIPKIN, Condition.REST));
        OperatingPoint faulty = solved(DemoVehicle.PIPKIN, Condition.RAISED_LOADED);
        assertThat(posts(DemoVehicle.PIPKIN, faulty)).isLessThan(base + BASE_PLUS);
        assertThat(posts(DemoVehicle.PIPKIN, healthy(DemoVehicle.PIPKIN, Condition.RAISED_LOADED)))
                .isGreaterThan(base + BASE_PLUS);
    }

    @Test
    void theLoaderMakesNothingThoughEverythingItNeedsIsThere() {
        OperatingPoint faulty = solved(DemoVehicle.MARROW, Condition.RAISED_LOADED);
        assertThat(faulty.amps(PartId.of("alternator"))).isZero();
        assertThat(posts(DemoVehicle.MARROW, faulty)).isLessThan(12.7);
        OperatingPoint keyOn = solved(DemoVehicle.MARROW, Condition.KEY_ON);
        assertThat(between(keyOn, "bplus", "alternator-case"))
                .isCloseTo(posts(DemoVehicle.MARROW, keyOn), within(0.05));
    }

    @Test
    void theEstateOverchargesAtEveryLoad() {
        for (Condition condition : List.of(Condition.RAISED, Condition.RAISED_LOADED)) {
            assertThat(posts(DemoVehicle.ELLERWICK, solved(DemoVehicle.ELLERWICK, condition)))
                    .isGreaterThan(GASSING_VOLTS);
            assertThat(posts(DemoVehicle.ELLERWICK, healthy(DemoVehicle.ELLERWICK, condition)))
                    .isLessThan(14.7);
        }
    }

    private static Circuit circuit(DemoVehicle vehicle) {
        return ReadyMadeCircuits.named(vehicle.circuit).orElseThrow();
    }

    private static OperatingPoint solved(DemoVehicle vehicle, Condition condition) {
        return solve(vehicle, vehicle.faults, condition);
    }

    private static OperatingPoint healthy(DemoVehicle vehicle, Condition condition) {
        return solve(vehicle, List.of(), condition);
    }

    private static OperatingPoint solve(DemoVehicle vehicle, List<Fault> faults, Condition condition) {
        VehicleState state = new VehicleState(20, 0.87, false, faults);
        return new NetworkSolver(circuit(vehicle)).solve(condition, state).orThrow();
    }

    private static double posts(DemoVehicle vehicle, OperatingPoint point) {
        return point.between(circuit(vehicle).plusPost(), circuit(vehicle).minusPost());
    }

    private static double between(OperatingPoint point, String red, String black) {
        return point.between(PointId.of(red), PointId.of(black));
    }
}
