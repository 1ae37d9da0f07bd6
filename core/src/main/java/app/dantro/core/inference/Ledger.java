package app.dantro.core.inference;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The explanations that are still in question while they are searched for. Confined to one thread. */
final class Ledger {
    private final List<Raw> raws = new ArrayList<>();
    private double best = Double.NEGATIVE_INFINITY;

    /** An explanation before all are known: its weight in nats, and the squared distance of the readings it keeps. */
    record Raw(int first, int second, Slips slips, double logWeight, double distance) {}

    /** True if an explanation of this weight would stay. */
    boolean takes(double logWeight) {
        return logWeight > best - Marks.DROPPED_NATS;
    }

    void keep(Raw raw) {
        raws.add(raw);
        best = Math.max(best, raw.logWeight);
    }

    /** The likeliest so far. */
    Raw top() {
        return raws.stream().max(Comparator.comparingDouble(Raw::logWeight)).orElseThrow();
    }

    /** True if an explanation that takes at most one reading for a slip lies as near to the others as real vehicles do. */
    boolean anyFits(int observations) {
        return raws.stream().filter(r -> r.slips.count() <= 1).anyMatch(r -> {
            int kept = observations - r.slips.count();
            return r.distance <= kept + Marks.NO_VEHICLE_SIGMAS * Math.sqrt(2.0 * Math.max(1, kept));
        });
    }

    /** True if the best of them needs a slip, or lies far off all the same; so few observations always fit. */
    boolean fitsBadly(int observations) {
        if (observations < Marks.LEAST_OBSERVATIONS) {
            return false;
        }
        Raw top = top();
        int kept = observations - top.slips.count();
        return top.slips.count() > 0 || top.distance > kept + Marks.BAD_FIT_SIGMAS * Math.sqrt(2.0 * kept);
    }

    /** All that are left, the likeliest first; their probabilities sum to one. */
    List<Explanation> explanations() {
        List<Raw> kept = raws.stream()
                .filter(r -> takes(r.logWeight))
                .sorted(Comparator.comparingDouble(Raw::logWeight)
                        .reversed()
                        .thenComparing(Raw::first)
                        .thenComparing(Raw::second)
                        .thenComparing(r -> r.slips.packed()))
                .toList();
        double sum = 0;
        for (Raw raw : kept) {
            sum += Math.exp(raw.logWeight - best);
        }
        List<Explanation> all = new ArrayList<>(kept.size());
        for (Raw raw : kept) {
            all.add(new Explanation(raw.first, raw.second, raw.slips, Math.exp(raw.logWeight - best) / sum));
        }
        return List.copyOf(all);
    }
}
