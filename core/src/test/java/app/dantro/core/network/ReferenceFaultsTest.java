package app.dantro.core.network;

import static app.dantro.core.network.Vehicles.added;
import static app.dantro.core.network.Vehicles.amps;
import static app.dantro.core.network.Vehicles.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a fault changes, in which direction. */
class ReferenceFaultsTest extends Reference {
    private static final PartId BATTERY = PartId.of("battery");

    @ParameterizedTest
    @CsvSource({"5, 11.53, 154, 188", "20, 11.62, 134, 152", "60, 11.76, 100, 89"})
    void resistanceInTheCableRaisesTheBatteryAndLowersTheCurrent(
            double milliohms, double volts, double cableAmps, double rpm) {
        OperatingPoint point = car.in(Condition.CRANKING, added("starter-cable", milliohms * 1e-3));
        close(car.posts(point), volts);
        close(amps(point, "starter-cable"), cableAmps);
        close(point.rpm(), rpm);
    }

    @ParameterizedTest
    @CsvSource({"16, 9.90, 150", "24, 8.84, 141", "36, 7.44, 131"})
    void aWeakBatteryLowersVoltsAndSlightlyTheCurrentWhileTurning(double milliohms, double volts, double cableAmps) {
        OperatingPoint point = car.in(Condition.CRANKING, new Fault.WeakBattery(BATTERY, milliohms / 6));
        close(car.posts(point), volts);
        close(amps(point, "starter-cable"), cableAmps);
        assertThat(point.rpm()).isPositive();
    }

    @Test
    void aFlatBatteryAndADeadCellPullTheVoltsDown() {
        close(car.posts(car.in(Condition.CRANKING, new Fault.FlatBattery(BATTERY, 0.05))), 9.79);
        close(car.posts(car.in(Condition.CRANKING, new Fault.DeadCell(BATTERY))), 9.33);
    }

    @ParameterizedTest
    @CsvSource({"1.8, 11.06, 236", "2.6, 10.72, 292", "30, 9.07, 570"})
    void dragRaisesTheCurrent(double factor, double volts, double cableAmps) {
        OperatingPoint point = car.in(Condition.CRANKING, new Fault.Drag(STARTER, factor));
        close(car.posts(point), volts);
        close(amps(point, "starter-cable"), cableAmps);
    }

    @ParameterizedTest
    @CsvSource({"1, 147", "6, 100"})
    void wornBrushesLowerTheCurrent(double addedShare, double cableAmps) {
        close(amps(car.in(Condition.CRANKING, new Fault.WornBrushes(STARTER, addedShare)), "starter-cable"), cableAmps);
    }

    @ParameterizedTest
    @CsvSource({"0.2, 5.9, 29", "1, 10.2, 10", "1e6, 12.6, 0"})
    void overABadPostTheSolenoidDoesNotEngage(double ohms, double acrossJoint, double jointAmps) {
        OperatingPoint point = car.in(Condition.CRANKING, added("post-joint-plus", ohms));
        assertThat(point.limits()).containsExactly(Limit.NOT_ENGAGED);
        assertThat(between(point, "post-plus", "clamp-plus")).isCloseTo(acrossJoint, within(0.05));
        assertThat(amps(point, "post-joint-plus")).isCloseTo(jointAmps, within(0.5));
        assertThat(between(point, "post-plus", "motor-stud")).isBetween(12.1, 12.6);
    }
}
