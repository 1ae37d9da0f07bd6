package app.dantro.core.network;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a healthy vehicle reads in one condition, with the spread of healthy vehicles: every uncertain number moved by
 * one standard deviation on its own, the effects added as squares (first order; sources.md [GUM]).
 */
public final class Expectation {
    private static final double TWO_SIDED_95 = 1.96;
    private static final int KEPT = 128;
    /** The last ones asked for: every step of every case asks for the same few again. */
    private static final Map<Asked, Optional<Expectation>> RECENT =
            Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Asked, Optional<Expectation>> eldest) {
                    return size() > KEPT;
                }
            });

    private final OperatingPoint nominal;
    private final OperatingPoint[] shifted;

    private Expectation(OperatingPoint nominal, OperatingPoint[] shifted) {
        this.nominal = nominal;
        this.shifted = shifted;
    }

    private record Asked(Circuit circuit, Condition condition, VehicleState state) {}

    /**
     * The expectation for one circuit and condition.
     *
     * @return empty if the circuit has no operating point there
     */
    public static Optional<Expectation> of(Circuit circuit, Condition condition, VehicleState state) {
        Asked asked = new Asked(circuit, condition, state);
        Optional<Expectation> known = RECENT.get(asked);
        if (known == null) {
            known = computed(circuit, condition, state);
            RECENT.put(asked, known);
        }
        return known;
    }

    private static Optional<Expectation> computed(Circuit circuit, Condition condition, VehicleState state) {
        NetworkSolver solver = new NetworkSolver(circuit);
        if (!(solver.solve(condition, state) instanceof OperatingPoint nominal)) {
            return Optional.empty();
        }
        OperatingPoint[] shifted = new OperatingPoint[solver.nuisances()];
        for (int i = 0; i < shifted.length; i++) {
            shifted[i] = solver.solveShifted(condition, state, i) instanceof OperatingPoint point ? point : nominal;
        }
        return Optional.of(new Expectation(nominal, shifted));
    }

    public OperatingPoint nominal() {
        return nominal;
    }

    /** Standard deviation over healthy vehicles of the reading red − black, in V. */
    public double standardVolts(PointId red, PointId black) {
        double volts = nominal.between(red, black);
        double sum = 0;
        for (OperatingPoint point : shifted) {
            double moved = point.between(red, black) - volts;
            sum += moved * moved;
        }
        return Math.sqrt(sum);
    }

    /** What 95 % of healthy vehicles read, red − black. */
    public Range range(PointId red, PointId black) {
        double volts = nominal.between(red, black);
        double spread = TWO_SIDED_95 * standardVolts(red, black);
        double size = Math.abs(volts);
        double least = size > 0 ? size * Math.exp(-spread / size) : -spread;
        return volts >= 0 ? new Range(volts, least, volts + spread) : new Range(volts, volts - spread, -least);
    }

    /** A healthy reading in V, with the ends between which 95 % of healthy vehicles lie. */
    public record Range(double volts, double lowVolts, double highVolts) {}

    /** Standard deviation over healthy vehicles of the current in a part, in A. */
    public double standardAmps(PartId part) {
        double amps = nominal.amps(part);
        double sum = 0;
        for (OperatingPoint point : shifted) {
            double moved = point.amps(part) - amps;
            sum += moved * moved;
        }
        return Math.sqrt(sum);
    }
}
