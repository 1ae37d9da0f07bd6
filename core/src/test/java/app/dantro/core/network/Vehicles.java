package app.dantro.core.network;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;

/** A circuit on the bench: solves it and reads it in few words. */
final class Vehicles {
    private final Circuit circuit;
    private final NetworkSolver solver;

    Vehicles(Circuit circuit) {
        this.circuit = circuit;
        this.solver = new NetworkSolver(circuit);
    }

    OperatingPoint in(Condition condition, Fault... faults) {
        VehicleState state = VehicleState.healthy();
        for (Fault fault : faults) {
            state = state.with(fault);
        }
        return solver.solve(condition, state).orThrow();
    }

    double posts(OperatingPoint point) {
        return point.between(circuit.plusPost(), circuit.minusPost());
    }

    static double between(OperatingPoint point, String red, String black) {
        return point.between(PointId.of(red), PointId.of(black));
    }

    static double amps(OperatingPoint point, String part) {
        return point.amps(PartId.of(part));
    }

    static Fault added(String part, double ohms) {
        return new Fault.AddedResistance(PartId.of(part), ohms);
    }
}
