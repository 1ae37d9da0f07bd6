package app.dantro.acceptance.bench.chaos;

import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** The trials one after the other, each with what came of it in a line. */
public final class Chaos {
    public static final List<String> TRIALS = List.of("stores", "power", "kills", "backups", "damage", "fuzz", "load");
    private static final int FILES_A_ROUND = 50;
    private static final int REQUESTS_A_ROUND = 500;
    private static final int SECONDS = 60;
    /** How long what was worked out is kept where the heap is compared. */
    private static final int KEPT_SECONDS = 10;

    private static final int ENTRIES = 700;
    private static final long SEED = 18;

    private final int rounds;
    private final PrintStream out;

    public Chaos(int rounds, PrintStream out) {
        this.rounds = rounds;
        this.out = out;
    }

    public void run(List<String> trials) throws Exception {
        for (String trial : trials) {
            Path work = Files.createTempDirectory("dantro-chaos");
            switch (trial) {
                case "stores" -> out.println("stores: " + new StoreKills(work.resolve("data"), SEED).run(rounds));
                case "power" -> out.println("power: " + new Unsynced(work, ENTRIES, SEED).run(rounds));
                case "kills" -> out.println("kills: " + new Kills(work.resolve("data"), SEED).run(rounds));
                case "backups" -> out.println("backups: " + new BackupKills(work, SEED).run(rounds));
                case "damage" ->
                    out.println("damage: " + new DamagedFiles(work, SEED).run(work, rounds * FILES_A_ROUND));
                case "fuzz" -> fuzz(work);
                case "load" -> load(work);
                default -> throw new IllegalArgumentException("There is no trial (%s): %s".formatted(trial, TRIALS));
            }
        }
    }

    private void fuzz(Path work) throws Exception {
        String kept = "--dantro.judgement.kept=%ds".formatted(KEPT_SECONDS);
        try (Killable program = Killable.start(work.resolve("data"), kept).ready()) {
            Fuzz fuzz = new Fuzz(program.client(), SEED);
            fuzz.run(REQUESTS_A_ROUND);
            Thread.sleep(2 * KEPT_SECONDS * 1000);
            long before = program.heap();
            Fuzz.Came came = fuzz.run(rounds * REQUESTS_A_ROUND);
            Thread.sleep(2 * KEPT_SECONDS * 1000);
            out.printf(
                    Locale.ROOT,
                    "fuzz: %s%nheap, nothing kept, after two collections: %d MB before, %d MB after%n",
                    came,
                    before >> 20,
                    program.heap() >> 20);
        }
    }

    /** The first minute is that of a program just started; what it says of itself counts from the second on. */
    private void load(Path work) throws Exception {
        try (Killable program = Killable.start(work.resolve("data")).ready()) {
            out.println("load, just started, 100 technicians: " + new Load(program, 100, 1).run(SECONDS));
            for (int technicians : List.of(20, 200)) {
                out.println("load, %d technicians: %s"
                        .formatted(technicians, new Load(program, technicians, 1).run(SECONDS)));
            }
            out.println("load, 200 technicians, three temperatures: " + new Load(program, 200, 3).run(SECONDS));
            out.println("load, the same again, all circuits there: " + new Load(program, 200, 3).run(SECONDS));
            // A program that runs all day is compiled once; its first minutes say what a start costs.
            out.println("load, the next five minutes: " + new Load(program, 200, 3).run(5 * SECONDS));
            out.println("load, a minute after those: " + new Load(program, 200, 3).run(SECONDS));
            out.printf(Locale.ROOT, "heap after two collections: %d MB%n", program.heap() >> 20);
        }
    }
}
