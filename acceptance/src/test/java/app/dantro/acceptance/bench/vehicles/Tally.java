package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What came of many vehicles worked on in one way. */
final class Tally {
    /** How one vehicle ended. */
    record Line(
            String circuit,
            String kind,
            List<PartId> faulty,
            Optional<PartId> called,
            boolean healthyCall,
            boolean right,
            boolean goodPart,
            boolean goodDevice,
            int readings,
            int proof,
            int moves,
            int cranks) {
        boolean abstained() {
            return called.isEmpty() && !healthyCall;
        }
    }

    final List<Line> lines = new ArrayList<>();

    synchronized void add(Line line) {
        lines.add(line);
    }

    private long count(java.util.function.Predicate<Line> which) {
        return lines.stream().filter(which).count();
    }

    private double mean(java.util.function.ToIntFunction<Line> of) {
        return lines.stream().mapToInt(of).average().orElse(0);
    }

    private int percentile95(java.util.function.ToIntFunction<Line> of) {
        int[] sorted = lines.stream().mapToInt(of).sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[(int) Math.min(sorted.length - 1, Math.floor(0.95 * sorted.length))];
    }

    /** Wilson's 95 % interval of a share, in percent. */
    static String share(long hits, long of) {
        if (of == 0) {
            return "–";
        }
        double z = 1.96;
        double p = (double) hits / of;
        double centre = (p + z * z / (2 * of)) / (1 + z * z / of);
        double half = z / (1 + z * z / of) * Math.sqrt(p * (1 - p) / of + z * z / (4.0 * of * of));
        return String.format(
                Locale.ROOT, "%.1f (%.1f–%.1f)", 100 * p, 100 * Math.max(0, centre - half), 100 * (centre + half));
    }

    double right() {
        return (double) count(Line::right) / lines.size();
    }

    static final String HEADER =
            "vehicles | right % | abstained % | good part % | good device % | readings mean / 95 % |"
                    + " of them proof | lead moves mean / 95 % | cranks mean / 95 %";

    String row() {
        int n = lines.size();
        return String.format(
                Locale.ROOT,
                "%d | %s | %s | %s | %s | %.2f / %d | %.2f | %.2f / %d | %.2f / %d",
                n,
                share(count(Line::right), n),
                share(count(Line::abstained), n),
                share(count(Line::goodPart), n),
                share(count(Line::goodDevice), n),
                mean(Line::readings),
                percentile95(Line::readings),
                mean(Line::proof),
                mean(Line::moves),
                percentile95(Line::moves),
                mean(Line::cranks),
                percentile95(Line::cranks));
    }

    Tally where(java.util.function.Predicate<Line> which) {
        Tally part = new Tally();
        lines.stream().filter(which).forEach(part.lines::add);
        return part;
    }
}
