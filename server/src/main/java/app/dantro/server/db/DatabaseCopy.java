package app.dantro.server.db;

import app.dantro.server.seal.SealCheck;
import app.dantro.server.seal.Seals;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.sqlite.SQLiteConfig;

/** A database in another file: made by SQLite's own online backup, which takes a moment's state while others write. */
public final class DatabaseCopy {
    private static final int BUSY_MILLIS = 10_000;

    private DatabaseCopy() {}

    /**
     * What was found in a copy.
     *
     * @param cases how many cases are in it
     * @param seals the ends of its chains
     */
    public record Looked(int schema, long cases, Seals seals) {}

    /** @throws IOException if it cannot be made */
    public static void make(Path database, Path to) throws IOException {
        try (Connection source = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = source.createStatement()) {
            statement.execute("PRAGMA busy_timeout = " + BUSY_MILLIS);
            statement.executeUpdate("backup to '%s'".formatted(to.toString().replace("'", "''")));
        } catch (SQLException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    /**
     * Looks a copy over, as it lies there: no log beside it is looked for, and none is made.
     *
     * @param sealed what was acknowledged before it was made, if that is known
     * @throws IOException if it is not whole, or less than was acknowledged
     */
    public static Looked look(Path file, Optional<Seals> sealed) throws IOException {
        SQLiteConfig readOnly = new SQLiteConfig();
        readOnly.setReadOnly(true);
        String url = "jdbc:sqlite:file:%s?immutable=1".formatted(file.toUri().getRawPath());
        try (Connection copy = DriverManager.getConnection(url, readOnly.toProperties());
                Statement statement = copy.createStatement()) {
            if (!single(statement, "PRAGMA integrity_check").equals("ok")) {
                throw new IOException("it is not whole");
            }
            int schema = Integer.parseInt(single(statement, "PRAGMA user_version"));
            SealCheck.Found found = SealCheck.whole(
                    copy, sealed.filter(s -> s.schema() == schema).orElseGet(() -> Seals.none(schema)));
            if (found.damage().isPresent()) {
                throw new IOException(found.damage().get());
            }
            return new Looked(schema, Long.parseLong(single(statement, "SELECT COUNT(*) FROM job_case")), found.now());
        } catch (SQLException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    private static String single(Statement statement, String sql) throws SQLException {
        try (ResultSet rows = statement.executeQuery(sql)) {
            return rows.next() ? rows.getString(1) : "";
        }
    }
}
