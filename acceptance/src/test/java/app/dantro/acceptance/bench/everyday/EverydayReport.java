package app.dantro.acceptance.bench.everyday;

import app.dantro.acceptance.bench.everyday.Session.Result;
import java.io.PrintStream;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Prints what came of many sessions. */
final class EverydayReport {
    private static final double NORMAL_95 = 1.96;

    private EverydayReport() {}

    static void print(PrintStream out, String title, List<Result> all) {
        out.printf(Locale.ROOT, "### %s: %d vehicles%n", title, all.size());
        List<Result> healthy = all.stream().filter(r -> r.vehicle().healthy()).toList();
        out.printf(
                "healthy %d: any part suspect at any moment %s, at the end %s, to be repaired %s, ended as good %s%n",
                healthy.size(),
                share(healthy, r -> !r.alarmed().isEmpty()),
                share(healthy, r -> !r.atEnd().isEmpty()),
                share(healthy, r -> r.part().isPresent()),
                share(healthy, r -> r.end() == End.GOOD));
        out.printf(
                Locale.ROOT,
                "  readings %.1f, cranks %.1f, %s%n",
                healthy.stream().mapToInt(Result::readings).average().orElse(0),
                healthy.stream().mapToInt(Result::cranks).average().orElse(0),
                ends(healthy));
        int readings = all.stream().mapToInt(Result::readings).sum();
        out.printf(
                Locale.ROOT,
                "questions about right readings %.2f %%, doubts %.2f %% of %d readings%n",
                100.0 * all.stream().mapToInt(Result::questions).sum() / readings,
                100.0 * all.stream().mapToInt(Result::doubts).sum() / readings,
                readings);
        faulty(out, all);
        out.println("condemned though good: " + share(all, EverydayReport::condemned));
        List<String> discords = all.stream().flatMap(r -> r.discords().stream()).toList();
        out.println(
                "two voices: " + discords.size() + discords.stream().limit(2).toList());
        repaired(out, all);
        SlipReport.print(out, all);
    }

    /** What came after a repair of what was wrong, where the vehicle after it is known. */
    private static void repaired(PrintStream out, List<Result> all) {
        List<Result> some = all.stream().filter(r -> r.repairs() > 0).toList();
        List<Result> two = some.stream()
                .filter(r -> r.vehicle().truth().kind().equals("two"))
                .toList();
        if (!some.isEmpty()) {
            out.printf(
                    "repaired %d: verified %s, ended %s; two faults %d: both repaired %s, nothing left that costs %s%n",
                    some.size(),
                    share(some, r -> r.end() == End.VERIFIED),
                    ends(some),
                    two.size(),
                    share(two, r -> r.repairs() > 1),
                    share(two, r -> r.left().healthy() || !r.left().costsItsComplaint()));
        }
    }

    private static void faulty(PrintStream out, List<Result> all) {
        List<Result> costly = all.stream()
                .filter(r -> !r.vehicle().healthy() && r.vehicle().costsItsComplaint())
                .toList();
        shares(out, "faults that cost", costly);
        shares(out, "  with a clamp", costly.stream().filter(Result::clamp).toList());
        shares(out, "  meter only", costly.stream().filter(r -> !r.clamp()).toList());
        shares(
                out,
                "  all else everyday",
                costly.stream().filter(r -> !r.vehicle().elseBeyond()).toList());
        shares(
                out,
                "faults that cost nothing",
                all.stream()
                        .filter(r -> !r.vehicle().healthy() && !r.vehicle().costsItsComplaint())
                        .toList());
        Map<String, List<Result>> kinds =
                costly.stream().collect(Collectors.groupingBy(EverydayReport::kind, TreeMap::new, Collectors.toList()));
        kinds.forEach((kind, some) -> shares(out, "    " + kind, some));
        out.println("  faulty ended " + ends(costly));
    }

    private static boolean condemned(Result r) {
        return r.part().filter(r.vehicle()::good).isPresent();
    }

    private static String kind(Result r) {
        var faults = r.vehicle().truth().faults();
        return faults.size() > 1
                ? "two"
                : faults.get(0).wiring() ? "wiring" : faults.get(0).kind();
    }

    private static void shares(PrintStream out, String name, List<Result> some) {
        StringBuilder line = new StringBuilder("%-28s %4d".formatted(name, some.size()));
        for (Score score : Score.values()) {
            line.append("  ").append(score.words).append(' ').append(share(some, r -> Score.of(r) == score));
        }
        out.println(line);
    }

    private static String ends(List<Result> some) {
        return some.stream()
                .collect(Collectors.groupingBy(Result::end, TreeMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .sorted(Comparator.comparing(e -> -e.getValue()))
                .map(e -> e.getKey() + " " + e.getValue())
                .collect(Collectors.joining(", "));
    }

    /** A share in per cent, with Wilson's upper 95 % end. */
    static <T> String share(List<T> of, Predicate<T> which) {
        int n = of.size();
        if (n == 0) {
            return "–";
        }
        long count = of.stream().filter(which).count();
        double p = (double) count / n;
        double square = NORMAL_95 * NORMAL_95;
        double centre = (p + square / (2 * n)) / (1 + square / n);
        double half = NORMAL_95 / (1 + square / n) * Math.sqrt(p * (1 - p) / n + square / (4.0 * n * n));
        return String.format(Locale.ROOT, "%.1f %% (≤ %.1f)", 100 * p, 100 * (centre + half));
    }
}
