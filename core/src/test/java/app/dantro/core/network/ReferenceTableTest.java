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
import org.junit.jupiter.params.aggregator.ArgumentsAccessor;
import org.junit.jupiter.params.provider.CsvFileSource;

/** The tables of docs/physics.md, which an independent circuit simulator gave on the reference topology. */
class ReferenceTableTest extends Reference {
    /** The overcharge table has two digits. */
    private static final double ROUNDED_VOLTS = 0.0101;

    private final Vehicles twin = new Vehicles(ReadyMadeCircuits.reference("reference-twin-diesel", Sensing.INTERNAL));

    @ParameterizedTest
    @CsvFileSource(resources = "/reference-classes.csv", numLinesToSkip = 3)
    void eachClassCranksAndChargesAsTheTableSays(ArgumentsAccessor cells) {
        Row row = Row.of(cells);
        var circuit = ReadyMadeCircuits.reference(row.id(), Sensing.INTERNAL);
        Vehicles vehicle = new Vehicles(circuit);
        OperatingPoint crank = vehicle.in(Condition.CRANKING);
        close(vehicle.posts(crank), row.crankVolts());
        close(amps(crank, "starter-cable"), row.crankAmps());
        close(crank.rpm(), row.rpm());
        close(between(crank, circuit.plusPost().value(), "motor-stud"), row.supplyDrop());
        close(between(crank, "starter-case", "post-minus"), row.returnDrop());
        OperatingPoint seized = vehicle.in(Condition.CRANKING, new Fault.Drag(STARTER, 30));
        close(amps(seized, "starter-cable"), row.seizedAmps());
        close(vehicle.posts(seized), row.seizedVolts());
        assertThat(seized.rpm()).isZero();
        assertThat(seized.limits()).containsExactly(Limit.STALLED);
        OperatingPoint loaded = vehicle.in(Condition.RAISED_LOADED);
        close(vehicle.posts(loaded), row.loadedVolts());
        close(amps(loaded, "alternator"), row.alternatorAmps());
        close(between(loaded, "bplus", circuit.plusPost().value()), row.chargeDrop());
        close(between(loaded, "post-minus", "alternator-case"), row.chargeReturnDrop());
    }

    /** A row of the table: volts and amperes of a crank, of a seized engine, and of charging under load. */
    record Row(
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
        static Row of(ArgumentsAccessor at) {
            return new Row(
                    at.getString(0),
                    at.getDouble(1),
                    at.getDouble(2),
                    at.getDouble(3),
                    at.getDouble(4),
                    at.getDouble(5),
                    at.getDouble(6),
                    at.getDouble(7),
                    at.getDouble(8),
                    at.getDouble(9),
                    at.getDouble(10),
                    at.getDouble(11));
        }
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
