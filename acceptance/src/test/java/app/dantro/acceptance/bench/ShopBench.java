package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.acceptance.bench.everyday.Shop;
import app.dantro.core.circuit.PartId;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Two shops that learn from their own repairs: {@code shop --seed S --vehicles N --first N --threads T}. */
record ShopBench(String... args) implements Bench.Benchmark {
    private static final String JOINT = "crimp-battery";
    private static final double SHARE = 0.6;

    @Override
    public List<Figure> run() throws Exception {
        int first = option("--first", 50);
        int vehicles = option("--vehicles", 1000);
        int threads = option("--threads", 2);
        long seed = option("--seed", 1);
        new Shop("Six of ten have one joint", seed, first, vehicles, Optional.of(PartId.of(JOINT)), SHARE)
                .report(System.out, threads);
        new Shop("Faults as anywhere", seed + 1, first, vehicles, Optional.empty(), 0).report(System.out, threads);
        return List.of();
    }

    private int option(String name, int otherwise) {
        List<String> all = Arrays.asList(args);
        int at = all.indexOf(name);
        return at < 0 || at + 1 >= all.size() ? otherwise : Integer.parseInt(all.get(at + 1));
    }
}
