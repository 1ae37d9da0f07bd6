package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Lets ways of working find the same hidden faults. */
public final class DiagnosisBench {
    private static final double CELSIUS = 20;
    private static final int MOST_REPAIRS = 3;
    private static final long SEED_STRIDE = 1_000_003;

    private final World world;
    private final Job.Tools tools;
    private final List<Strategy> strategies;
    private final long seed;

    DiagnosisBench(World world, Job.Tools tools, List<Strategy> strategies, long seed) {
        this.world = world;
        this.tools = tools;
        this.strategies = strategies;
        this.seed = seed;
    }

    /** One tally for each way of working, over the same vehicles, all ready-made circuits in turn. */
    List<Tally> run(int vehicles, int threads) throws InterruptedException {
        List<Tally> tallies = strategies.stream().map(s -> new Tally()).toList();
        List<String> ids = new ArrayList<>(ReadyMadeCircuits.titles().keySet());
        List<Callable<Void>> work = new ArrayList<>();
        for (int c = 0; c < Math.min(vehicles, ids.size()); c++) {
            int first = c;
            work.add(() -> {
                Circuit circuit = ReadyMadeCircuits.named(ids.get(first)).orElseThrow();
                PreparedCircuit prepared = PreparedCircuit.of(circuit, CELSIUS).prepare();
                for (int v = first; v < vehicles; v += ids.size()) {
                    for (int s = 0; s < tallies.size(); s++) {
                        tallies.get(s).add(one(strategies.get(s), prepared, seed * SEED_STRIDE + v));
                    }
                }
                return null;
            });
        }
        inParallel(work, threads);
        return tallies;
    }

    private static void inParallel(List<Callable<Void>> work, int threads) throws InterruptedException {
        ExecutorService pool = Executors.newFixedThreadPool(threads);
        try {
            for (Future<Void> done : pool.invokeAll(work)) {
                done.get();
            }
        } catch (ExecutionException failed) {
            throw new IllegalStateException("A vehicle could not be worked on.", failed);
        } finally {
            pool.shutdown();
        }
    }

    private Tally.Line one(Strategy strategy, PreparedCircuit prepared, long number) {
        Circuit circuit = prepared.circuit();
        Vehicle vehicle = new Population(world, number).draw(circuit);
        Job job = new Job(circuit, vehicle, world, tools, number * 31 + 7);
        List<Fault> faults = vehicle.faults();
        List<PartId> faulty = vehicle.faulty();
        Call call = strategy.work(job, prepared);
        boolean right = call.part().map(faulty::contains).orElse(call.healthy() && faulty.isEmpty());
        boolean wrong = call.part().isPresent() && !right;
        Tally.Line line = new Tally.Line(
                circuit.id(),
                kind(faults),
                right,
                wrong,
                wrong && circuit.part(call.part().get()).isEmpty(),
                call.part().isEmpty() && !call.healthy(),
                job.readings,
                call.proofReadings(),
                job.moves,
                job.cranks,
                faults.size() > 1
                        && right
                        && toTheEnd(strategy, prepared, job, call.part().orElseThrow()));
        if (System.getProperty("dantro.bench.show") != null && !right) {
            System.err.println(
                    circuit.id() + " " + faults + " -> " + call + " after " + job.readings + " " + job.observations);
        }
        return line;
    }

    /** Repairs and goes on until the complaint is gone; false if a good part was called on the way, or no verdict came. */
    private static boolean toTheEnd(Strategy strategy, PreparedCircuit prepared, Job job, PartId first) {
        PartId part = first;
        for (int repair = 0; repair < MOST_REPAIRS; repair++) {
            job.repaired(part);
            if (job.vehicle.complaint().equals("NONE")) {
                return true;
            }
            Optional<PartId> next = strategy.work(job, prepared).part();
            if (next.filter(job.vehicle.faulty()::contains).isEmpty()) {
                return false;
            }
            part = next.get();
        }
        return false;
    }

    private static String kind(List<Fault> faults) {
        if (faults.isEmpty()) {
            return "healthy";
        }
        if (faults.size() > 1) {
            return "pair";
        }
        Fault fault = faults.get(0);
        boolean wiring = fault instanceof Fault.AddedResistance || fault instanceof Fault.Open;
        return wiring ? "wiring" : fault.getClass().getSimpleName();
    }
}
