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

/** The tables of docs/physics.md, which an independent circuit simulator gave on the reference topology. */
class ReferenceTableTest extends Reference {
    /** The overcharge table has two digits. */
    private static final double ROUNDED_VOLTS = 0.0101;

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
}
