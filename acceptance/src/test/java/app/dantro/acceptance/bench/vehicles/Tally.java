package app.dantro.acceptance.bench.vehicles;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/** What came of many vehicles worked on in one way. */
final class Tally {
    /**
     * How one vehicle ended.
     *
     * @param right the first call named a faulty part, or a healthy vehicle healthy
     * @param goodPart it named a good part
     * @param goodDevice and that was a battery, starter, alternator or consumer
     * @param toTheEnd of two faults: repair and retest went on without a wrong call until the complaint was gone
     */
    record Line(
            String circuit,
            String kind,
            boolean right,
            boolean goodPart,
            boolean goodDevice,
            boolean abstained,
            int readings,
            int proof,
            int moves,
            int cranks,
            boolean toTheEnd) {}

    static final String HEADER =
            "| vehicles | right % | abstained % | good part condemned % | good device condemned % |"
                    + " readings mean / 95th | of them proof | lead moves | cranks | pairs to the end % |\n"
                    + "|---|---|---|---|---|---|---|---|---|---|";

    private static final double NORMAL_95 = 1.96;

    private final List<Line> lines = Collections.synchronizedList(new ArrayList<>());

    void add(Line line) {
        lines.add(line);
    }

    List<Line> lines() {
        return List.copyOf(lines);
    }

    Tally where(Predicate<Line> which) {
        Tally part = new Tally();
        lines.stream().filter(which).forEach(part.lines::add);
        return part;
    }

    double share(Predicate<Line> which) {
        return (double) count(which) / lines.size();
    }

    double mean(ToIntFunction<Line> of) {
        return lines.stream().mapToInt(of).average().orElse(0);
    }

    /** One row of a table, the shares with their 95 % intervals (Wilson's). */
    String row() {
        return String.format(
                Locale.ROOT,
                "| %d | %s | %s | %s | %s | %.2f / %d | %.2f | %.2f / %d | %.2f / %d | %s |",
                lines.size(),
                shown(Line::right),
                shown(Line::abstained),
                shown(Line::goodPart),
                shown(Line::goodDevice),
                mean(Line::readings),
                percentile95(Line::readings),
                mean(Line::proof),
                mean(Line::moves),
                percentile95(Line::moves),
                mean(Line::cranks),
                percentile95(Line::cranks),
                where(l -> l.kind().equals("pair")).shown(Line::toTheEnd));
    }

    String json(String name) {
        return String.format(
                Locale.ROOT,
                "{\"name\":\"%s\",\"vehicles\":%d,\"right\":%.4f,\"abstained\":%.4f,\"good_part\":%.4f,"
                        + "\"good_device\":%.4f,\"readings\":%.3f,\"cranks\":%.3f}",
                name,
                lines.size(),
                share(Line::right),
                share(Line::abstained),
                share(Line::goodPart),
                share(Line::goodDevice),
                mean(Line::readings),
                mean(Line::cranks));
    }

    private long count(Predicate<Line> which) {
        return lines.stream().filter(which).count();
    }

    private int percentile95(ToIntFunction<Line> of) {
        int[] sorted = lines.stream().mapToInt(of).sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[Math.min(sorted.length - 1, (int) (0.95 * sorted.length))];
    }

    private String shown(Predicate<Line> which) {
        int n = lines.size();
        if (n == 0) {
            return "–";
        }
        double p = (double) count(which) / n;
        double square = NORMAL_95 * NORMAL_95;
        double centre = (p + square / (2 * n)) / (1 + square / n);
        double half = NORMAL_95 / (1 + square / n) * Math.sqrt(p * (1 - p) / n + square / (4.0 * n * n));
        return String.format(
                Locale.ROOT, "%.1f (%.1f–%.1f)", 100 * p, 100 * Math.max(0, centre - half), 100 * (centre + half));
    }
}
