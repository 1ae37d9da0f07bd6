package app.dantro.acceptance.bench.chaos;

import app.dantro.server.StartRefused;
import app.dantro.server.db.DataFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/** A folder that a killed program left is damaged in one place, again and again: it opens with all that was in it, or not at all. */
final class DamagedFiles {
    private static final List<String> FILES = List.of("dantro.db", "dantro.db-wal", "dantro.seal");
    private static final int READINGS = 40;
    private static final int SECTOR = 512;

    private final Path left;
    private final Random dice;
    private final String whole;

    DamagedFiles(Path work, long seed) throws Exception {
        this.dice = new Random(seed);
        this.left = work.resolve("left");
        Path data = work.resolve("data");
        try (Killable program = Killable.start(data).ready()) {
            Client client = program.client();
            String path = client.openCase("petrol-car");
            for (int i = 0; i < READINGS; i++) {
                client.send(
                        "PUT",
                        path + "/readings/" + UUID.randomUUID(),
                        Client.base("12.%02d".formatted(40 + i), i + 1));
            }
            program.kill();
        }
        copy(data, left);
        this.whole = content(copied(work.resolve("whole")));
    }

    /** What came of it. */
    record Came(int files, int refused, int unharmed, int otherContent, int crashed) {}

    Came run(Path work, int rounds) throws IOException, SQLException {
        int refused = 0;
        int unharmed = 0;
        int other = 0;
        int crashed = 0;
        for (int round = 0; round < rounds; round++) {
            Path folder = copied(work.resolve("damaged"));
            damage(folder.resolve(FILES.get(dice.nextInt(FILES.size()))));
            try {
                DataFolder.open(folder).close();
                if (content(folder).equals(whole)) {
                    unharmed++;
                } else {
                    other++;
                }
            } catch (StartRefused said) {
                refused++;
            } catch (RuntimeException | SQLException crash) {
                crashed++;
            }
        }
        return new Came(rounds, refused, unharmed, other, crashed);
    }

    /** A bit turned, a byte or a sector emptied, or the end cut off. */
    private void damage(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        int at = dice.nextInt(bytes.length);
        switch (dice.nextInt(4)) {
            case 0 -> bytes[at] ^= (byte) (1 << dice.nextInt(8));
            case 1 -> bytes[at] = (byte) dice.nextInt(256);
            case 2 -> Arrays.fill(bytes, at, Math.min(bytes.length, at + SECTOR), (byte) 0);
            default -> bytes = Arrays.copyOf(bytes, at);
        }
        Files.write(file, bytes);
    }

    private Path copied(Path folder) throws IOException {
        copy(left, folder);
        return folder;
    }

    private static void copy(Path from, Path to) throws IOException {
        Files.createDirectories(to);
        Files.deleteIfExists(to.resolve("dantro.db-shm"));
        for (String name : FILES) {
            Files.copy(from.resolve(name), to.resolve(name), StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Every row that a technician would miss. */
    private static String content(Path folder) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement()) {
            List<String> rows = new ArrayList<>();
            for (String table : List.of("job_case", "reading")) {
                try (ResultSet row = statement.executeQuery("SELECT * FROM " + table + " ORDER BY rowid")) {
                    while (row.next()) {
                        StringBuilder text = new StringBuilder(table);
                        for (int c = 1; c <= row.getMetaData().getColumnCount(); c++) {
                            text.append('|').append(row.getString(c));
                        }
                        rows.add(text.toString());
                    }
                }
            }
            return String.join("\n", rows);
        }
    }
}
