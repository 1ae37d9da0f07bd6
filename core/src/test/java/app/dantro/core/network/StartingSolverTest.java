package app.dantro.core.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ReadyMadeCircuits;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Starter.Motor;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StartingSolverTest {
    private static final PartId STRAP_END = PartId.of("strap-end-block");
    /** The solver leaves out the solenoid's coils, which the independent figures contain. */
    private static final double COILS = 0.06;
    /** The hold-in coil's 11 A through 6.2 mΩ of battery. */
    private static final double COIL_VOLTS = 0.07;

    private final SeriesLoop van = ReadyMadeCircuits.petrolBodyReturn();

    @ParameterizedTest
    @CsvSource({
        // added mΩ, battery V, A, rpm: docs/physics.md, reference table of the car, from a circuit simulator
        "5, 11.53, 154, 188",
        "20, 11.62, 134, 152",
        "0.44, 11.50, 162, 203"
    })
    void agreesWithTheReferenceTableOnAddedCableResistance(double milliohms, double volts, double amps, double rpm) {
        // the reference car's loop has 1.99 mΩ, the van's 2.43; beyond 20 mΩ the coils left out here matter more
        OperatingPoint point = cranking(milliohms * 1e-3 - 0.44e-3);
        assertThat(posts(point)).isCloseTo(volts, within(COIL_VOLTS));
        assertThat(point.starterAmps()).isCloseTo(amps, within(COILS * amps));
        assertThat(point.rpm()).isCloseTo(rpm, within(0.06 * rpm + 3));
    }

    @Test
    void motorAndLoopEquationsHoldForRandomFaults() {
        Random random = new Random(20261123);
        Motor motor = van.starter().motor();
        for (int i = 0; i < 200; i++) {
            Part bad = van.parts().get(random.nextInt(van.parts().size()));
            VehicleState state =
                    new VehicleState(0.5 + 0.5 * random.nextDouble(), 20, Map.of(bad.id(), random.nextDouble() * 0.05));
            OperatingPoint point = new StartingSolver(van, state).cranking();
            double motorVolts = point.between(PointId.of("motor-stud"), PointId.of("starter-case"));
            double omega = point.radiansPerSecond();
            double amps = point.starterAmps();
            assertThat(motorVolts).isCloseTo(motor.voltSecondsPerRadian() * omega + amps * motor.ohms(), within(1e-9));
            if (omega > 0) {
                assertThat(motor.voltSecondsPerRadian() * amps)
                        .isCloseTo(motor.dragNewtonMetres() + motor.dragNewtonMetreSeconds() * omega, within(1e-9));
            }
            assertThat(point.between(bad.from(), bad.to()))
                    .isCloseTo(
                            amps
                                    * (bad.resistance().healthyAt(20).nominalOhms()
                                            + state.addedOhms().get(bad.id())),
                            within(1e-12));
        }
    }

    @Test
    void addedResistanceRaisesTheBatteryAndSlowsTheEngine() {
        OperatingPoint healthy = cranking(0);
        OperatingPoint poor = cranking(0.02);
        assertThat(posts(poor)).isGreaterThan(posts(healthy));
        assertThat(poor.starterAmps()).isLessThan(healthy.starterAmps());
        assertThat(poor.rpm()).isLessThan(0.8 * healthy.rpm());
    }

    @Test
    void stallsContinuouslyWhenTheTorqueNoLongerSuffices() {
        OperatingPoint stalled = cranking(0.2);
        assertThat(stalled.radiansPerSecond()).isZero();
        double before = cranking(0.122).starterAmps();
        double after = cranking(0.126).starterAmps();
        assertThat(before - after).isBetween(0.0, 5.0);
    }

    @Test
    void anOpenPathCarriesTheBatterysVolts() {
        OperatingPoint open = cranking(1e6);
        assertThat(open.between(PointId.of("block"), PointId.of("strap-engine")))
                .isCloseTo(posts(open), within(0.001));
    }

    @Test
    void nothingIsLostAtRestWhateverTheResistance() {
        OperatingPoint rest = new StartingSolver(van, VehicleState.healthy().with(STRAP_END, 10)).rest();
        assertThat(rest.between(PointId.of("block"), PointId.of("post-minus"))).isZero();
        assertThat(posts(rest)).isCloseTo(11.80 + 0.92 * 0.85, within(1e-12));
    }

    @Test
    void aBaseVoltageTellsTheChargeItCameFrom() {
        double volts = BatteryModel.openCircuitVolts(0.7, -5);
        assertThat(volts).isCloseTo(12.414, within(1e-9));
        assertThat(BatteryModel.stateOfCharge(volts, -5)).isCloseTo(0.7, within(1e-12));
        assertThat(BatteryModel.stateOfCharge(14, 20)).isEqualTo(1);
    }

    @Test
    void refusesAnImpossibleState() {
        assertThatThrownBy(() -> new VehicleState(1.2, 20, Map.of())).hasMessageContaining("1.2");
        assertThatThrownBy(() -> VehicleState.healthy().with(STRAP_END, Double.NaN))
                .hasMessageContaining("strap-end-block");
    }

    private OperatingPoint cranking(double addedOhms) {
        return new StartingSolver(van, VehicleState.healthy().with(STRAP_END, addedOhms)).cranking();
    }

    private static double posts(OperatingPoint point) {
        return point.between(PointId.of("post-plus"), PointId.of("post-minus"));
    }
}
