package app.dantro.core.network;

import static app.dantro.core.network.Vehicles.added;
import static app.dantro.core.network.Vehicles.amps;
import static app.dantro.core.network.Vehicles.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** The tables of docs/physics.md, which an independent circuit simulator gave on the reference topology. */
class ReferenceTableTest {
    /** The tables are asked for within 2 % or 10 mV. */
    private static final double SHARE = 0.02;

    private static final double VOLTS = 0.010;
    /** The overcharge table has two digits. */
    private static final double ROUNDED_VOLTS = 0.0101;

    private static final PartId STARTER = PartId.of("starter");
    private static final PartId BATTERY = PartId.of("battery");

    private final Vehicles car = new Vehicles(ReadyMadeCircuits.reference("reference-car", Sensing.INTERNAL));
    private final Vehicles twin = new Vehicles(ReadyMadeCircuits.reference("reference-twin-diesel", Sensing.INTERNAL));

    @ParameterizedTest
    @CsvFileSource(resources = "/reference-classes.csv", numLinesToSkip = 3)
    void eachClassCranksAndChargesAsTheTableSays(
            String id,
            double crankVolts,
            double crankAmps,
            double rpm,
            double supplyDrop,
            double returnDrop,
            double seizedAmps,
            double seizedVolts,
            double loadedVolts,
            double alternatorAmps,
            double chargeDrop,
            double chargeReturnDrop) {
        var circuit = ReadyMadeCircuits.reference(id, Sensing.INTERNAL);
        Vehicles vehicle = new Vehicles(circuit);
        OperatingPoint crank = vehicle.in(Condition.CRANKING);
        close(vehicle.posts(crank), crankVolts);
        close(amps(crank, "starter-cable"), crankAmps);
        close(crank.rpm(), rpm);
        close(between(crank, circuit.plusPost().value(), "motor-stud"), supplyDrop);
        close(between(crank, "starter-case", "post-minus"), returnDrop);
        OperatingPoint seized = vehicle.in(Condition.CRANKING, new Fault.Drag(STARTER, 30));
        close(amps(seized, "starter-cable"), seizedAmps);
        close(vehicle.posts(seized), seizedVolts);
        assertThat(seized.rpm()).isZero();
        assertThat(seized.limits()).containsExactly(Limit.STALLED);
        OperatingPoint loaded = vehicle.in(Condition.RAISED_LOADED);
        close(vehicle.posts(loaded), loadedVolts);
        close(amps(loaded, "alternator"), alternatorAmps);
        close(between(loaded, "bplus", circuit.plusPost().value()), chargeDrop);
        close(between(loaded, "post-minus", "alternator-case"), chargeReturnDrop);
    }

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

    @Test
    void anOpenMainGroundHidesBehindTheStrap() {
        OperatingPoint point = car.in(Condition.CRANKING, new Fault.Open(PartId.of("ground-cable")));
        close(between(point, "starter-case", "post-minus"), 0.25);
        close(amps(point, "engine-strap"), 178);
        assertThat(point.rpm()).isGreaterThan(190);
    }

    @Test
    void twinBatteriesShareByTheirLink() {
        OperatingPoint point = twin.in(Condition.CRANKING, added("link-plus", 0.1));
        close(amps(point, "battery-a"), 343);
        assertThat(amps(point, "battery-b")).isCloseTo(17, within(0.5));
        assertThat(point.rpm()).isPositive();
        OperatingPoint rest = twin.in(Condition.REST, new Fault.DeadCell(PartId.of("battery-b")));
        close(amps(rest, "battery-a"), 16);
        assertThat(twin.posts(rest)).isCloseTo(12.48, within(0.03));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference-sensing.csv", numLinesToSkip = 3)
    void whereTheRegulatorSensesDecidesOverAndUndercharge(String fault, String sensing, double changeVolts) {
        Vehicles vehicle = new Vehicles(ReadyMadeCircuits.reference("reference-car", Sensing.valueOf(sensing)));
        double healthy = vehicle.posts(vehicle.in(Condition.RAISED_LOADED));
        if (fault.equals("none")) {
            assertThat(healthy).isCloseTo(changeVolts, within(VOLTS));
            return;
        }
        List<Fault> faults = new ArrayList<>();
        for (String one : fault.split(" ")) {
            faults.add(added(one.split("\\+")[0], Double.parseDouble(one.split("\\+")[1])));
        }
        double faulty = vehicle.posts(vehicle.in(Condition.RAISED_LOADED, faults.toArray(Fault[]::new)));
        assertThat(faulty - healthy).isCloseTo(changeVolts, within(ROUNDED_VOLTS));
    }

    private static void close(double value, double expected) {
        assertThat(value).isCloseTo(expected, within(Math.max(VOLTS, SHARE * expected)));
    }
}
