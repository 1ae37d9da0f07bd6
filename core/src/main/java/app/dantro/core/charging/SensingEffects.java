package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Amount;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a bad wiring part would do to the regulated voltage, by where this vehicle's regulator senses: a bad part between a
 * sensed terminal and the battery makes it undercharge, a sensed terminal pulled towards the middle makes it overcharge
 * (docs/physics.md, charging).
 *
 * @param effects the strongest first
 */
public record SensingEffects(double healthyVolts, List<Effect> effects) {
    /** Below this a change is not worth a line. */
    private static final double TELLS_VOLTS = 0.05;

    private static final double POWER_OHMS = 0.010;
    private static final double THIN_OHMS = 0.100;
    private static final double SIGNAL_OHMS = 100;
    private static final double POWER_AMPS = 15;
    private static final double SIGNAL_AMPS = 0.2;

    public SensingEffects {
        effects = List.copyOf(effects);
    }

    /**
     * One part that went bad.
     *
     * @param addedOhms what it has too much, in Ω
     * @param postsVolts change of the battery's voltage, in V
     * @param outputVolts change of B+ against its own case, in V
     */
    public record Effect(
            PartId part, String name, double addedOhms, double postsVolts, double outputVolts, String says) {}

    /** At raised speed with all loads on; empty for a vehicle without an alternator. */
    public static SensingEffects of(Circuit circuit, double celsius) {
        if (circuit.alternator().isEmpty()) {
            return new SensingEffects(0, List.of());
        }
        NetworkSolver solver = new NetworkSolver(circuit);
        VehicleState healthy = VehicleState.healthyAt(celsius);
        OperatingPoint before = solver.solve(Condition.RAISED_LOADED, healthy).orThrow();
        double posts = posts(circuit, before);
        double output = output(circuit, before);
        double[] amps = circuit.parts().stream()
                .mapToDouble(p -> Math.abs(before.amps(p.id())))
                .toArray();
        List<Effect> effects = new ArrayList<>();
        for (int i = 0; i < amps.length; i++) {
            Part part = circuit.parts().get(i);
            double ohms = amps[i] >= POWER_AMPS ? POWER_OHMS : amps[i] >= SIGNAL_AMPS ? THIN_OHMS : SIGNAL_OHMS;
            if (solver.solve(Condition.RAISED_LOADED, healthy.with(new Fault.AddedResistance(part.id(), ohms)))
                    instanceof OperatingPoint after) {
                double moved = posts(circuit, after) - posts;
                double own = output(circuit, after) - output;
                if (Math.max(Math.abs(moved), Math.abs(own)) >= TELLS_VOLTS) {
                    effects.add(new Effect(part.id(), part.name(), ohms, moved, own, says(moved, own)));
                }
            }
        }
        effects.sort(Comparator.comparingDouble((Effect e) -> -Math.abs(e.postsVolts))
                .thenComparing(e -> -Math.abs(e.outputVolts))
                .thenComparing(e -> e.part.value()));
        return new SensingEffects(posts, effects);
    }

    private static String says(double posts, double output) {
        if (posts >= TELLS_VOLTS) {
            return "overcharges: a sensed point is pulled towards the middle";
        }
        if (posts <= -TELLS_VOLTS) {
            return "undercharges: the volts are lost between what is sensed and the battery";
        }
        return "the battery looks right, B+ to its case stands %s higher: read there".formatted(Amount.volts(output));
    }

    private static double posts(Circuit circuit, OperatingPoint point) {
        return point.between(circuit.plusPost(), circuit.minusPost());
    }

    private static double output(Circuit circuit, OperatingPoint point) {
        return circuit.alternator()
                .map(a -> point.between(a.output(), a.ground()))
                .orElseThrow();
    }
}
