package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.Map;

/**
 * What a result of a reading would mean.
 *
 * @param lowValue lower end of the results meant, in the reading's unit; −∞ for none
 * @param highValue upper end; ∞ for none
 * @param probability of such a result
 * @param healthy share of a vehicle without a fault, given such a result
 * @param parts probability of each part, given such a result
 */
public record Prospect(
        double lowValue, double highValue, double probability, double healthy, Map<PartId, Double> parts) {
    public Prospect {
        parts = Map.copyOf(parts);
    }

    /** True if it speaks against a part rather than for a healthy vehicle. */
    boolean accuses() {
        return healthy < 0.5 && !parts.isEmpty();
    }

    Prospect between(double low, double high) {
        return new Prospect(low, high, probability, healthy, parts);
    }

    /** The parts worth naming, the likeliest first. */
    public List<PartId> named(double atLeast) {
        return parts.entrySet().stream()
                .filter(e -> e.getValue() >= atLeast)
                .sorted(Map.Entry.<PartId, Double>comparingByValue()
                        .reversed()
                        .thenComparing(e -> e.getKey().value()))
                .map(Map.Entry::getKey)
                .toList();
    }
}
