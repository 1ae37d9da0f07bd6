package app.dantro.core.network;

import static app.dantro.core.network.Vehicles.added;
import static app.dantro.core.network.Vehicles.amps;
import static app.dantro.core.network.Vehicles.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import org.junit.jupiter.api.Test;

/** Charging against closed forms and the figures of the textbook. */
class TextbookChargingTest extends Textbook {
    private static final PartId ALTERNATOR = PartId.of("alternator");

    @Test
    void supplySideDropIsCompensatedUntilTheCurrentLimit() {
        Vehicles differential = new Vehicles(ReadyMadeCircuits.reference("reference-car", Sensing.DIFFERENTIAL));
        double good = differential.posts(differential.in(Condition.RAISED_LOADED));
        OperatingPoint poor = differential.in(Condition.RAISED_LOADED, added("charge-cable", 0.05));
        assertThat(differential.posts(poor)).isCloseTo(good, within(0.01));
        assertThat(between(poor, "bplus", "alternator-case")).isGreaterThan(good + 3);
        OperatingPoint weak = differential.in(
                Condition.RAISED_LOADED, added("charge-cable", 0.05), new Fault.BeltSlip(ALTERNATOR, 0.5));
        assertThat(weak.limits()).contains(Limit.ALTERNATOR_AT_LIMIT);
        assertThat(differential.posts(weak)).isLessThan(13);
    }

    @Test
    void theBatteryFollowsTheSetpointByTheRuleOfTheSensedDrops() {
        for (Sensing sensing : Sensing.values()) {
            Circuit reference = ReadyMadeCircuits.reference("reference-car", sensing);
            var alternator = reference.alternator().orElseThrow();
            OperatingPoint point =
                    new Vehicles(reference).in(Condition.RAISED_LOADED, added("alternator-mount", 0.003));
            double expected = alternator.regulation().setpointVolts()
                    - point.amps(ALTERNATOR) / alternator.regulation().siemens()
                    - point.between(alternator.sense().plus(), reference.plusPost())
                    - point.between(reference.minusPost(), alternator.sense().minus());
            assertThat(point.between(reference.plusPost(), reference.minusPost()))
                    .isCloseTo(expected, within(1e-9));
        }
    }

    @Test
    void aLostFieldOrABeltThatSlipsLeavesLessThanBasePlusHalfAVolt() {
        double base = car.posts(car.in(Condition.REST));
        assertThat(car.posts(car.in(Condition.RAISED_LOADED))).isGreaterThan(base + 0.5);
        assertThat(car.posts(car.in(Condition.RAISED_LOADED, new Fault.NoOutput(ALTERNATOR))))
                .isLessThan(base);
        assertThat(car.posts(car.in(Condition.RAISED_LOADED, new Fault.BeltSlip(ALTERNATOR, 0.25))))
                .isLessThan(base + 0.5);
        OperatingPoint lost = car.in(Condition.RAISED_LOADED, new Fault.LostPhase(ALTERNATOR, 0.6));
        assertThat(lost.rippleVolts()).isGreaterThan(0.4);
        assertThat(car.in(Condition.IDLE).rippleVolts()).isLessThan(0.1);
    }

    @Test
    void aRegulatorThatDrivesTheFieldAllTheTimeEndsAtTheOverVoltageDiodes() {
        OperatingPoint high = car.in(Condition.RAISED, new Fault.FullField(ALTERNATOR));
        assertThat(car.posts(high)).isGreaterThan(16);
        Vehicles remote = new Vehicles(ReadyMadeCircuits.reference("reference-car", Sensing.REMOTE));
        OperatingPoint open = remote.in(Condition.RAISED_LOADED, new Fault.Open(PartId.of("charge-fuse")));
        assertThat(open.limits()).contains(Limit.OVER_VOLTAGE_CLAMP);
        assertThat(between(open, "bplus", "alternator-case")).isBetween(24.0, 27.0);
    }

    @Test
    void glowPlugsPullTheVoltageDown() {
        NetworkSolver solver =
                new NetworkSolver(ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow());
        OperatingPoint off =
                solver.solve(Condition.KEY_ON, VehicleState.healthy()).orThrow();
        OperatingPoint glowing = solver.solve(
                        Condition.KEY_ON, VehicleState.healthy().whileGlowing())
                .orThrow();
        double fall = between(off, "post-plus", "post-minus") - between(glowing, "post-plus", "post-minus");
        assertThat(fall).isBetween(0.1, 0.25);
        assertThat(amps(glowing, "glow-plugs")).isGreaterThan(50);
    }

    @Test
    void theSetpointFallsWithTheHeat() {
        NetworkSolver solver = new NetworkSolver(circuit);
        double mild = car.posts(
                solver.solve(Condition.RAISED, VehicleState.healthyAt(22)).orThrow());
        double hot = car.posts(
                solver.solve(Condition.RAISED, VehicleState.healthyAt(45)).orThrow());
        assertThat(mild - hot).isBetween(0.17, 0.22);
    }
}
