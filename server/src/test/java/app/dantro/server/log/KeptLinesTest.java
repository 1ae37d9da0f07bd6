package app.dantro.server.log;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import app.dantro.server.db.LinesAnew;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines of Bay and log that somebody changed by hand are noticed at the next start. */
class KeptLinesTest {
    @TempDir
    Path folder;

    private JsonNode log;
    private JsonNode bay;

    private void shown(RunningServer server) throws Exception {
        log = server.get("/api/log?words=test").body();
        for (int i = 0; i < 100 && log.path("settling").asBoolean(); i++) {
            Thread.sleep(100);
            log = server.get("/api/log?words=test").body();
        }
        bay = server.get("/api/cases").body();
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
        try (RunningServer server = RunningServer.on(folder)) {
            String path = server.openCase();
            server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.61"));
            shown(server);
        }
        JsonNode before = log;
        JsonNode bayBefore = bay;
        assertThat(before.path("cases")).hasSize(1);
        change(damage);
        try (RunningServer server = RunningServer.on(folder)) {
            for (int i = 0; i < 50 && !(before.equals(log) && bayBefore.equals(bay) && i > 0); i++) {
                Thread.sleep(100);
                shown(server);
            }
        }
        assertThat(log).isEqualTo(before);
        assertThat(bay).isEqualTo(bayBefore);
    }

    @Test
    void allLinesAreMadeAnewByOneCommandWithoutAServer() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            server.openCase();
            shown(server);
        }
        assertThat(LinesAnew.in(folder.resolve("dantro.db"))).isEqualTo(1);
        JsonNode before = bay;
        try (RunningServer server = RunningServer.on(folder)) {
            shown(server);
        }
        assertThat(bay).isEqualTo(before);
    }
}
