package app.dantro.acceptance.bench.chaos;

import app.dantro.server.StartRefused;
import app.dantro.server.db.DataFolder;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * The power goes while the stores write. One writer runs under a tracer that notes every write and sync; from that the files
 * are built up again as a disk may hold them at a random moment, opened, and asked for all that was said to be on record.
 */
final class Unsynced {
    private final Path work;
    private final int entries;
    private final Random dice;
    private final Trace taken = new Trace();

    /** @param entries how many the writer writes; the files are brought up to date every two hundred or so */
    Unsynced(Path work, int entries, long seed) {
        this.work = work;
        this.entries = entries;
        this.dice = new Random(seed);
    }

    /**
     * What came of it.
     *
     * @param refused folders that would not open
     */
    record Came(int rounds, int acknowledged, int lost, int refused) {}

    Came run(int rounds) throws IOException, InterruptedException, SQLException {
        Path trace = traced();
        long lines;
        try (Stream<String> all = Files.lines(trace, StandardCharsets.US_ASCII)) {
            lines = all.count();
        }
        int lost = 0;
        int refused = 0;
        int done = 0;
        TreeSet<Long> moments = new TreeSet<>();
        while (moments.size() < rounds) {
            moments.add(dice.nextLong(lines));
        }
        try (BufferedReader in = Files.newBufferedReader(trace, StandardCharsets.US_ASCII)) {
            long number = 0;
            for (String line = in.readLine(); line != null; line = in.readLine(), number++) {
                taken.take(line);
                if (!moments.contains(number) || taken.acknowledged().isEmpty()) {
                    continue;
                }
                done++;
                Path folder = work.resolve("power" + number);
                taken.disk().leave(folder, dice);
                try {
                    DataFolder.open(folder).close();
                    Set<String> there = OnRecord.in(folder);
                    lost += (int) taken.acknowledged().stream()
                            .filter(id -> !there.contains(id))
                            .count();
                } catch (StartRefused damaged) {
                    refused++;
                }
            }
        }
        return new Came(done, taken.acknowledged().size(), lost, refused);
    }

    /** Runs the writer on a new folder, and notes what it does to its files. */
    private Path traced() throws IOException, InterruptedException {
        Path trace = work.resolve("trace");
        Path data = work.resolve("data");
        List<String> command = Stream.concat(
                        Stream.of(
                                "strace",
                                "-f",
                                "-y",
                                "-xx",
                                "-s",
                                "70000",
                                "-e",
                                "trace=pwrite64,write,fsync,fdatasync,ftruncate,unlink",
                                "-o",
                                trace.toString()),
                        OnRecord.writer(data, entries).stream())
                .toList();
        Process writer = new ProcessBuilder(command)
                .redirectOutput(work.resolve("said").toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        if (writer.waitFor() != 0) {
            throw new IOException("The traced writer ended with %d.".formatted(writer.exitValue()));
        }
        return trace;
    }
}
