package app.dantro.acceptance.bench.everyday;

import app.dantro.acceptance.bench.vehicles.World;
import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** The report on vehicles through the product: what they would meet in the workshop. */
public final class Everyday {
    private final Drawn drawn;
    private final int threads;
    private final Optional<Path> log;
    private final List<String> only;

    /**
     * @param only these vehicles, if any are named
     * @param log takes every step of every session
     */
    public Everyday(Drawn drawn, int threads, Optional<Path> log, List<String> only) {
        this.drawn = drawn;
        this.threads = threads;
        this.log = log;
        this.only = List.copyOf(only);
    }

    /** Vehicles with a title. */
    public record Drawn(String title, List<FleetVehicle> vehicles) {}

    /** Another program's fleet, of a file or of the one that lies here. */
    public static Drawn fleet(Optional<Path> file, int most) throws IOException {
        return new Drawn("everyday fleet", Fleet.read(file).stream().limit(most).toList());
    }

    /** Our own everyday world. */
    public static Drawn world(long seed, int vehicles) {
        return new Drawn("everyday world, seed " + seed, WorldVehicles.of(seed, vehicles));
    }

    /** One of the older benchmark's worlds, by the beginning of its name. */
    public static Drawn older(String name, long seed, int vehicles) {
        World world = World.all().stream()
                .filter(w -> w.name().startsWith(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No world is named (%s); there are %s."
                        .formatted(name, World.all().stream().map(World::name).toList())));
        return new Drawn("older world, " + world.name() + ", seed " + seed, OlderVehicles.of(world, seed, vehicles));
    }

    /** Takes every vehicle through its job, with the tools its technician owns. */
    public void report(PrintStream out) throws Exception {
        try (PrintWriter lines =
                new PrintWriter(log.isPresent() ? Files.newBufferedWriter(log.get()) : Writer.nullWriter())) {
            EverydayRun run = new EverydayRun(Tool.OWN, line -> {
                synchronized (lines) {
                    lines.println(line);
                }
            });
            EverydayReport.print(out, drawn.title() + ", " + Tool.OWN.words, run.run(drawn.vehicles(), threads, only));
        }
    }
}
