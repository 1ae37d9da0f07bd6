package app.dantro.server.db;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.DantroServer;
import app.dantro.server.RunningServer;
import com.zaxxer.hikari.HikariDataSource;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DurabilityTest {
    private static final String CASE = """
            {"vehicle":"Van","complaint":"slow","circuit":"petrol-body-return","concern":"STARTING","celsius":20,"by":"t","openedAtMs":1}
            """;
    private static final String READING = """
            {"red":"post-plus","black":"post-minus","condition":"REST","typed":"12.60","statistic":"SETTLED",
             "source":"TYPED","by":"t","takenAtMs":%d}
            """;

    @Test
    void confirmedReadingsSurviveAKilledProcess(@TempDir Path folder) throws Exception {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        DantroServer.class.getName(),
                        "--dantro.data=" + folder,
                        "--server.port=0")
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        String base = addressOf(process);
        String path = "/api/cases/" + UUID.randomUUID();
        HttpClient http = HttpClient.newHttpClient();
        assertThat(put(http, base, path, CASE)).isEqualTo(201);
        List<String> confirmed = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            String id = UUID.randomUUID().toString();
            assertThat(put(http, base, path + "/readings/" + id, READING.formatted(i)))
                    .isEqualTo(201);
            confirmed.add(id);
        }
        process.destroyForcibly();
        assertThat(process.waitFor(10, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as("killed, not stopped").isEqualTo(137);
        try (RunningServer again = RunningServer.on(folder)) {
            assertThat(again.get(path).body().path("readings").findValuesAsText("id"))
                    .containsAll(confirmed);
        }
    }

    @Test
    void everyConnectionIsDurable(@TempDir Path folder) throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            HikariDataSource writer = server.bean(HikariDataSource.class);
            checkAll(writer);
            DataFolder data = server.bean(DataFolder.class);
            try (Connection reader = new PragmaCheckedDataSource(data.database(), true).getConnection()) {
                check(reader);
            }
        }
        assertThat(folder.resolve("dantro.db")).exists();
    }

    private static void checkAll(HikariDataSource pool) throws SQLException {
        List<Connection> held = new ArrayList<>();
        for (int i = 0; i < pool.getMaximumPoolSize(); i++) {
            Connection connection = pool.getConnection();
            held.add(connection);
            check(connection);
        }
        for (Connection connection : held) {
            connection.close();
        }
    }

    private static void check(Connection connection) throws SQLException {
        assertThat(pragma(connection, "synchronous")).isEqualTo("2");
        assertThat(pragma(connection, "journal_mode")).isEqualTo("wal");
        assertThat(pragma(connection, "foreign_keys")).isEqualTo("1");
    }

    private static String pragma(Connection connection, String name) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("PRAGMA " + name)) {
            return row.getString(1);
        }
    }

    private static String addressOf(Process process) throws Exception {
        BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream()));
        String line = out.readLine();
        while (line != null && !line.contains("ready at")) {
            line = out.readLine();
        }
        assertThat(line).as("the server said its address").isNotNull();
        return line.replaceAll(".*(http://\\S+).*", "$1");
    }

    private static int put(HttpClient http, String base, String path, String body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .header("Origin", base)
                .PUT(HttpRequest.BodyPublishers.ofString(body))
                .build();
        return http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
    }
}
