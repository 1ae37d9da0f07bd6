package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
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
            PartId part, String name, double addedOhms, double postsVolts, double outputVolts, Reason because) {}

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
            double ohms = badOhms(amps[i]);
            if (solver.solve(Condition.RAISED_LOADED, healthy.with(new Fault.AddedResistance(part.id(), ohms)))
                    instanceof OperatingPoint after) {
                double moved = posts(circuit, after) - posts;
                double own = output(circuit, after) - output;
                if (Math.max(Math.abs(moved), Math.abs(own)) >= Marks.ASSUMED_TELLS_VOLTS) {
                    effects.add(new Effect(part.id(), part.name(), ohms, moved, own, because(moved, own)));
                }
            }
        }
        effects.sort(Comparator.comparingDouble((Effect e) -> -Math.abs(e.postsVolts))
                .thenComparing(e -> -Math.abs(e.outputVolts))
                .thenComparing(e -> e.part.value()));
        return new SensingEffects(posts, effects);
    }

    private static double badOhms(double amps) {
        return amps >= Marks.ASSUMED_POWER_AMPS
                ? Marks.ASSUMED_POWER_OHMS
                : amps >= Marks.ASSUMED_SIGNAL_AMPS ? Marks.ASSUMED_THIN_OHMS : Marks.ASSUMED_SIGNAL_OHMS;
    }

    private static Reason because(double posts, double output) {
        if (posts >= Marks.ASSUMED_TELLS_VOLTS) {
            return ChargingReason.OVERCHARGES.with();
        }
        return posts <= -Marks.ASSUMED_TELLS_VOLTS
                ? ChargingReason.UNDERCHARGES.with()
                : ChargingReason.STANDS_HIGHER.with(Quantity.volts(output));
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
