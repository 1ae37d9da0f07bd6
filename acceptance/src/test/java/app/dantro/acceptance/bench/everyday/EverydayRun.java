package app.dantro.acceptance.bench.everyday;

import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ShopRepairs;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** Takes a fleet through the product, the vehicles of one prepared circuit after another. */
final class EverydayRun {
    private static final double STEP_KELVIN = 10;

    private final Tool tool;
    private final Consumer<String> log;
    private final ShopRepairs repairs;

    EverydayRun(Tool tool, Consumer<String> log) {
        this(tool, log, new ShopRepairs(List.of()));
    }

    /** @param repairs the shop's own verified repairs, which count beside the written priors */
    EverydayRun(Tool tool, Consumer<String> log, ShopRepairs repairs) {
        this.repairs = repairs;
        this.tool = tool;
        this.log = log;
    }

    List<Session.Result> run(List<FleetVehicle> fleet, int threads) throws InterruptedException {
        return run(fleet, threads, List.of());
    }

    /** @param only these vehicles, if any are named; each keeps its number */
    List<Session.Result> run(List<FleetVehicle> fleet, int threads, List<String> only) throws InterruptedException {
        Map<String, List<Integer>> kinds = new LinkedHashMap<>();
        for (int i = 0; i < fleet.size(); i++) {
            FleetVehicle v = fleet.get(i);
            if (!only.isEmpty() && !only.contains(v.id())) {
                continue;
            }
            double celsius = STEP_KELVIN * Math.rint(v.celsius() / STEP_KELVIN);
            kinds.computeIfAbsent(v.circuit() + " " + celsius, k -> new ArrayList<>())
                    .add(i);
        }
        List<Callable<List<Session.Result>>> work = kinds.entrySet().stream()
                .map(kind -> (Callable<List<Session.Result>>) () -> kind(kind.getKey(), kind.getValue(), fleet))
                .collect(Collectors.toList());
        ExecutorService pool = Executors.newFixedThreadPool(threads);
        try {
            List<Session.Result> all = new ArrayList<>();
            for (Future<List<Session.Result>> done : pool.invokeAll(work)) {
                all.addAll(done.get());
            }
            return all;
        } catch (ExecutionException failed) {
            throw new IllegalStateException("A vehicle could not be worked on.", failed);
        } finally {
            pool.shutdown();
        }
    }

    private List<Session.Result> kind(String key, List<Integer> numbers, List<FleetVehicle> fleet) {
        String[] of = key.split(" ");
        PreparedCircuit prepared = PreparedCircuit.of(
                        ReadyMadeCircuits.named(of[0]).orElseThrow(), Double.parseDouble(of[1]))
                .prepare();
        List<Session.Result> results = new ArrayList<>();
        for (int number : numbers) {
            FleetVehicle v = fleet.get(number);
            List<String> lines = new ArrayList<>();
            lines.add("== %s %s %s %s clamp %s: %s"
                    .formatted(v.id(), v.circuit(), v.complaint(), v.concern(), tool.clamp(v), v.truth()));
            Session session = new Session(v, prepared, repairs, tool, number, lines::add);
            Session.Result result = session.follow(
                    Ladder.of(Complaints.concern(v), number, v.meter().pile()));
            lines.add("%s %s %s alarmed %s"
                    .formatted(
                            v.healthy() ? "HEALTHY" : Score.of(result),
                            v.costsItsComplaint() ? "COSTS" : "harmless",
                            result.end(),
                            result.alarmed()));
            result.part().filter(v::good).ifPresent(part -> lines.add("CONDEMNED %s".formatted(part)));
            if (result.repairs() > 0 && !result.left().healthy()) {
                lines.add("LEFT %s %s"
                        .formatted(
                                result.left().costsItsComplaint() ? "COSTS" : "harmless",
                                result.left().truth()));
            }
            log.accept(String.join("\n", lines));
            results.add(result);
        }
        return results;
    }
}
