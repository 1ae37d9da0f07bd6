package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * What the likeliest explanations expect of readings not taken yet, and how much each reading would tell about the name
 * of the fault: the mutual information between the two, in bits (sources.md [LINDLEY]). Never negative. Confined to one
 * thread.
 */
public final class Outlook {
    private static final int MOST = 110;
    private static final int MOST_EXACT = 64;
    private static final double EXACT_MASS = 0.995;
    private static final double[] NODES = {-1.7320508075688772, 0, 1.7320508075688772};
    private static final double[] SHARES = {1.0 / 6, 2.0 / 3, 1.0 / 6};
    private static final double LOG_2 = Math.log(2);
    private static final int BINS = 49;
    private static final double BIN_SIGMAS = 1.6;
    /** A reading may always be a slip: no outcome is impossible. */
    private static final double FLOOR = 1e-4;

    private static final double ASSUMED_UNLOADED_VOLTS = 0.03;
    private static final double ASSUMED_LIGHTLY_LOADED_VOLTS = 0.003;
    private static final double LEAST_CUT_BITS = 0.05;

    private final PreparedCircuit prepared;
    private final List<Forecast> forecasts;
    private final double[] weights;
    private final int[] groups;
    private final int groupCount;
    private final int counted;
    private final Map<Condition, double[][]> outputs = new EnumMap<>(Condition.class);
    private final Map<Condition, double[][]> spreads = new EnumMap<>(Condition.class);
    private final double[] binWeights = new double[BINS];
    private final double[] cells;
    private final int[] touched;
    private final double nameBits;
    private int touchedCount;

    private Outlook(Posterior posterior) {
        this.prepared = posterior.prepared();
        List<Explanation> top = posterior.explanations();
        top = top.subList(0, Math.min(MOST, top.size()));
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
        counted = counted();
        cells = new double[BINS * groupCount];
        touched = new int[weights.length];
        nameBits = uncertainty();
    }

    /** How many of the likeliest are worth an exact look: those that make up nearly everything. */
    private int counted() {
        double mass = 0;
        int count = 0;
        while (count < Math.min(MOST_EXACT, weights.length) && mass < EXACT_MASS) {
            mass += weights[count++];
        }
        return count;
    }

    public static Outlook of(Posterior posterior) {
        return new Outlook(posterior);
    }

    /** What each of the likeliest explanations expects, the likeliest first. */
    public List<Forecast> forecasts() {
        return forecasts;
    }

    /** Uncertainty in bits of the fault's name as it stands. */
    public double nameBits() {
        return nameBits;
    }

    private double uncertainty() {
        double[] sums = new double[groupCount];
        for (int e = 0; e < weights.length; e++) {
            sums[groups[e]] += weights[e];
        }
        double bits = 0;
        for (double sum : sums) {
            bits -= sum > 0 ? sum * Math.log(sum) / LOG_2 : 0;
        }
        return bits;
    }

    /** A quick figure for the bits a reading would bring: what each explanation expects, sorted into bins. */
    public double roughBits(Observable what) {
        return roughBits(what, prepared.plus(what), prepared.minus(what));
    }

    /** The same for many pairs of the circuit's points in one condition. */
    public Quick quick(Condition condition) {
        return new Quick(condition);
    }

    /** Quick figures in one condition. */
    public final class Quick {
        private final Observable volts;
        private final int[] outputs;

        private Quick(Condition condition) {
            outputs = prepared.circuit().points().stream()
                    .mapToInt(p -> prepared.potential(p.id()))
                    .toArray();
            volts = new Observable.Volts(
                    condition, prepared.circuit().plusPost(), prepared.circuit().minusPost());
        }

        /** Bits of a reading between two points, by their numbers in the circuit. */
        public double bits(int red, int black) {
            return roughBits(volts, outputs[red], outputs[black]);
        }
    }

    private double roughBits(Observable what, int plus, int minus) {
        double[][] of = outputs.computeIfAbsent(what.condition(), this::outputsIn);
        double center = at(of[0], plus) - at(of[0], minus);
        double width = BIN_SIGMAS * sigma(what, plus, minus, center);
        for (int e = 0; e < weights.length; e++) {
            double off = (at(of[e], plus) - at(of[e], minus) - center) / width;
            int step = Double.isNaN(off) ? 0 : Math.min(BINS / 2, Math.getExponent(1 + Math.abs(off)));
            int bin = BINS / 2 + (off < 0 ? -step : step);
            binWeights[bin] += weights[e];
            int cell = bin * groupCount + groups[e];
            if (cells[cell] == 0) {
                touched[touchedCount++] = cell;
            }
            cells[cell] += weights[e];
        }
        return information();
    }

    /** Mutual information of bin and name; the bins are empty again afterwards. */
    private double information() {
        double nats = 0;
        for (int i = 0; i < touchedCount; i++) {
            double part = cells[touched[i]];
            nats += part * Math.log(part / binWeights[touched[i] / groupCount]);
            cells[touched[i]] = 0;
        }
        touchedCount = 0;
        java.util.Arrays.fill(binWeights, 0);
        return Math.max(0, nameBits + nats / LOG_2);
    }

    /** The bits a reading would bring, with every explanation's own spread; by a three-point rule (sources.md [GH]). */
    public double bits(Observable what) {
        int count = counted;
        double[] mean = new double[count];
        double[] sigma = new double[count];
        double sum = 0;
        for (int e = 0; e < count; e++) {
            Forecast.Expected expected = forecasts.get(e).expected(what, Display.resolution(what, 0));
            double shown = Display.resolution(what, expected.mean());
            mean[e] = expected.mean();
            sigma[e] = Math.sqrt(expected.variance() + 4.0 / 3 * shown * shown + unloaded(what));
            sum += weights[e];
        }
        double bits = 0;
        for (int e = 0; e < count; e++) {
            if (!Double.isNaN(mean[e])) {
                bits += weights[e] / sum * bitsFrom(e, mean, sigma, sum);
            }
        }
        return Math.max(0, bits);
    }

    private double bitsFrom(int e, double[] mean, double[] sigma, double sum) {
        double bits = 0;
        double share = groupShare(groups[e], mean.length, sum);
        for (int q = 0; q < NODES.length; q++) {
            double value = mean[e] + NODES[q] * sigma[e];
            double all = 0;
            double own = 0;
            for (int o = 0; o < mean.length; o++) {
                if (Double.isNaN(mean[o])) {
                    continue;
                }
                double z = (value - mean[o]) / sigma[o];
                double density = weights[o] / sum * (Math.exp(-0.5 * z * z) + FLOOR) / sigma[o];
                all += density;
                if (groups[o] == groups[e]) {
                    own += density;
                }
            }
            bits += SHARES[q] * Math.log(own / share / all) / LOG_2;
        }
        return bits;
    }

    private double groupShare(int group, int count, double sum) {
        double share = 0;
        for (int e = 0; e < count; e++) {
            share += groups[e] == group ? weights[e] / sum : 0;
        }
        return share;
    }

    /**
     * What the possible results of a reading would mean: the values cut where the names part best, at most twice.
     *
     * @return from the lowest values to the highest, at least one
     */
    public List<Prospect> prospects(Observable what) {
        int count = Math.min(MOST_EXACT, weights.length);
        Integer[] order = new Integer[count];
        double[] mean = new double[count];
        double[] sigma = new double[count];
        for (int e = 0; e < count; e++) {
            Forecast.Expected expected = forecasts.get(e).expected(what, Display.resolution(what, 0));
            order[e] = e;
            mean[e] = Double.isNaN(expected.mean()) ? 0 : expected.mean();
            sigma[e] = Double.isNaN(expected.variance()) ? 1 : Math.sqrt(expected.variance());
        }
        java.util.Arrays.sort(order, java.util.Comparator.comparingDouble(e -> mean[e]));
        List<Integer> cuts = new ArrayList<>();
        for (int n = 0; n < 2; n++) {
            bestCut(order, mean, sigma, cuts).ifPresent(cuts::add);
        }
        java.util.Collections.sort(cuts);
        List<Prospect> all = new ArrayList<>();
        int from = 0;
        for (int c = 0; c <= cuts.size(); c++) {
            int to = c < cuts.size() ? cuts.get(c) : count;
            double low = from == 0 ? Double.NEGATIVE_INFINITY : middle(mean[order[from - 1]], mean[order[from]]);
            double high = to == count ? Double.POSITIVE_INFINITY : middle(mean[order[to - 1]], mean[order[to]]);
            all.add(prospect(order, from, to, low, high));
            from = to;
        }
        return all;
    }

    private static double middle(double low, double high) {
        return low > 0 && high > 0 ? Math.sqrt(low * high) : (low + high) / 2;
    }

    /** The cut that tells most of the name, among gaps that the readings' spread leaves open. */
    private java.util.Optional<Integer> bestCut(Integer[] order, double[] mean, double[] sigma, List<Integer> cuts) {
        double best = cutBits(order, cuts) + LEAST_CUT_BITS;
        java.util.Optional<Integer> found = java.util.Optional.empty();
        for (int i = 1; i < order.length; i++) {
            double gap = mean[order[i]] - mean[order[i - 1]];
            if (gap < 0.5 * Math.min(sigma[order[i]], sigma[order[i - 1]]) || cuts.contains(i)) {
                continue;
            }
            List<Integer> with = new ArrayList<>(cuts);
            with.add(i);
            java.util.Collections.sort(with);
            double bits = cutBits(order, with);
            if (bits > best) {
                best = bits;
                found = java.util.Optional.of(i);
            }
        }
        return found;
    }

    private double cutBits(Integer[] order, List<Integer> cuts) {
        double bits = 0;
        int from = 0;
        for (int c = 0; c <= cuts.size(); c++) {
            int to = c < cuts.size() ? cuts.get(c) : order.length;
            double[] sums = new double[groupCount];
            double whole = 0;
            for (int i = from; i < to; i++) {
                sums[groups[order[i]]] += weights[order[i]];
                whole += weights[order[i]];
            }
            for (double sum : sums) {
                bits += sum > 0 ? sum * Math.log(sum / whole) / LOG_2 : 0;
            }
            from = to;
        }
        return bits;
    }

    private Prospect prospect(Integer[] order, int from, int to, double low, double high) {
        Map<PartId, Double> parts = new HashMap<>();
        double whole = 0;
        double healthy = 0;
        for (int i = from; i < to; i++) {
            double weight = weights[order[i]];
            whole += weight;
            List<PartId> bad = forecasts.get(order[i]).explanation().parts(prepared);
            healthy += bad.isEmpty() ? weight : 0;
            bad.forEach(p -> parts.merge(p, weight, Double::sum));
        }
        double sum = whole;
        parts.replaceAll((p, w) -> w / sum);
        return new Prospect(low, high, whole, healthy / whole, parts);
    }

    private static double at(double[] outputs, int output) {
        return output < 0 ? 0 : outputs[output];
    }

    private double[][] outputsIn(Condition condition) {
        double[][] all = new double[weights.length][];
        for (int e = 0; e < all.length; e++) {
            all[e] = forecasts.get(e).outputs(condition);
        }
        return all;
    }

    /** Spread of a reading under the likeliest explanation, meter included. */
    private double sigma(Observable what, int plus, int minus, double mean) {
        double[][] of =
                spreads.computeIfAbsent(what.condition(), c -> forecasts.get(0).spreads(c));
        int numbers = forecasts.get(0).numbers();
        double variance = Fitter.variance(what, mean, Display.resolution(what, mean)) + unloaded(what);
        int length = of[0].length;
        for (int k = 0; k < length; k++) {
            double d = at(of, plus, k) - at(of, minus, k);
            variance += k < numbers ? d * d : -d * d;
        }
        return Math.sqrt(Math.max(variance, Fitter.variance(what, 0, Display.resolution(what, mean))));
    }

    /**
     * Variance added when planning: with next to no current a small drop proves nothing on paper and little in the shop, so
     * such readings are asked for only where they show volts.
     */
    private static double unloaded(Observable what) {
        double volts = switch (what.condition()) {
            case REST, KEY_ON, AFTER_SWITCH_OFF -> ASSUMED_UNLOADED_VOLTS;
            case ENGINE_OFF_LOAD -> ASSUMED_LIGHTLY_LOADED_VOLTS;
            default -> 0;
        };
        return what.isVolts() ? volts * volts : 0;
    }

    private static double at(double[][] of, int output, int k) {
        return output < 0 ? 0 : of[output][k];
    }
}
