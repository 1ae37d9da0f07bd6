package app.dantro.server.db;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.server.DantroServer;
import app.dantro.server.RunningServer;
import app.dantro.server.StartRefused;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DataFolderTest {
    @TempDir
    Path folder;

    @Test
    void refusesADatabaseOfANewerVersionAndTouchesNothing() throws Exception {
        RunningServer.on(folder).close();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA user_version = " + (DatabaseFile.SCHEMA_VERSION + 1));
        }
        refusesUntouched("newer Dantro (schema %d, this one knows %d)"
                .formatted(DatabaseFile.SCHEMA_VERSION + 1, DatabaseFile.SCHEMA_VERSION));
    }

    @Test
    void refusesADamagedDatabaseAndTouchesNothing() throws Exception {
        RunningServer.on(folder).close();
        Path file = folder.resolve("dantro.db");
        byte[] bytes = Files.readAllBytes(file);
        for (int i = 4096; i < bytes.length; i++) {
            bytes[i] = (byte) (i * 31);
        }
        Files.write(file, bytes);
        refusesUntouched("damaged");
    }

    @Test
    void refusesAFileThatIsNoDatabase() throws Exception {
        Files.writeString(folder.resolve("dantro.db"), "these are not the volts you are looking for");
        refusesUntouched("damaged or not Dantro's");
    }

    @Test
    void refusesAnotherProgramsDatabase() throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement()) {
            statement.execute("CREATE TABLE recipe (name TEXT)");
        }
        refusesUntouched("not Dantro's");
    }

    @Test
    void refusesAFolderThatCannotBeWritten() {
        // /proc takes no new files, not even from root, for whom file permissions do not hold
        assertThatThrownBy(() -> DataFolder.open(Path.of("/proc/dantro")))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("cannot be written")
                .hasMessageContaining("--data DIR");
    }

    @Test
    void refusesASecondProcessOnTheSameFolder() {
        try (DataFolder first = DataFolder.open(folder)) {
            assertThat(first.database().getParent()).isEqualTo(folder);
            assertThatThrownBy(() -> DataFolder.open(folder)).hasMessageContaining("Another Dantro");
        }
        DataFolder.open(folder).close();
    }

    @Test
    void whatAKilledProgramLeftInItsTemporaryFolderIsClearedAway() throws Exception {
        Path left = Files.createDirectories(folder.resolve("temp/dantro-check1"));
        Files.writeString(left.resolve("copy.db"), "a copy of everything");
        Path mine = Files.writeString(folder.resolve("temp/mine"), "put there by this program");
        FileTime before = FileTime.from(Instant.now().minusSeconds(7 * 24 * 3600L));
        Files.setLastModifiedTime(left.resolve("copy.db"), before);
        Files.setLastModifiedTime(left, before);
        DataFolder.open(folder).close();
        assertThat(left.resolve("copy.db")).doesNotExist();
        assertThat(mine).exists();
    }

    @Test
    void saysWhichPortIsBusyAndWhatToDo() throws Exception {
        try (ServerSocket busy = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertThatThrownBy(
                            () -> DantroServer.start("--dantro.data=" + folder, "--server.port=" + busy.getLocalPort()))
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("Port " + busy.getLocalPort())
                    .hasMessageContaining("--port");
        }
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void theKnownVersionIsThatOfTheLastMigration() throws Exception {
        try (Stream<Path> migrations = Files.list(Path.of("src/main/resources/db/migration"))) {
            int last = migrations
                    .map(p -> p.getFileName().toString().replaceAll("V(\\d+)__.*", "$1"))
                    .mapToInt(Integer::parseInt)
                    .max()
                    .orElseThrow();
            assertThat(DatabaseFile.SCHEMA_VERSION).isEqualTo(last);
        }
    }

    private void refusesUntouched(String says) throws Exception {
        Map<String, String> before = contents();
        assertThatThrownBy(() -> DataFolder.open(folder))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining(says)
                .hasMessageContaining("Nothing was changed");
        assertThat(contents()).isEqualTo(before);
    }

    private Map<String, String> contents() throws Exception {
        Map<String, String> contents = new TreeMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                contents.put(
                        folder.relativize(file) + " " + Files.getLastModifiedTime(file),
                        java.util.Base64.getEncoder().encodeToString(Files.readAllBytes(file)));
            }
        }
        return contents;
    }
}
