package app.dantro.acceptance.bench.everyday;

import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** The report on everyday vehicles: what they would meet in the workshop. */
public final class Everyday {
    private final Optional<Path> fleet;
    private final Optional<Long> seed;
    private final int most;
    private final int threads;
    private final Optional<Path> log;
    private final List<String> only;

    /**
     * @param fleet another fleet than the one that lies here
     * @param seed in place of a fleet, vehicles of our own everyday world
     * @param most so many vehicles at most
     * @param only these vehicles, if any are named
     * @param log takes every step of every session
     */
    public Everyday(
            Optional<Path> fleet, Optional<Long> seed, int most, int threads, Optional<Path> log, List<String> only) {
        this.fleet = fleet;
        this.seed = seed;
        this.most = most;
        this.threads = threads;
        this.log = log;
        this.only = List.copyOf(only);
    }

    /** Takes every vehicle through its job, with the tools its technician owns. */
    public void report(PrintStream out) throws Exception {
        List<FleetVehicle> all = seed.isPresent()
                ? WorldVehicles.of(seed.get(), most)
                : Fleet.read(fleet).stream().limit(most).toList();
        String title = seed.map(s -> "everyday world, seed " + s).orElse("everyday fleet");
        try (PrintWriter lines =
                new PrintWriter(log.isPresent() ? Files.newBufferedWriter(log.get()) : Writer.nullWriter())) {
            EverydayRun run = new EverydayRun(Tool.OWN, line -> {
                synchronized (lines) {
                    lines.println(line);
                }
            });
            EverydayReport.print(out, title + ", " + Tool.OWN.words, run.run(all, threads, only));
        }
    }
}
