package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.Solution;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One vehicle as it really is: its own numbers, its hidden faults, and the laws of its world. */
public final class Vehicle {
    static final double CELSIUS = 20;
    private static final double SLOW = 0.80;
    private static final double DEAD = 0.40;
    private static final double OFF_VOLTS = 0.35;

    private final Circuit given;
    private final Circuit circuit;
    private final World world;
    private final double[] sigmas;
    private final List<Fault> faults;
    private final NetworkSolver solver;
    private double charge = 0.85;

    Vehicle(Circuit circuit, World world, double[] sigmas, List<Fault> faults) {
        this.given = circuit;
        this.circuit = world.flatDrag() ? OtherLaws.withFlatDrag(circuit) : circuit;
        this.world = world;
        this.sigmas = sigmas;
        this.faults = new ArrayList<>(faults);
        this.solver = new NetworkSolver(this.circuit);
    }

    List<PartId> faulty() {
        return faults.stream().map(Fault::part).distinct().toList();
    }

    public List<Fault> faults() {
        return List.copyOf(faults);
    }

    public void repair(PartId part) {
        faults.removeIf(f -> f.part().equals(part));
    }

    /** A charger until it is full: what was flat is not any more. The battery that was, if one was. */
    public Optional<PartId> charge() {
        charge = 0.95;
        Optional<PartId> flat = faults.stream()
                .filter(f -> f instanceof Fault.FlatBattery)
                .map(Fault::part)
                .findFirst();
        faults.removeIf(f -> f instanceof Fault.FlatBattery);
        return flat;
    }

    /** What really is there, in a condition. */
    public OperatingPoint in(Condition condition) {
        return solved(condition, faults);
    }

    /** False for a condition that drives the numbers of a wildly drawn vehicle out of what the solver settles. */
    public boolean settles(Condition condition) {
        return solution(condition, faults) instanceof OperatingPoint;
    }

    double batteryAmps(OperatingPoint point) {
        return batteryAmps(circuit, point);
    }

    static double batteryAmps(Circuit circuit, OperatingPoint point) {
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
    public String complaint() {
        if (speed(faults) < SLOW * speed(List.of())) {
            return "STARTING";
        }
        boolean off = faults.stream().anyMatch(f -> f instanceof Fault.Drain)
                || off(Condition.RAISED)
                || off(Condition.RAISED_LOADED);
        return off ? "CHARGING" : "NONE";
    }

    public boolean starts() {
        return speed(faults) >= DEAD * speed(List.of());
    }

    private boolean off(Condition condition) {
        return Math.abs(postOff(condition)) > OFF_VOLTS * circuit.blocks();
    }

    /** How far the posts stand off what they would show with nothing wrong, in V. */
    public double postOff(Condition condition) {
        return posts(solved(condition, faults)) - posts(solved(condition, List.of()));
    }

    /** How fast it cranks, as a share of what it would with nothing wrong. */
    public double speed() {
        return speed(faults) / speed(List.of());
    }

    /** The same vehicle, to be changed on its own. */
    public Vehicle copy() {
        Vehicle copy = new Vehicle(given, world, sigmas, faults);
        copy.charge = charge;
        return copy;
    }

    private double posts(OperatingPoint point) {
        return point.between(circuit.plusPost(), circuit.minusPost());
    }

    private double speed(List<Fault> with) {
        return solved(Condition.CRANKING, with).rpm();
    }

    private OperatingPoint solved(Condition condition, List<Fault> with) {
        return solution(condition, with).orThrow();
    }

    private Solution solution(Condition condition, List<Fault> with) {
        VehicleState state = VehicleState.healthyAt(CELSIUS).charged(charge);
        for (Fault fault : with) {
            state = state.with(fault);
        }
        return world.otherLaws() && condition.starterCalled()
                ? new OtherLaws(circuit, solver, sigmas).solved(condition, state)
                : solver.solve(condition, state, sigmas);
    }
}
