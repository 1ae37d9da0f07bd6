package app.dantro.server.db;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/** Has what Bay and log show worked out anew: by the program that runs on the folder, or at its next start. */
public final class LinesAnew {
    private static final int PATIENCE_MILLIS = 5000;

    private LinesAnew() {}

    /**
     * Marks every line of a database as one of which nothing was worked out.
     *
     * @return how many
     * @throws IOException if it cannot be written, or has no lines yet
     */
    public static int in(Path database) throws IOException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA busy_timeout = " + PATIENCE_MILLIS);
            return statement.executeUpdate("UPDATE case_line SET shown = 0");
        } catch (SQLException e) {
            throw new IOException(e.getMessage(), e);
        }
    }
}
