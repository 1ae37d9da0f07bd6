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
        String first = said.readLine();
        if (first == null) {
            throw new IOException("The writer ended before it wrote anything.");
        }
        Thread killer = new Thread(() -> killAfter(writer, dice.nextInt(LONGEST_MILLIS)));
        killer.start();
        for (String line = first; line != null; line = said.readLine()) {
            if (line.startsWith(StoreWriter.ON_RECORD) && line.length() == StoreWriter.ON_RECORD.length() + 36) {
                acknowledged.add(line.substring(StoreWriter.ON_RECORD.length()));
            }
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
        writer.destroyForcibly();
    }
}
