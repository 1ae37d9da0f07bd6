package app.dantro.server.db;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import app.dantro.server.RunningServer;
import app.dantro.server.StartRefused;
import java.io.IOException;
import java.nio.file.CopyOption;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A folder as a killed program leaves it, damaged in one place: what was acknowledged is there, or the start says what is not. */
class SealTest {
    private static final int READINGS = 12;
    private static final List<String> FILES = List.of("dantro.db", "dantro.db-wal", "dantro.seal");

    @TempDir
    static Path running;

    @TempDir
    static Path before;

    @TempDir
    static Path after;

    private static String path;

    /** One copy before the last reading, one after it; both with everything still in the write-ahead log. */
    @BeforeAll
    static void read() throws Exception {
        try (RunningServer server = RunningServer.on(running)) {
            path = server.openCase();
            for (int i = 0; i < READINGS; i++) {
                if (i == READINGS - 1) {
                    copy(running, before);
                }
                server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.6" + i % 10));
            }
            copy(running, after);
        }
    }

    @Test
    void whatAKilledProgramLeftIsThere(@TempDir Path folder) throws Exception {
        copy(after, folder);
        assertThat(readings(folder)).isEqualTo(READINGS);
    }

    @Test
    void aRowThatWasWrittenButNotSealedIsNoDamage(@TempDir Path folder) throws Exception {
        copy(after, folder);
        Files.copy(before.resolve("dantro.seal"), folder.resolve("dantro.seal"), REPLACE);
        assertThat(readings(folder)).isEqualTo(READINGS);
    }

    @Test
    void aDatabaseThatIsOlderThanItsSealIsRefused(@TempDir Path folder) throws Exception {
        copy(before, folder);
        Files.copy(after.resolve("dantro.seal"), folder.resolve("dantro.seal"), REPLACE);
        refused(folder, "11 of 12 rows (reading) are there");
    }

    /** What follows the last entry are lines the program works out anew; without them the rows are all there. */
    @Test
    void everyBitOfTheLogThatChangesWhatWasReadIsNoticed(@TempDir Path folder) throws Exception {
        byte[] log = Files.readAllBytes(after.resolve("dantro.db-wal"));
        copy(after, folder);
        String written = rows(folder);
        int noticed = 0;
        for (int at = 40; at < log.length; at += log.length / 25) {
            copy(after, folder);
            byte[] damaged = log.clone();
            damaged[at] ^= 4;
            Files.write(folder.resolve("dantro.db-wal"), damaged);
            try {
                DataFolder.open(folder).close();
                assertThat(rows(folder)).as("byte %d", at).isEqualTo(written);
            } catch (StartRefused refused) {
                assertThat(refused).as("byte %d", at).hasMessageContaining("Nothing was changed");
                noticed++;
            }
        }
        assertThat(noticed).isGreaterThan(12);
    }

    @Test
    void aCutLogAndAnEmptyDatabaseAreNoFreshShop(@TempDir Path folder) throws Exception {
        copy(after, folder);
        byte[] log = Files.readAllBytes(after.resolve("dantro.db-wal"));
        Files.write(folder.resolve("dantro.db-wal"), Arrays.copyOf(log, log.length / 3));
        refused(folder, "is not what was acknowledged");
        Files.delete(folder.resolve("dantro.db-wal"));
        Files.write(folder.resolve("dantro.db"), new byte[0]);
        refused(folder, "nothing is in it");
        Files.delete(folder.resolve("dantro.db"));
        refused(folder, "nothing is in it");
    }

    @Test
    void aLetterThatWasChangedIsNoticedAndCanBeAccepted(@TempDir Path folder) throws Exception {
        copy(after, folder);
        change(folder, "UPDATE job_case SET concern = 'STARTINH'");
        refused(folder, "a row (job_case) is other than it was written");
        change(folder, "UPDATE job_case SET concern = 'STARTING'");
        change(folder, "UPDATE reading SET volts = 12.9 WHERE typed = '12.63'");
        refused(folder, "a row (reading) is other than it was written");
        DataFolder.open(folder, true).close();
        assertThat(folder.resolve("dantro.seal.before")).exists();
        assertThat(readings(folder)).isEqualTo(READINGS);
        DataFolder.open(folder).close();
    }

    /** As with a large one: the start counts, what was changed is found while the program answers. */
    @Test
    void aLargeOneIsCountedAtOnceAndReadBesideTheWork(@TempDir Path folder) throws Exception {
        copy(after, folder);
        try (DataFolder large = DataFolder.open(folder, false, 0)) {
            assertThat(large.checked().orElseThrow().rows()).isGreaterThan(READINGS);
            assertThat(large.unread()).isPresent();
            assertThat(found(large)).isEmpty();
        }
        change(folder, "UPDATE reading SET volts = 12.9 WHERE typed = '12.63'");
        try (DataFolder large = DataFolder.open(folder, false, 0)) {
            assertThat(found(large))
                    .hasValueSatisfying(says -> assertThat(says)
                            .contains("a row (reading) is other than it was written", "./dantro restore"));
        }
        copy(before, folder);
        Files.copy(after.resolve("dantro.seal"), folder.resolve("dantro.seal"), REPLACE);
        assertThatThrownBy(() -> DataFolder.open(folder, false, 0))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("11 of 12 rows (reading) are there");
    }

    private static Optional<String> found(DataFolder large) {
        WholeCheck check = new WholeCheck(large);
        check.begin();
        await().until(() -> !check.reading());
        return check.damage();
    }

    @Test
    void aTornSealGoesBackToTheOneBeforeIt(@TempDir Path folder) throws Exception {
        byte[] seal = Files.readAllBytes(after.resolve("dantro.seal"));
        for (int place : List.of(0, 8192)) {
            copy(after, folder);
            byte[] torn = seal.clone();
            torn[place + 100] ^= 1;
            Files.write(folder.resolve("dantro.seal"), torn);
            DataFolder.open(folder).close();
            Files.delete(folder.resolve("dantro.lock"));
        }
        Files.write(folder.resolve("dantro.seal"), new byte[16384]);
        refused(folder, "is damaged itself");
    }

    private static final CopyOption REPLACE = StandardCopyOption.REPLACE_EXISTING;

    private int readings(Path folder) throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            return server.get(path).body().path("readings").size();
        }
    }

    private static void refused(Path folder, String says) {
        assertThatThrownBy(() -> DataFolder.open(folder))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining(says)
                .hasMessageContaining("--accept-damage");
    }

    /** Every reading as it stands in the folder, a line each. */
    private static String rows(Path folder) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement();
                ResultSet read = statement.executeQuery(
                        "SELECT group_concat(id || typed || volts || taken_by || taken_at_ms, char(10)) FROM reading")) {
            return read.getString(1);
        }
    }

    private static void change(Path folder, String sql) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        for (String name : FILES) {
            Files.deleteIfExists(to.resolve(name));
            Files.copy(from.resolve(name), to.resolve(name));
        }
    }
}
