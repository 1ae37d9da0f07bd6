package app.dantro.server.log;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import app.dantro.server.db.LinesAnew;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines of Bay and log that somebody changed by hand are noticed at the next start. */
class KeptLinesTest {
    /** A workshop with one case, made once. */
    @TempDir
    static Path made;

    private static Shown undamaged;

    @TempDir
    Path folder;

    /** What log and Bay show once all is settled. */
    private record Shown(JsonNode log, JsonNode bay) {
        static Shown by(RunningServer server) throws Exception {
            JsonNode log = server.get("/api/log?words=test").body();
            for (int i = 0; i < 100 && log.path("settling").asBoolean(); i++) {
                Thread.sleep(100);
                log = server.get("/api/log?words=test").body();
            }
            return new Shown(log, server.get("/api/cases").body());
        }
    }

    @BeforeAll
    static void make() throws Exception {
        try (RunningServer server = RunningServer.on(made)) {
            String path = server.openCase();
            server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.61"));
            undamaged = Shown.by(server);
        }
        assertThat(undamaged.log.path("cases")).hasSize(1);
    }

    @BeforeEach
    void copy() throws IOException {
        try (Stream<Path> files = Files.list(made)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.copy(file, folder.resolve(file.getFileName()));
            }
        }
    }

    private void change(String sql) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "UPDATE case_line SET finding = 'All is well.', card = NULL",
                "UPDATE case_line SET in_work = 0, opened_at_ms = 5",
                "DELETE FROM case_line",
                "DELETE FROM log_words",
                "UPDATE log_words SET words = 'nothing'",
                "UPDATE log_words_content SET c0 = 'nothing'"
            })
    void whatWasChangedByHandIsMadeAnew(String damage) throws Exception {
        change(damage);
        try (RunningServer server = RunningServer.on(folder)) {
            Shown now = Shown.by(server);
            for (int i = 0; i < 100 && !now.equals(undamaged); i++) {
                Thread.sleep(100);
                now = Shown.by(server);
            }
            assertThat(now).isEqualTo(undamaged);
        }
    }

    @Test
    void allLinesAreMadeAnewByOneCommandWithoutAServer() throws Exception {
        assertThat(LinesAnew.in(folder.resolve("dantro.db"))).isEqualTo(1);
        try (RunningServer server = RunningServer.on(folder)) {
            assertThat(Shown.by(server).bay).isEqualTo(undamaged.bay);
        }
    }
}
