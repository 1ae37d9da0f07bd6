package app.dantro.core.circuit;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Consumers that hang between two points, as a conductance for each condition.
 *
 * @param siemens conductance in S by condition; a condition left out is like {@link Condition#loadsLike()}, else nothing
 * @param glow true for glow plugs, which draw only while they glow
 */
public record Load(PartId id, String name, PointId from, PointId to, Map<Condition, Double> siemens, boolean glow)
        implements Device {
    private static final double MOST_SIEMENS = 1e4;

    public Load {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of " + id);
        siemens = Checked.perCondition(siemens, MOST_SIEMENS, "conductance in S of " + id);
        Checked.apart(id, from, to);
    }

    /** Conductances that draw the given currents, in A, at a voltage, in V. */
    public static Map<Condition, Double> drawing(Map<Condition, Double> amps, double volts) {
        Map<Condition, Double> siemens = new EnumMap<>(Condition.class);
        amps.forEach((condition, a) -> siemens.put(condition, a / volts));
        return siemens;
    }

    /** A resistance that is the same in every condition. */
    public static Map<Condition, Double> constant(double ohms) {
        Map<Condition, Double> siemens = new EnumMap<>(Condition.class);
        for (Condition condition : Condition.modelled()) {
            siemens.put(condition, 1 / ohms);
        }
        return siemens;
    }

    /** Conductance in a condition, in S. */
    public double siemensIn(Condition condition) {
        Double own = siemens.get(condition);
        return own != null ? own : siemens.getOrDefault(condition.loadsLike(), 0.0);
    }

    @Override
    public List<PointId> terminals() {
        return List.of(from, to);
    }
}
