package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.acceptance.bench.everyday.Everyday;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * Vehicles through the product: {@code everyday [--fleet FILE | --world SEED | --older NAME --world SEED] --vehicles N
 * --threads T --log FILE --only ID,ID}.
 */
final class EverydayBench implements Bench.Benchmark {
    private final String[] args;

    EverydayBench(String[] args) {
        this.args = args;
    }

    @Override
    public List<Figure> run() throws Exception {
        new Everyday(
                        drawn(option("--vehicles").map(Integer::parseInt).orElse(2000)),
                        option("--threads").map(Integer::parseInt).orElse(2),
                        option("--log").map(Path::of),
                        option("--only").map(o -> List.of(o.split(","))).orElse(List.of()))
                .report(System.out);
        return List.of();
    }

    private Everyday.Drawn drawn(int vehicles) throws IOException {
        Optional<Long> seed = option("--world").map(Long::parseLong);
        Optional<String> older = option("--older");
        if (older.isPresent()) {
            return Everyday.older(older.get(), seed.orElse(1L), vehicles);
        }
        return seed.isPresent()
                ? Everyday.world(seed.get(), vehicles)
                : Everyday.fleet(option("--fleet").map(Path::of), vehicles);
    }

    private Optional<String> option(String name) {
        for (int i = 0; i < args.length - 1; i++) {
            if (args[i].equals(name)) {
                return Optional.of(args[i + 1]);
            }
        }
        return Optional.empty();
    }
}
