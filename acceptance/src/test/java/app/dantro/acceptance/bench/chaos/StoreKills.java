package app.dantro.acceptance.bench.chaos;

import app.dantro.server.StartRefused;
import app.dantro.server.db.DataFolder;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;

/** The stores' writing process is killed at random moments, always on the same folder; what it said to be on record has to be. */
final class StoreKills {
    private static final int LONGEST_MILLIS = 400;
    private static final int UUID_LENGTH = 36;

    /** One in so many is killed while it starts, the others while they write. */
    private static final int EARLY = 5;

    private static final int MOST_ENTRIES = 100_000;

    private final Path folder;
    private final Random dice;
    private final Set<String> acknowledged = new HashSet<>();

    StoreKills(Path folder, long seed) {
        this.folder = folder;
        this.dice = new Random(seed);
    }

    /**
     * What came of it.
     *
     * @param refused starts that found something wrong in what the kill before left
     */
    record Came(int kills, int acknowledged, int lost, int refused) {}

    Came run(int kills) throws IOException, InterruptedException, SQLException {
        int refused = 0;
        for (int round = 0; round < kills; round++) {
            writeUntilKilled();
            try {
                DataFolder.open(folder).close();
            } catch (StartRefused damaged) {
                refused++;
            }
        }
        Set<String> there = OnRecord.in(folder);
        int lost = (int) acknowledged.stream().filter(id -> !there.contains(id)).count();
        return new Came(kills, acknowledged.size(), lost, refused);
    }

    private void writeUntilKilled() throws IOException, InterruptedException {
        Process writer = new ProcessBuilder(OnRecord.writer(folder, MOST_ENTRIES))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        BufferedReader said =
                new BufferedReader(new InputStreamReader(writer.getInputStream(), StandardCharsets.US_ASCII));
        boolean starting = dice.nextInt(EARLY) == 0;
        Thread killer = new Thread(() -> killAfter(writer, dice.nextInt(LONGEST_MILLIS)));
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            boolean entry = line.startsWith(StoreWriter.ON_RECORD);
            if (killer.getState() == Thread.State.NEW && (entry || starting)) {
                killer.start();
            }
            if (entry && line.length() == StoreWriter.ON_RECORD.length() + UUID_LENGTH) {
                acknowledged.add(line.substring(StoreWriter.ON_RECORD.length()));
            }
        }
        if (killer.getState() == Thread.State.NEW) {
            throw new IOException("The writer ended before it wrote anything.");
        }
        killer.join();
        writer.waitFor();
    }

    private static void killAfter(Process writer, int millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        // By its handle: what it had said stays to be read.
        writer.toHandle().destroyForcibly();
    }
}
