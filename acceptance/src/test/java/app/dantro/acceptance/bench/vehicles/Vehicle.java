package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.Starter;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One vehicle as it really is: its own numbers, its hidden faults, and the laws of its world. */
final class Vehicle {
    private static final double CELSIUS = 20;
    private static final double SLOW = 0.80;
    private static final double DEAD = 0.40;
    private static final double OFF_VOLTS = 0.35;
    private static final int LAW_PASSES = 12;
    private static final double SERIES_EXPONENT = 0.35;
    private static final double POLARISATION_VOLTS = 0.05;

    private final Circuit circuit;
    private final World world;
    private final double[] sigmas;
    private final List<Fault> faults;
    private final NetworkSolver solver;
    private double charge = 0.85;

    Vehicle(Circuit circuit, World world, double[] sigmas, List<Fault> faults) {
        this.circuit = world.flatDrag() ? withFlatDrag(circuit) : circuit;
        this.world = world;
        this.sigmas = sigmas;
        this.faults = new ArrayList<>(faults);
        this.solver = new NetworkSolver(this.circuit);
    }

    List<PartId> faulty() {
        return faults.stream().map(Fault::part).distinct().toList();
    }

    List<Fault> faults() {
        return List.copyOf(faults);
    }

    void repair(PartId part) {
        faults.removeIf(f -> f.part().equals(part));
    }

    /** A charger until it is full: what was flat is not any more. The battery that was, if one was. */
    Optional<PartId> charge() {
        charge = 0.95;
        Optional<PartId> flat = faults.stream()
                .filter(f -> f instanceof Fault.FlatBattery)
                .map(Fault::part)
                .findFirst();
        faults.removeIf(f -> f instanceof Fault.FlatBattery);
        return flat;
    }

    /** What really is there, in a condition. */
    OperatingPoint in(Condition condition) {
        return solved(condition, faults);
    }

    double batteryAmps(OperatingPoint point) {
        double sum = 0;
        for (Battery battery : circuit.batteries()) {
            sum += point.amps(battery.id());
        }
        return sum / circuit.blocks();
    }

    double chargeAmps(OperatingPoint point) {
        return circuit.chargingSupply().stream()
                .filter(p -> p.kind() == PartKind.CABLE)
                .findFirst()
                .map(p -> point.amps(p.id()))
                .orElse(0.0);
    }

    /** What its driver complains of. */
    String complaint() {
        if (speed(faults) < SLOW * speed(List.of())) {
            return "STARTING";
        }
        boolean off = faults.stream().anyMatch(f -> f instanceof Fault.Drain)
                || off(Condition.RAISED)
                || off(Condition.RAISED_LOADED);
        return off ? "CHARGING" : "NONE";
    }

    boolean starts() {
        return speed(faults) >= DEAD * speed(List.of());
    }

    private boolean off(Condition condition) {
        double now = posts(solved(condition, faults));
        double healthy = posts(solved(condition, List.of()));
        return Math.abs(now - healthy) > OFF_VOLTS * circuit.blocks();
    }

    private double posts(OperatingPoint point) {
        return point.between(circuit.plusPost(), circuit.minusPost());
    }

    private double speed(List<Fault> with) {
        return solved(Condition.CRANKING, with).rpm();
    }

    private OperatingPoint solved(Condition condition, List<Fault> with) {
        VehicleState state = VehicleState.healthyAt(CELSIUS).charged(charge);
        for (Fault fault : with) {
            state = state.with(fault);
        }
        return world.otherLaws() && condition.starterCalled()
                ? byOtherLaws(condition, state)
                : solver.solve(condition, state, sigmas).orThrow();
    }

    /**
     * A series-wound starter, whose field grows with its current, and a battery that polarises with the logarithm of the
     * current: found by passing over the program's own laws until they agree.
     */
    private OperatingPoint byOtherLaws(Condition condition, VehicleState state) {
        OperatingPoint point = solver.solve(condition, state, sigmas).orThrow();
        Starter starter = circuit.starter().orElseThrow();
        double usual = solver.solve(condition, VehicleState.healthyAt(CELSIUS))
                .orThrow()
                .starterAmps();
        double k = 1;
        double polarised = 0;
        for (int pass = 0; pass < LAW_PASSES; pass++) {
            double amps = Math.max(0.05 * usual, Math.abs(point.starterAmps()));
            k = 0.5 * (k + Math.min(1.35, Math.max(0.5, Math.pow(amps / usual, SERIES_EXPONENT))));
            polarised = POLARISATION_VOLTS * Math.log1p(10 * Math.max(0, batteryAmps(point)) / usual);
            point = new NetworkSolver(changed(circuit, starter, k))
                    .solve(condition, state, polarised(polarised))
                    .orThrow();
        }
        return point;
    }

    /** The open-circuit voltage's own number, the second of each battery's four, moved down. */
    private double[] polarised(double volts) {
        double[] moved = sigmas.clone();
        for (int i = 0; i < circuit.batteries().size(); i++) {
            moved[circuit.parts().size() + 4 * i + 1] -= volts / 0.030;
        }
        return moved;
    }

    private static Circuit changed(Circuit circuit, Starter starter, double k) {
        Starter.Motor m = starter.motor();
        return withMotor(
                circuit,
                new Starter.Motor(
                        m.voltSecondsPerRadian() * k, m.ohms(), m.dragNewtonMetres(), m.dragNewtonMetreSeconds()));
    }

    private static Circuit withFlatDrag(Circuit circuit) {
        Starter.Motor m = circuit.starter().orElseThrow().motor();
        return withMotor(
                circuit,
                new Starter.Motor(
                        m.voltSecondsPerRadian(),
                        m.ohms(),
                        1.25 * m.dragNewtonMetres(),
                        0.5 * m.dragNewtonMetreSeconds()));
    }

    private static Circuit withMotor(Circuit c, Starter.Motor motor) {
        List<Device> devices = c.devices().stream()
                .map(d -> d instanceof Starter s
                        ? new Starter(s.id(), s.name(), s.motorStud(), s.starterCase(), motor)
                        : d)
                .toList();
        return new Circuit(
                c.id(), c.title(), c.systemVolts(), c.plusPost(), c.minusPost(), c.points(), c.parts(), devices);
    }
}
