package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Cuts the values a reading may show where the names part best, at most twice. */
final class OutcomeCuts {
    private final Likeliest likeliest;
    private final double[] mean;
    private final double[] sigma;
    /** What two readings may differ by and still show the same. */
    private final double[] alike;
    /** The explanations by what they expect, the lowest first. */
    private final Integer[] order;

    OutcomeCuts(Likeliest likeliest, Observable what) {
        this.likeliest = likeliest;
        int count = likeliest.mostExact();
        this.mean = new double[count];
        this.sigma = new double[count];
        this.alike = new double[count];
        this.order = new Integer[count];
        for (int e = 0; e < count; e++) {
            Forecast.Expected expected = likeliest.forecasts.get(e).expected(what, Display.resolution(what, 0));
            order[e] = e;
            mean[e] = Double.isNaN(expected.mean()) ? 0 : expected.mean();
            double error = ReadingNoise.variance(what, mean[e], Display.resolution(what, mean[e]));
            alike[e] = Marks.ALIKE_SIGMAS * Math.sqrt(2 * error);
            sigma[e] = Double.isNaN(expected.variance()) ? 1 : Math.sqrt(expected.variance());
        }
        Arrays.sort(order, Comparator.comparingDouble(e -> mean[e]));
    }

    /** From the lowest values to the highest, at least one. */
    List<Prospect> prospects() {
        List<Integer> cuts = new ArrayList<>();
        for (int n = 0; n < Marks.MOST_CUTS; n++) {
            bestCut(cuts).ifPresent(cuts::add);
        }
        Collections.sort(cuts);
        List<Prospect> all = new ArrayList<>();
        int from = 0;
        for (int c = 0; c <= cuts.size(); c++) {
            int to = c < cuts.size() ? cuts.get(c) : order.length;
            double low = from == 0 ? Double.NEGATIVE_INFINITY : middle(mean[order[from - 1]], mean[order[from]]);
            double high = to == order.length ? Double.POSITIVE_INFINITY : middle(mean[order[to - 1]], mean[order[to]]);
            all.add(prospect(from, to, low, high));
            from = to;
        }
        return accusingBeyondHealthy(all);
    }

    /** No result that a healthy vehicle shows as the case stands, but once in two hundred, is called one that accuses. */
    private List<Prospect> accusingBeyondHealthy(List<Prospect> all) {
        int healthy = -1;
        for (int e = 0; e < mean.length && healthy < 0; e++) {
            healthy = likeliest.forecasts.get(e).explanation().healthy() ? e : -1;
        }
        if (healthy < 0 || all.size() < 2) {
            return all;
        }
        double upper = mean[healthy] + Marks.HEALTHY_995_SIGMAS * sigma[healthy];
        double lower = mean[healthy] - Marks.HEALTHY_995_SIGMAS * sigma[healthy];
        double[] cuts = new double[all.size() - 1];
        for (int c = 0; c < cuts.length; c++) {
            double cut = all.get(c).highValue();
            boolean above = cut >= mean[healthy] && all.get(c + 1).accuses();
            boolean below = cut < mean[healthy] && all.get(c).accuses();
            cuts[c] = above ? Math.max(cut, upper) : below ? Math.min(cut, lower) : cut;
            cuts[c] = c > 0 ? Math.max(cuts[c], cuts[c - 1]) : cuts[c];
        }
        List<Prospect> moved = new ArrayList<>();
        for (int p = 0; p < all.size(); p++) {
            double low = p == 0 ? Double.NEGATIVE_INFINITY : cuts[p - 1];
            double high = p == cuts.length ? Double.POSITIVE_INFINITY : cuts[p];
            if (high > low) {
                moved.add(all.get(p).between(low, high));
            }
        }
        return moved;
    }

    private static double middle(double low, double high) {
        return low > 0 && high > 0 ? Math.sqrt(low * high) : (low + high) / 2;
    }

    /** The cut that tells most of the name, among gaps that the readings' spread leaves open. */
    private Optional<Integer> bestCut(List<Integer> cuts) {
        double best = cutBits(cuts) + Marks.ASSUMED_LEAST_CUT_BITS;
        Optional<Integer> found = Optional.empty();
        for (int i = 1; i < order.length; i++) {
            double gap = mean[order[i]] - mean[order[i - 1]];
            double spread = Math.min(sigma[order[i]], sigma[order[i - 1]]);
            if (gap < Math.max(alike[order[i]], Marks.ASSUMED_GAP_SIGMAS * spread) || cuts.contains(i)) {
                continue;
            }
            List<Integer> with = new ArrayList<>(cuts);
            with.add(i);
            Collections.sort(with);
            double bits = cutBits(with);
            if (bits > best) {
                best = bits;
                found = Optional.of(i);
            }
        }
        return found;
    }

    private double cutBits(List<Integer> cuts) {
        double bits = 0;
        int from = 0;
        for (int c = 0; c <= cuts.size(); c++) {
            int to = c < cuts.size() ? cuts.get(c) : order.length;
            double[] sums = new double[likeliest.groupCount];
            double whole = 0;
            for (int i = from; i < to; i++) {
                sums[likeliest.groups[order[i]]] += likeliest.weights[order[i]];
                whole += likeliest.weights[order[i]];
            }
            for (double sum : sums) {
                bits += sum > 0 ? sum * Math.log(sum / whole) / ExpectedInformation.LOG_2 : 0;
            }
            from = to;
        }
        return bits;
    }

    private Prospect prospect(int from, int to, double low, double high) {
        Map<PartId, Double> parts = new HashMap<>();
        double whole = 0;
        double healthy = 0;
        for (int i = from; i < to; i++) {
            double weight = likeliest.weights[order[i]];
            whole += weight;
            List<PartId> bad = likeliest.forecasts.get(order[i]).explanation().parts(likeliest.prepared);
            healthy += bad.isEmpty() ? weight : 0;
            bad.forEach(p -> parts.merge(p, weight, Double::sum));
        }
        double sum = whole;
        parts.replaceAll((p, w) -> w / sum);
        return new Prospect(low, high, whole, healthy / whole, parts);
    }
}
