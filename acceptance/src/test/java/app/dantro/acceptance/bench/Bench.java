package app.dantro.acceptance.bench;

import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Runs the named benchmark and prints a table, then the same as one line of JSON. */
public final class Bench {
    private Bench() {}

    /**
     * One measured figure.
     *
     * @param budget the most it should be
     */
    record Figure(String name, String unit, double median, double least, double most, double budget) {

        static Figure of(String name, String unit, List<Double> values, double budget) {
            List<Double> sorted = values.stream().sorted().toList();
            return new Figure(
                    name, unit, sorted.get(sorted.size() / 2), sorted.get(0), sorted.get(sorted.size() - 1), budget);
        }

        String row() {
            return String.format(
                    Locale.ROOT, "%-44s %10.2f %10.2f %10.2f %10.2f  %s", name, median, least, most, budget, unit);
        }

        String json() {
            return String.format(
                    Locale.ROOT,
                    "{\"name\":\"%s\",\"unit\":\"%s\",\"median\":%.4f,\"min\":%.4f,\"max\":%.4f,\"budget\":%s}",
                    name,
                    unit,
                    median,
                    least,
                    most,
                    Double.isNaN(budget) ? "null" : Double.toString(budget));
        }
    }

    interface Benchmark {
        List<Figure> run() throws Exception;
    }

    public static void main(String[] args) throws Exception {
        PrintStream out = System.out;
        Map<String, Benchmark> known = new TreeMap<>(Map.of(
                "slice", new SliceBench(),
                "solver", new SolverBench(),
                "algebra", new AlgebraBench(),
                "diagnosis", new JudgementBench(args),
                "everyday", new EverydayBench(args),
                "log", new LogBench(args),
                "shop", new ShopBench(args),
                "chaos", new ChaosBench(args)));
        String name = args.length == 0 ? "slice" : args[0];
        Benchmark benchmark = known.get(name);
        if (benchmark == null) {
            System.err.printf("There is no benchmark '%s'. Known ones: %s.%n", name, known.keySet());
            System.exit(2);
        }
        List<Figure> figures = benchmark.run();
        out.printf("%-44s %10s %10s %10s %10s%n", name, "median", "min", "max", "budget");
        figures.forEach(figure -> out.println(figure.row()));
        out.println("[" + String.join(",", figures.stream().map(Figure::json).toList()) + "]");
        System.exit(0);
    }
}
