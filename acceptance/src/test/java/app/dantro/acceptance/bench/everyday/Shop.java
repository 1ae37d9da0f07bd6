package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.inference.ShopRepairs;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.io.PrintStream;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * A shop that learns: its first vehicles go through the product as anybody's would, and what was repaired and verified on them
 * counts for the others. Those others are taken twice, with and without it; and so are healthy vehicles, which it must not
 * accuse.
 *
 * @param joint the one that a share of its faulty vehicles has
 */
public record Shop(String title, long seed, int first, int others, Optional<PartId> joint, double share) {
    private static final long HEALTHY_SEED = 5000;

    /** Takes all of them through their jobs. */
    public void report(PrintStream out, int threads) throws InterruptedException {
        List<FleetVehicle> all = WorldVehicles.faulty(seed, first + others, joint, share);
        ShopRepairs nothing = new ShopRepairs(List.of());
        ShopRepairs repairs = verified(run(all.subList(0, first), threads, nothing));
        out.printf("%n%s, seed %d: %d vehicles with faults, %s%n", title, seed, others, repairs.counted());
        repairs.certified()
                .forEach(c -> out.printf(
                        Locale.ROOT,
                        "certified %s of %s: %.1f told, %+.2f sigma, variance %.2f%n",
                        c.kind(),
                        c.sort(),
                        c.parts().told(),
                        c.parts().meanSigmas(),
                        c.parts().variance()));
        List<FleetVehicle> later = all.subList(first, first + others);
        out.printf("%-14s %9s %9s %7s %7s %7s %9s%n", "", "before", "all", "cranks", "right", "wrong", "condemned");
        line(out, "as written", run(later, threads, nothing));
        line(out, "with its own", run(later, threads, repairs));
        List<FleetVehicle> healthy = WorldVehicles.of(seed + HEALTHY_SEED, others).stream()
                .filter(FleetVehicle::healthy)
                .toList();
        out.printf("%d healthy ones%n", healthy.size());
        accused(out, "as written", run(healthy, threads, nothing));
        accused(out, "with its own", run(healthy, threads, repairs));
    }

    private static void accused(PrintStream out, String name, List<Session.Result> results) {
        out.printf(
                Locale.ROOT,
                "%-14s %9.2f readings; %.2f %% suspect at any moment, %.2f %% at the end, %.2f %% to be repaired; %.2f %% end as good%n",
                name,
                mean(results, r -> r.readings()),
                mean(results, r -> r.alarmed().isEmpty() ? 0 : 100),
                mean(results, r -> r.atEnd().isEmpty() ? 0 : 100),
                mean(results, r -> r.part().isPresent() ? 100 : 0),
                mean(results, r -> r.end() == End.GOOD ? 100 : 0));
    }

    private static List<Session.Result> run(List<FleetVehicle> fleet, int threads, ShopRepairs repairs)
            throws InterruptedException {
        return new EverydayRun(Tool.OWN, line -> {}, repairs).run(fleet, threads);
    }

    /** What ended as verified, by the part that was repaired first. */
    private static ShopRepairs verified(List<Session.Result> results) {
        Map<List<Object>, Integer> counts = new TreeMap<>((a, b) -> a.toString().compareTo(b.toString()));
        for (Session.Result r : results) {
            if (r.end() == End.VERIFIED && r.part().isPresent()) {
                counts.merge(
                        List.of(
                                sort(r),
                                Complaints.concern(r.vehicle()),
                                PartId.of(r.part().get())),
                        1,
                        Integer::sum);
            }
        }
        return new ShopRepairs(repairs(counts), certified(results));
    }

    private static List<ShopRepairs.Counted> repairs(Map<List<Object>, Integer> counts) {
        return counts.entrySet().stream()
                .map(e -> new ShopRepairs.Counted(
                        (VehicleSort) e.getKey().get(0),
                        (Loop) e.getKey().get(1),
                        (PartId) e.getKey().get(2),
                        e.getValue()))
                .toList();
    }

    /** What healthy parts read, by the sort of vehicle and the kind. */
    private static List<ShopRepairs.Certified> certified(List<Session.Result> results) {
        return results.stream()
                .flatMap(r -> r.certified().entrySet().stream()
                        .map(e -> new ShopRepairs.Certified(sort(r), e.getKey(), e.getValue())))
                .collect(Collectors.groupingBy(c -> Map.entry(c.sort(), c.kind())))
                .values()
                .stream()
                .map(same -> new ShopRepairs.Certified(
                        same.get(0).sort(),
                        same.get(0).kind(),
                        same.stream()
                                .map(ShopRepairs.Certified::parts)
                                .reduce(CertifiedParts.none(), CertifiedParts::plus)))
                .sorted(Comparator.comparing(ShopRepairs.Certified::sort).thenComparing(ShopRepairs.Certified::kind))
                .toList();
    }

    private static VehicleSort sort(Session.Result result) {
        return VehicleSort.of(
                ReadyMadeCircuits.named(result.vehicle().circuit()).orElseThrow());
    }

    private static void line(PrintStream out, String name, List<Session.Result> results) {
        out.printf(
                Locale.ROOT,
                "%-14s %9.2f %9.2f %7.2f %7.2f %7.2f %9.2f%n",
                name,
                mean(results, r -> r.readingsBefore()),
                mean(results, r -> r.readings()),
                mean(results, r -> r.cranks()),
                mean(results, r -> Score.of(r) == Score.RIGHT ? 100 : 0),
                mean(results, r -> Score.of(r) == Score.WRONG ? 100 : 0),
                mean(results, r -> r.part().filter(r.vehicle()::good).isPresent() ? 100 : 0));
    }

    private static double mean(List<Session.Result> results, ToDoubleFunction<Session.Result> of) {
        return results.stream().mapToDouble(of).average().orElse(Double.NaN);
    }
}
