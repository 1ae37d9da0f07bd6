package app.dantro.server.backup;

import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.server.HandClock;
import app.dantro.server.RunningServer;
import app.dantro.server.RunningServer.Answer;
import app.dantro.server.StartRefused;
import app.dantro.server.db.DataFolder;
import app.dantro.server.db.DatabaseCopy;
import app.dantro.server.problem.DiskFull;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups of a shop at work, and what comes out of them. */
class BackupTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 29, 12, 0);

    @TempDir
    Path folder;

    @TempDir
    Path other;

    @Test
    void everyReadingAcknowledgedBeforeABackupIsInIt() throws Exception {
        List<Path> made = new ArrayList<>();
        List<List<String>> acknowledged = new ArrayList<>();
        String path;
        try (RunningServer server = RunningServer.on(folder)) {
            path = server.openCase();
            List<String> ids = new CopyOnWriteArrayList<>();
            AtomicBoolean on = new AtomicBoolean(true);
            Thread technician = new Thread(() -> reads(server, path, ids, on));
            technician.start();
            for (int i = 0; i < 4; i++) {
                Thread.sleep(150);
                acknowledged.add(List.copyOf(ids));
                made.add(Backup.make(folder.resolve("dantro.db"), other.resolve("copy" + i + ".db"))
                        .file());
            }
            on.set(false);
            technician.join();
        }
        for (int i = 0; i < made.size(); i++) {
            Path empty = other.resolve("restored" + i);
            Restore.into(empty, made.get(i), NOW);
            try (RunningServer restored = RunningServer.on(empty)) {
                assertThat(restored.get(path).body().path("readings").findValuesAsText("id"))
                        .as("backup %d", i)
                        .containsAll(acknowledged.get(i));
            }
        }
        assertThat(acknowledged.get(3)).hasSizeGreaterThan(acknowledged.get(0).size());
    }

    /** Reads and reads, and notes what was acknowledged. */
    private static void reads(RunningServer server, String path, List<String> ids, AtomicBoolean on) {
        while (on.get()) {
            String id = UUID.randomUUID().toString();
            try {
                Answer saved =
                        server.put(path + "/readings/" + id, reading("post-plus", "post-minus", "REST", "12.61"));
                if (saved.status() == 201) {
                    ids.add(id);
                }
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        }
    }

    @Test
    void whatIsThereIsMovedAsideAndNothingIsTouchedThatCannotBeRestored() throws Exception {
        String first;
        try (RunningServer server = RunningServer.on(folder)) {
            first = server.openCase();
            server.bean(Backups.class).make();
            server.openCase();
            Path backup = server.bean(Backups.class).standing().kept().get(0).file();
            assertThatThrownBy(() -> Restore.into(folder, backup, NOW))
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("Another Dantro is using");
        }
        Path backup = new Kept(folder.resolve("backups")).all().get(0).file();
        byte[] whole = Files.readAllBytes(backup);
        String text = new String(whole, StandardCharsets.ISO_8859_1);
        byte[] damaged = text.replace("cranks slowly", "cranks slowlz").getBytes(StandardCharsets.ISO_8859_1);
        Path bad = other.resolve("bad.db");
        Files.write(bad, damaged);
        Files.copy(Backup.sealOf(backup), Backup.sealOf(bad));
        assertThatThrownBy(() -> Restore.into(folder, bad, NOW)).isInstanceOf(BackupFailed.class);
        assertThatThrownBy(() -> Restore.into(folder, other.resolve("none.db"), NOW))
                .hasMessageContaining("there is no such file");
        assertThat(cases(folder)).isEqualTo(2);

        assertThat(Restore.into(folder, backup, NOW))
                .contains("holds 1 cases now")
                .contains("before-restore");
        assertThat(folder.resolve("before-restore-2026-11-29-120000/dantro.db")).exists();
        try (RunningServer server = RunningServer.on(folder)) {
            assertThat(server.get("/api/cases").body()).hasSize(1);
            assertThat(server.get(first).status()).isEqualTo(200);
        }
    }

    @Test
    void theSecondPlaceIsCheckedWhenItIsChosenAndMissedWhenItIsGone() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            server.openCase();
            assertThat(server.get("/api/backups").body().path("late").asBoolean())
                    .isTrue();
            String place = "/api/backups/places/";
            Answer none = server.put(place + UUID.randomUUID(), place("/no/such/disk"));
            assertThat(none.status()).isEqualTo(400);
            assertThat(none.text("detail")).contains("There is no folder (/no/such/disk)");
            Path disk = Files.createDirectory(other.resolve("disk"));
            UUID id = UUID.randomUUID();
            assertThat(server.put(place + id, place(disk.toString())).status()).isEqualTo(200);
            assertThat(server.put(place + id, place("")).status()).isEqualTo(409);
            Answer made = server.post("/api/backups", Map.of());
            assertThat(made.body().path("kept")).hasSize(1);
            assertThat(made.body().path("late").asBoolean()).isFalse();
            assertThat(Backup.look(new Kept(disk).all().get(0).file()).cases()).isEqualTo(1);
            Files.move(disk, other.resolve("unplugged"));
            Answer without = server.post("/api/backups", Map.of());
            assertThat(without.text("secondTrouble")).contains("there is no such folder");
            assertThat(without.body().path("trouble").isMissingNode()).isTrue();
        }
    }

    @Test
    void oneIsDueEachNightAlsoWhenTheClockWasSetBack() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            HandClock clock = new HandClock();
            Backups backups = new Backups(server.bean(DataFolder.class), server.bean(BackupPlaceStore.class), clock);
            assertThat(backups.due()).isTrue();
            Backup made = backups.make();
            assertThat(backups.due()).isFalse();
            clock.pass(24 * 3600);
            assertThat(backups.due()).isTrue();
            clock.pass(-4 * 24 * 3600);
            assertThat(backups.standing().ahead()).isTrue();
            assertThat(backups.due()).isTrue();
            backups.make();
            assertThat(made.file()).as("the one that is dated ahead").exists();
            assertThat(backups.due()).isFalse();
        }
    }

    @Test
    void theCommandLineSaysWhatItDid() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            server.openCase();
            assertThat(says(
                            "backup",
                            "--data",
                            folder.toString(),
                            "--to",
                            other.resolve("mine.db").toString()))
                    .as("while the program runs")
                    .contains("1 cases")
                    .contains("looked at and whole");
        }
        List<Path> before = everything(folder);
        assertThat(says("doctor", "--data", folder.toString()))
                .contains("ok   The database")
                .contains("There is no backup in");
        assertThat(everything(folder)).as("the doctor changes nothing").isEqualTo(before);
        assertThat(says(
                        "restore",
                        other.resolve("mine.db").toString(),
                        "--data",
                        other.resolve("new").toString()))
                .contains("holds 1 cases now.");
        assertThat(says("backup", "--data", "/proc/none", "--to", "/proc/none/x.db"))
                .contains("No backup could be made");
    }

    /** A log that SQLite would cut is looked at on a copy first, and stays as it is. */
    @Test
    void aDamagedDatabaseIsNotBackedUpAndNotTouched() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            server.openCase();
            for (String name : List.of("dantro.db", "dantro.db-wal", "dantro.seal")) {
                Files.copy(folder.resolve(name), other.resolve(name));
            }
        }
        byte[] log = Files.readAllBytes(other.resolve("dantro.db-wal"));
        log[log.length / 2] ^= 1;
        Files.write(other.resolve("dantro.db-wal"), log);
        assertThat(says("backup", "--data", other.toString())).contains("is not what was acknowledged");
        assertThat(says("doctor", "--data", other.toString())).contains("LOOK The database");
        assertThat(Files.readAllBytes(other.resolve("dantro.db-wal"))).isEqualTo(log);
        assertThat(other.resolve("backups")).doesNotExist();
    }

    @Test
    void aDiskWithoutRoomIsSaidInWords() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            server.openCase();
        }
        assertThatThrownBy(() -> DatabaseCopy.make(folder.resolve("dantro.db"), Path.of("/dev/full")))
                .matches(DiskFull::is);
    }

    private static List<Path> everything(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.sorted().toList();
        }
    }

    private static int cases(Path folder) throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            return server.get("/api/cases").body().size();
        }
    }

    private static Map<String, Object> place(String folder) {
        return Map.of("folder", folder, "by", "t", "chosenAtMs", 1);
    }

    private static String says(String... args) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PrintStream both = new PrintStream(bytes, true, StandardCharsets.UTF_8);
        Keeper.run(List.of(args), both, both);
        return bytes.toString(StandardCharsets.UTF_8);
    }
}
