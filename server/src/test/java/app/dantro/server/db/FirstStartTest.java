package app.dantro.server.db;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A first start that was cut off. */
class FirstStartTest {
    @TempDir
    Path folder;

    /** Killed in its very first second: nothing of it is there but the migrations' own table, or not even that. */
    @ParameterizedTest
    @ValueSource(strings = {"PRAGMA journal_mode = WAL", "CREATE TABLE flyway_schema_history (installed_rank INT)"})
    void goesOnWhereAFirstStartWasCutOff(String begun) throws Exception {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement()) {
            statement.execute(begun);
            statement.execute("PRAGMA encoding");
            statement.execute("VACUUM");
        }
        DataFolder.open(folder).close();
    }
}
