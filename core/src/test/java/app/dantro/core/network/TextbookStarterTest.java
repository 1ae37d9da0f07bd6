package app.dantro.core.network;

import static app.dantro.core.network.Vehicles.added;
import static app.dantro.core.network.Vehicles.amps;
import static app.dantro.core.network.Vehicles.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Starter.Motor;
import org.junit.jupiter.api.Test;

/** The starter against its own equations. */
class TextbookStarterTest extends Textbook {
    private static final PartId STARTER = PartId.of("starter");

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
}
