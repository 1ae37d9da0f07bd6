package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** The likeliest explanations with their weights, grouped by the names of what they call bad. */
final class Likeliest {
    final PreparedCircuit prepared;
    final List<Forecast> forecasts;
    final double[] weights;
    /** Number of each explanation's name. */
    final int[] groups;

    final int groupCount;
    private final double nameBits;

    private Likeliest(Posterior posterior) {
        prepared = posterior.prepared();
        List<Explanation> top = posterior.explanations();
        top = top.subList(0, Math.min(Marks.MOST_EXPLANATIONS, top.size()));
        forecasts = posterior.forecasts(top.size());
        weights = new double[top.size()];
        groups = new int[top.size()];
        Map<Set<String>, Integer> numbers = new HashMap<>();
        double sum = top.stream().mapToDouble(Explanation::probability).sum();
        for (int e = 0; e < weights.length; e++) {
            Explanation explanation = top.get(e);
            weights[e] = explanation.probability() / sum;
            Set<String> name = new TreeSet<>();
            explanation.parts(prepared).stream().map(PartId::value).forEach(name::add);
            groups[e] = numbers.computeIfAbsent(name, n -> numbers.size());
        }
        groupCount = numbers.size();
        nameBits = uncertainty();
    }

    static Likeliest of(Posterior posterior) {
        return new Likeliest(posterior);
    }

    /** How many of the likeliest are worth an exact look: those that make up nearly everything. */
    int exact() {
        double mass = 0;
        int count = 0;
        while (count < mostExact() && mass < Marks.EXACT_MASS) {
            mass += weights[count++];
        }
        return count;
    }

    int mostExact() {
        return Math.min(Marks.MOST_EXACT, weights.length);
    }

    /** Uncertainty in bits of the fault's name as it stands. */
    double nameBits() {
        return nameBits;
    }

    private double uncertainty() {
        double[] sums = new double[groupCount];
        for (int e = 0; e < weights.length; e++) {
            sums[groups[e]] += weights[e];
        }
        double bits = 0;
        for (double sum : sums) {
            bits -= sum > 0 ? sum * Math.log(sum) / ExpectedInformation.LOG_2 : 0;
        }
        return bits;
    }

    /**
     * Variance added when planning: with next to no current a small drop proves nothing on paper and little in the shop, so
     * such readings are asked for only where they show volts.
     */
    static double unloaded(Observable what) {
        double volts = switch (what.condition()) {
            case REST, KEY_ON, AFTER_SWITCH_OFF -> Priors.ASSUMED_UNLOADED_VOLTS;
            case ENGINE_OFF_LOAD -> Priors.ASSUMED_LIGHTLY_LOADED_VOLTS;
            default -> 0;
        };
        return what.isVolts() ? volts * volts : 0;
    }
}
