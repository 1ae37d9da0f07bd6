package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ReadyMadeCircuits;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Lets every way of working find the same hidden faults. */
public final class DiagnosisBench {
    private static final double CELSIUS = 20;

    private DiagnosisBench() {}

    static Tally run(World world, Job.Tools tools, Strategy strategy, int vehicles, int threads, long seed)
            throws Exception {
        List<String> ids = new ArrayList<>(ReadyMadeCircuits.titles().keySet());
        Tally tally = new Tally();
        for (int c = 0; c < ids.size(); c++) {
            Circuit circuit = ReadyMadeCircuits.named(ids.get(c)).orElseThrow();
            PreparedCircuit prepared = PreparedCircuit.of(circuit, CELSIUS).prepare();
            ExecutorService pool = Executors.newFixedThreadPool(threads);
            List<Callable<Tally.Line>> work = new ArrayList<>();
            for (int v = c; v < vehicles; v += ids.size()) {
                long number = seed * 1_000_003 + v;
                work.add(() -> one(world, tools, strategy, circuit, prepared, number));
            }
            for (Future<Tally.Line> line : pool.invokeAll(work)) {
                tally.add(line.get());
            }
            pool.shutdown();
        }
        return tally;
    }

    private static Tally.Line one(
            World world, Job.Tools tools, Strategy strategy, Circuit circuit, PreparedCircuit prepared, long number) {
        Vehicle vehicle = new Population(world, number).draw(circuit);
        Job job = new Job(circuit, vehicle, world, tools, number * 31 + 7);
        List<Fault> faults = vehicle.faults();
        List<PartId> faulty = vehicle.faulty();
        Call call = strategy.work(job, prepared);
        boolean right = call.part().map(faulty::contains).orElse(call.healthy() && faulty.isEmpty());
        boolean wrong = call.part().isPresent() && !right;
        boolean device = wrong && circuit.part(call.part().get()).isEmpty();
        if (System.getProperty("dantro.bench.show") != null && !right) {
            System.err.println(circuit.id() + " " + vehicle.complaint() + " " + faults + " -> " + call + " readings "
                    + job.readings + " " + top(prepared, job, vehicle) + " "
                    + job.observations.stream()
                            .map(o -> o.what() + "=" + o.value())
                            .toList());
        }
        return new Tally.Line(
                circuit.id(),
                kind(faults),
                faulty,
                call.part(),
                call.healthy(),
                right,
                wrong,
                device,
                job.readings,
                call.proofReadings(),
                job.moves,
                job.cranks);
    }

    private static String top(PreparedCircuit p, Job job, Vehicle v) {
        var j = app.dantro.core.diagnosis.Judgement.of(
                p,
                new app.dantro.core.inference.Evidence(
                        job.observations,
                        app.dantro.core.inference.Complaint.valueOf(v.complaint()),
                        Optional.of(v.starts()),
                        false));
        StringBuilder b = new StringBuilder("healthy " + j.posterior().healthy());
        j.posterior().explanations().stream()
                .limit(4)
                .forEach(e -> b.append(String.format(" [%.3f %s slips %x]", e.probability(), e.faults(p), e.slips())));
        j.ranked().stream()
                .limit(6)
                .forEach(q -> b.append(String.format(
                        " %s %.3f %s", q, j.probability(q), j.proof().missing(q).size())));
        return b.toString();
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
        return wiring ? "wiring" : Optional.of(fault.getClass().getSimpleName()).orElseThrow();
    }

    public static void main(String[] args) throws Exception {
        int n = Integer.parseInt(args[0]);
        Job.Tools tools = Job.Tools.valueOf(args[1]);
        long from = System.nanoTime();
        Tally tally = run(World.BASE, tools, new PlannerStrategy(), n, 2, 1);
        System.out.println(Tally.HEADER);
        System.out.println(tally.row());
        for (String kind :
                tally.lines.stream().map(Tally.Line::kind).distinct().sorted().toList()) {
            System.out.println(
                    kind + ": " + tally.where(l -> l.kind().equals(kind)).row());
        }
        System.out.printf("%.1f s%n", (System.nanoTime() - from) / 1e9);
    }
}
