package app.dantro.server.assess;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a case says at its end is kept though nobody looks: its page was shut before there was a judgement, or the program ended. */
class KeptClosingTest {
    @TempDir
    Path folder;

    @Test
    void whatACaseSaysAtItsEndIsKeptThoughNobodyLooks() throws Exception {
        String path;
        try (RunningServer server = RunningServer.on(folder, RunningServer.WAIT + "0")) {
            path = BasesTest.ended(server);
            awaitClosing();
        }
        try (Connection connection = open();
                Statement update = connection.createStatement()) {
            assertThat(update.executeUpdate("DELETE FROM closing")).isEqualTo(1);
            assertThat(update.executeUpdate("UPDATE case_line SET judged = 0, shown = changed"))
                    .isEqualTo(1);
        }
        try (RunningServer server = RunningServer.on(folder, "--dantro.accept-damage=true")) {
            awaitClosing();
            assertThat(server.get(path).body().at("/basis/closedAtMs").isNumber())
                    .isTrue();
        }
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
    }

    private void awaitClosing() throws Exception {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (closings() == 0 && System.nanoTime() < until) {
            Thread.sleep(100);
        }
        assertThat(closings()).isEqualTo(1);
    }

    private int closings() throws SQLException {
        try (Connection connection = open();
                Statement query = connection.createStatement();
                ResultSet row = query.executeQuery("SELECT COUNT(*) FROM closing")) {
            return row.getInt(1);
        }
    }
}
