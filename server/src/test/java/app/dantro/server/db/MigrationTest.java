package app.dantro.server.db;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import app.dantro.server.RunningServer.Answer;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was entered in an older version is there in this one. */
class MigrationTest {
    private static final String CASE = "11111111-2222-4333-8444-555555555555";
    private static final String READING = "66666666-7777-4888-8999-000000000000";

    @TempDir
    Path folder;

    @Test
    void aCaseOfTheFirstVersionKeepsItsCircuitItsFaultAndItsReadings() throws Exception {
        String url = "jdbc:sqlite:" + folder.resolve("dantro.db");
        Flyway.configure()
                .dataSource(url + "?journal_mode=WAL", null, null)
                .target("1")
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            statement.execute("INSERT INTO database_identity (id) VALUES ('old')");
            statement.execute(
                    "INSERT INTO job_case VALUES ('%s', 'Old van', 'cranks slowly', 'petrol-body-return', 12, 'a', 5)"
                            .formatted(CASE));
            statement.execute("INSERT INTO simulation VALUES ('%s', 'strap-end-block', 0.02, 0.85, 3)".formatted(CASE));
            statement.execute(
                    "INSERT INTO reading VALUES ('%s', '%s', 'post-plus', 'post-minus', 'REST', '12.61', 12.61, 0.01, 'SETTLED', NULL, NULL, NULL, 'TYPED', 'a', 7, 8)"
                            .formatted(READING, CASE));
        }
        try (RunningServer server = RunningServer.on(folder)) {
            String path = "/api/cases/" + CASE;
            Answer found = server.get(path);
            assertThat(found.body().path("vehicle").asText()).isEqualTo("Old van");
            assertThat(found.body().path("concern").asText()).isEqualTo("STARTING");
            assertThat(found.body().at("/basis/moves/0/words").asText()).startsWith("Opened before this was kept.");
            assertThat(found.body().path("circuitVersion").asInt()).isEqualTo(1);
            assertThat(found.body().at("/readings/0/typed").asText()).isEqualTo("12.61");
            assertThat(server.get(path + "/file")
                            .body()
                            .at("/circuit/ready_made")
                            .asText())
                    .isEqualTo("petrol-body-return");
            Answer display = server.get(path + "/simulated-meter?red=block&black=strap-engine&condition=CRANKING");
            assertThat(Double.parseDouble(display.text("typed"))).isGreaterThan(2);
        }
        assertThat(oldVehicle(BeforeMigration.beside(folder.resolve("dantro.db")), "job_case"))
                .isEqualTo("Old van");
    }

    /** The copy is the older program's own: its table has not gained a column. */
    private static String oldVehicle(Path copy, String table) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT * FROM " + table)) {
            assertThat(rows.getMetaData().getColumnCount()).isEqualTo(7);
            assertThat(rows.next()).isTrue();
            return rows.getString(2);
        }
    }
}
