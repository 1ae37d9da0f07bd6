package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.acceptance.bench.everyday.Everyday;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Everyday vehicles through the product: {@code everyday [--fleet FILE | --world SEED] --vehicles N --threads T
 * --log FILE --only ID,ID}. */
final class EverydayBench implements Bench.Benchmark {
    private final String[] args;

    EverydayBench(String[] args) {
        this.args = args;
    }

    @Override
    public List<Figure> run() throws Exception {
        new Everyday(
                        option("--fleet").map(Path::of),
                        option("--world").map(Long::parseLong),
                        option("--vehicles").map(Integer::parseInt).orElse(2000),
                        option("--threads").map(Integer::parseInt).orElse(2),
                        option("--log").map(Path::of),
                        option("--only").map(o -> List.of(o.split(","))).orElse(List.of()))
                .report(System.out);
        return List.of();
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
