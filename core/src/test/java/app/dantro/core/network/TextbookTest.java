package app.dantro.core.network;

import static app.dantro.core.network.Vehicles.added;
import static app.dantro.core.network.Vehicles.amps;
import static app.dantro.core.network.Vehicles.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.circuit.Starter.Motor;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What every textbook of the trade says must come out of the equations (docs/job.md, docs/physics.md). */
class TextbookTest {
    private static final PartId STARTER = PartId.of("starter");
    private static final PartId BATTERY = PartId.of("battery");
    private static final PartId ALTERNATOR = PartId.of("alternator");

    private final Circuit circuit = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private final Vehicles car = new Vehicles(circuit);
    private final OperatingPoint healthy = car.in(Condition.CRANKING);

    @Test
    void theMotorsOwnEquationsHold() {
        Motor motor = circuit.starter().orElseThrow().motor();
        for (double ohms : new double[] {0, 0.005, 0.03, 0.09}) {
            OperatingPoint point = car.in(Condition.CRANKING, added("starter-cable", ohms));
            double amps = point.starterAmps();
            assertThat(between(point, "motor-stud", "starter-case"))
                    .isCloseTo(
                            motor.voltSecondsPerRadian() * point.radiansPerSecond() + amps * motor.ohms(),
                            within(1e-9));
            assertThat(motor.voltSecondsPerRadian() * amps)
                    .isCloseTo(
                            motor.dragNewtonMetres() + motor.dragNewtonMetreSeconds() * point.radiansPerSecond(),
                            within(1e-7));
        }
    }

    @Test
    void theStarterMatrixComesOut() {
        assertMatrix(added("starter-cable", 0.04), true, -1);
        assertMatrix(new Fault.WornBrushes(STARTER, 2), true, -1);
        assertMatrix(new Fault.Drag(STARTER, 1.8), true, 1);
        assertMatrix(new Fault.Drag(STARTER, 30), false, 1);
        assertMatrix(new Fault.WeakBattery(BATTERY, 4), false, 0);
        assertMatrix(new Fault.ShortedWinding(STARTER, 0.62), true, 1);
    }

    /** Volts held or not, and current low, about normal or high. */
    private void assertMatrix(Fault fault, boolean voltsHeld, int currentIs) {
        OperatingPoint point = car.in(Condition.CRANKING, fault);
        assertThat(car.posts(point) >= 9.6).as(fault.toString()).isEqualTo(voltsHeld);
        double share = point.starterAmps() / healthy.starterAmps();
        assertThat(share < 0.86 ? -1 : share > 1.2 ? 1 : 0).as(fault.toString()).isEqualTo(currentIs);
    }

    @Test
    void aWeakBatteryDrawsMoreAmpsOnlyTowardsStall() {
        OperatingPoint turning = car.in(Condition.CRANKING, new Fault.WeakBattery(BATTERY, 3));
        assertThat(turning.starterAmps()).isLessThan(healthy.starterAmps());
        OperatingPoint stalled =
                car.in(Condition.CRANKING, new Fault.WeakBattery(BATTERY, 3), new Fault.Drag(STARTER, 30));
        assertThat(stalled.limits()).containsExactly(Limit.STALLED);
        assertThat(stalled.starterAmps()).isGreaterThan(turning.starterAmps());
    }

    @Test
    void turningAndStalledMeetWithoutAStep() {
        double before = 0;
        for (double ohms = 0.10; ohms < 0.14; ohms += 0.0001) {
            double amps =
                    car.in(Condition.CRANKING, added("starter-cable", ohms)).starterAmps();
            assertThat(before == 0 ? 0 : before - amps).isBetween(0.0, 0.2);
            before = amps;
        }
    }

    @Test
    void batteryLoadedByNothingShowsItsOpenCircuitVoltage() {
        double volts = car.posts(car.in(Condition.REST));
        assertThat(volts).isBetween(12.582 - 0.001, 12.582);
        assertThat(car.posts(car.in(Condition.AFTER_SWITCH_OFF)) - volts).isBetween(0.2, 0.3);
    }

    @Test
    void nothingIsLostAtRestWhateverTheResistance() {
        OperatingPoint rest = car.in(Condition.REST, added("starter-cable", 10));
        assertThat(between(rest, "post-plus", "battery-stud")).isCloseTo(0, within(2e-4));
    }

    @Test
    void anOpenPathCarriesTheSourcesVolts() {
        OperatingPoint open = car.in(Condition.CRANKING, new Fault.Open(PartId.of("starter-cable")));
        // the closed contacts let the pull-in coil lift the far end by the motor's half volt
        assertThat(between(open, "cable-end-battery", "cable-end-starter")).isBetween(11.5, car.posts(open));
        assertThat(amps(open, "starter-cable")).isCloseTo(0, within(1e-4));
    }

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

    @ParameterizedTest
    @CsvSource({"21, 9.6", "16, 9.5", "10, 9.4", "4, 9.3", "-1, 9.1", "-7, 8.9", "-12, 8.7", "-18, 8.5"})
    void theColdCrankingTableComesOutAtTheSameCurrent(double celsius, double volts) {
        // a battery that just holds 9.6 V at 21 °C: how far it falls follows its resistance; the table bends, the law
        // does not
        double fall = BatteryModel.openCircuitVolts(0.85, 21) - 9.6;
        double cold = BatteryModel.openCircuitVolts(0.85, celsius)
                - fall * BatteryModel.ohmsFactor(0.85, celsius) / BatteryModel.ohmsFactor(0.85, 21);
        assertThat(cold).isCloseTo(volts, within(celsius > 20 || celsius < -15 ? 0.06 : 0.21));
    }

    @Test
    void cablesLoseMoreWhenTheyAreWarm() {
        double cold = circuit.part(PartId.of("starter-cable"))
                .orElseThrow()
                .resistance()
                .healthyAt(20)
                .nominalOhms();
        double warm = circuit.part(PartId.of("starter-cable"))
                .orElseThrow()
                .resistance()
                .healthyAt(70)
                .nominalOhms();
        assertThat(warm / cold).isCloseTo(1 + 0.00393 * 50, within(1e-12));
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

    @Test
    void statedValuesReplaceTheBatterysLaws() {
        Battery battery = circuit.batteries().get(0);
        assertThat(BatteryModel.source(battery, 0.7, -5).volts()).isCloseTo(12.414, within(1e-9));
        assertThat(BatteryModel.stateOfCharge(12.414, -5)).isCloseTo(0.7, within(1e-12));
        assertThat(BatteryModel.stateOfCharge(14, 20)).isEqualTo(1);
        // (0.035 + 0.20 · 0.85³) · 60 / 60 by hand
        assertThat(BatteryModel.chargeOhms(0.85, 60)).isCloseTo(0.157825, within(1e-9));
    }

    @Test
    void aSolenoidOverAWeakSupplyChattersOrDoesNothing() {
        assertThat(car.in(Condition.CRANKING, new Fault.WeakBattery(BATTERY, 15))
                        .limits())
                .containsExactly(Limit.CHATTERS);
        assertThat(car.in(Condition.CRANKING, added("ignition-switch", 1)).limits())
                .containsExactly(Limit.NOT_ENGAGED);
        assertThat(car.in(Condition.CRANKING, new Fault.Open(PartId.of("interlock")))
                        .starterAmps())
                .isCloseTo(0, within(0.01));
    }

    @Test
    void aPileDrawsWhatItIsSetToUntilItIsScrewedTight() {
        assertThat(amps(car.in(Condition.PILE_ALTERNATOR), "pile-alternator")).isEqualTo(110);
        OperatingPoint weak = car.in(Condition.PILE_ALTERNATOR, added("charge-fuse", 0.2));
        assertThat(weak.limits()).containsExactly(Limit.PILE_AT_LIMIT);
        assertThat(amps(weak, "pile-alternator")).isLessThan(60);
    }

    @Test
    void aDrainShowsAtRest() {
        OperatingPoint rest = car.in(Condition.REST, new Fault.Drain(PartId.of("body-loads"), 0.8));
        assertThat(amps(rest, "battery") - amps(car.in(Condition.REST), "battery"))
                .isCloseTo(0.8, within(0.02));
    }

    @Test
    void aFaultThatDoesNotFitIsRefusedWithItsPart() {
        for (Fault wrong : List.of(
                new Fault.Drag(BATTERY, 2),
                new Fault.Open(PartId.of("moon")),
                added("starter", 1),
                new Fault.NoOutput(PartId.of("starter-cable")))) {
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> car.in(Condition.REST, wrong))
                    .hasMessageContaining("(" + wrong.part() + ")");
        }
    }
}
