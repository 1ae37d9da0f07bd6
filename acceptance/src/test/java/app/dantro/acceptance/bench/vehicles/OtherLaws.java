package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Starter;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.util.List;

/** Laws that are not the program's own, to judge vehicles it was not made for. */
final class OtherLaws {
    private static final int LAW_PASSES = 12;
    private static final double SERIES_EXPONENT = 0.35;
    private static final double POLARISATION_VOLTS = 0.05;

    private final Circuit circuit;
    private final NetworkSolver solver;
    private final double[] sigmas;

    OtherLaws(Circuit circuit, NetworkSolver solver, double[] sigmas) {
        this.circuit = circuit;
        this.solver = solver;
        this.sigmas = sigmas;
    }

    /**
     * A series-wound starter, whose field grows with its current, and a battery that polarises with the logarithm of the
     * current: found by passing over the program's own laws until they agree.
     */
    OperatingPoint solved(Condition condition, VehicleState state) {
        OperatingPoint point = solver.solve(condition, state, sigmas).orThrow();
        Starter starter = circuit.starter().orElseThrow();
        double usual = solver.solve(condition, VehicleState.healthyAt(Vehicle.CELSIUS))
                .orThrow()
                .starterAmps();
        double k = 1;
        double polarised = 0;
        for (int pass = 0; pass < LAW_PASSES; pass++) {
            double amps = Math.max(0.05 * usual, Math.abs(point.starterAmps()));
            k = 0.5 * (k + Math.min(1.35, Math.max(0.5, Math.pow(amps / usual, SERIES_EXPONENT))));
            polarised = POLARISATION_VOLTS * Math.log1p(10 * Math.max(0, Vehicle.batteryAmps(circuit, point)) / usual);
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

    static Circuit withFlatDrag(Circuit circuit) {
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
