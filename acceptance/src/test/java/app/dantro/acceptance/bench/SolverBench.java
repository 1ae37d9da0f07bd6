package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.SpiceNetlist;
import app.dantro.core.network.VehicleState;
import com.sun.management.ThreadMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** One operating point on one core: from scratch, from a neighbouring case, all conditions; and against ngspice. */
final class SolverBench implements Bench.Benchmark {
    private static final int BATCHES = 40;
    private static final int BATCH = 500;
    private static final int WARM_UP_BATCHES = 120;
    private static final int NGSPICE_POINTS = 300;
    private static final double BUDGET_REFERENCE_MICROS = 15;
    private static final double BUDGET_WHOLE_MICROS = 60;
    private static final double BUDGET_ALL_CONDITIONS_MICROS = 1000;
    private static final PartId CABLE = PartId.of("starter-cable");

    private double kept;

    @Override
    public List<Figure> run() throws Exception {
        Circuit reference = ReadyMadeCircuits.reference("reference-car", Sensing.INTERNAL);
        Circuit whole = ReadyMadeCircuits.named("petrol-car").orElseThrow();
        Circuit largest = ReadyMadeCircuits.named("truck-24v").orElseThrow();
        List<Figure> figures = new ArrayList<>();
        settle(List.of(reference, whole, largest));
        for (Condition condition : List.of(Condition.CRANKING, Condition.RAISED_LOADED)) {
            String words = condition.key();
            figures.add(scratch(reference, condition, "reference car, " + words, BUDGET_REFERENCE_MICROS));
            figures.add(neighbour(reference, condition, "  from a neighbour"));
            figures.add(scratch(whole, condition, "petrol car, all points, " + words, BUDGET_WHOLE_MICROS));
            figures.add(neighbour(whole, condition, "  from a neighbour"));
            figures.add(scratch(largest, condition, "truck, all points, " + words, BUDGET_WHOLE_MICROS));
        }
        figures.add(allConditions(whole, "petrol car, all conditions"));
        figures.add(allConditions(largest, "truck, all conditions"));
        figures.add(allocation(whole));
        for (Condition condition : List.of(Condition.CRANKING, Condition.RAISED_LOADED)) {
            figures.addAll(againstNgspice(reference, condition));
        }
        if (Double.isNaN(kept)) {
            throw new IllegalStateException("A solution was not a number.");
        }
        return figures;
    }

    /** Lets the compiler see every circuit and condition before the first figure is taken. */
    private void settle(List<Circuit> circuits) {
        for (Circuit circuit : circuits) {
            allConditions(circuit, "");
            scratch(circuit, Condition.CRANKING, "", Double.NaN);
            neighbour(circuit, Condition.RAISED_LOADED, "");
        }
    }

    private Figure scratch(Circuit circuit, Condition condition, String name, double budget) {
        NetworkSolver solver = new NetworkSolver(circuit);
        return timed(name, budget, i -> {
            solver.forget();
            return solve(solver, condition, i);
        });
    }

    private Figure neighbour(Circuit circuit, Condition condition, String name) {
        NetworkSolver solver = new NetworkSolver(circuit);
        return timed(name, Double.NaN, i -> solve(solver, condition, i));
    }

    private Figure allConditions(Circuit circuit, String name) {
        NetworkSolver solver = new NetworkSolver(circuit);
        return timed(name, BUDGET_ALL_CONDITIONS_MICROS, i -> {
            solver.forget();
            double sum = 0;
            for (Condition condition : Condition.values()) {
                sum += solve(solver, condition, i);
            }
            return sum;
        });
    }

    /** A case that differs a little from the one before it. */
    private static double solve(NetworkSolver solver, Condition condition, int i) {
        VehicleState state = VehicleState.healthy().with(CABLE, 1e-4 * (i % 50));
        return solver.solve(condition, state).orThrow().at(solver.circuit().plusPost());
    }

    private interface Work {
        double run(int i);
    }

    /** Microseconds a run, over batches, after the compiler has settled. */
    private Figure timed(String name, double budget, Work work) {
        List<Double> micros = new ArrayList<>();
        for (int batch = 0; batch < WARM_UP_BATCHES + BATCHES; batch++) {
            long from = System.nanoTime();
            for (int i = 0; i < BATCH; i++) {
                kept += work.run(i);
            }
            if (batch >= WARM_UP_BATCHES) {
                micros.add((System.nanoTime() - from) / 1e3 / BATCH);
            }
        }
        return Figure.of(name, "µs", micros, budget);
    }

    private Figure allocation(Circuit circuit) {
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        NetworkSolver solver = new NetworkSolver(circuit);
        List<Double> bytes = new ArrayList<>();
        for (int batch = 0; batch < BATCHES; batch++) {
            long before = threads.getCurrentThreadAllocatedBytes();
            for (int i = 0; i < BATCH; i++) {
                kept += solve(solver, Condition.CRANKING, i);
            }
            bytes.add((threads.getCurrentThreadAllocatedBytes() - before) / 1e3 / BATCH);
        }
        return Figure.of("allocated for one point, result included", "kB", bytes, Double.NaN);
    }

    /** The same netlist many times in one ngspice, less one with a single point, so that its start-up cancels. */
    private List<Figure> againstNgspice(Circuit circuit, Condition condition) throws IOException, InterruptedException {
        String netlist = SpiceNetlist.of(circuit, condition, VehicleState.healthy());
        List<Double> micros = new ArrayList<>();
        List<Double> ratios = new ArrayList<>();
        NetworkSolver solver = new NetworkSolver(circuit);
        for (int round = 0; round < 5; round++) {
            double once = seconds(netlist.replace("\nop\n", "\nrepeat 1\nop\nend\n"));
            double many = seconds(netlist.replace("\nop\n", "\nrepeat %s\nop\nend\n".formatted(NGSPICE_POINTS + 1)));
            double theirs = (many - once) * 1e6 / NGSPICE_POINTS;
            Figure ours = timed("", Double.NaN, i -> {
                solver.forget();
                return solve(solver, condition, 0);
            });
            micros.add(theirs);
            ratios.add(theirs / ours.median());
        }
        return List.of(
                Figure.of("ngspice, reference car, " + condition.key(), "µs", micros, Double.NaN),
                Figure.of("  ngspice over ours", "×", ratios, Double.NaN));
    }

    private static double seconds(String netlist) throws IOException, InterruptedException {
        Path file = Files.createTempFile("dantro-bench", ".cir");
        try {
            Files.writeString(file, netlist.replace("print all", ""));
            long from = System.nanoTime();
            Process ngspice = new ProcessBuilder("ngspice", "-b", file.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            ngspice.waitFor();
            return (System.nanoTime() - from) / 1e9;
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
