package app.dantro.acceptance.bench.chaos;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What the stores have on record, read past them, and how their writer is started. */
final class OnRecord {
    private OnRecord() {}

    /** The entries in a folder's database. */
    static Set<String> in(Path folder) throws SQLException {
        Set<String> ids = new HashSet<>();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT id FROM statement")) {
            while (rows.next()) {
                ids.add(rows.getString(1));
            }
        }
        return ids;
    }

    /** The command of a writer of so many entries at the most. */
    static List<String> writer(Path folder, int most) {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-Xshare:auto",
                "-cp",
                System.getProperty("java.class.path"),
                StoreWriter.class.getName(),
                folder.toString(),
                String.valueOf(most));
    }
}
