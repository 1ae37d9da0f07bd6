package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.acceptance.bench.chaos.Chaos;
import java.util.Arrays;
import java.util.List;

/** What the program bears: {@code --rounds N} of each trial, {@code --only stores,power,kills,backups,damage,fuzz,load} for some of them. */
record ChaosBench(String... args) implements Bench.Benchmark {
    private static final int ROUNDS = 20;

    @Override
    public List<Figure> run() throws Exception {
        List<String> all = Arrays.asList(args);
        int rounds = all.contains("--rounds") ? Integer.parseInt(all.get(all.indexOf("--rounds") + 1)) : ROUNDS;
        List<String> only = all.contains("--only")
                ? List.of(all.get(all.indexOf("--only") + 1).split(","))
                : Chaos.TRIALS;
        new Chaos(rounds, System.out).run(only);
        return List.of();
    }
}
