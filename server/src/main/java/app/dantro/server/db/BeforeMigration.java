package app.dantro.server.db;

import app.dantro.server.StartRefused;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * The database as it was, laid beside it and looked at before a migration changes anything: {@code dantro-before-8.db} is
 * what the program of schema 7 left. Whoever goes back to the older program puts it in the database's place.
 */
final class BeforeMigration {
    private BeforeMigration() {}

    /** Where the copy is kept. */
    static Path beside(Path file) {
        String name = file.getFileName().toString();
        String stem = name.endsWith(".db") ? name.substring(0, name.length() - 3) : name;
        return file.resolveSibling("%s-before-%d.db".formatted(stem, DatabaseFile.SCHEMA_VERSION));
    }

    /**
     * Keeps a copy of the database that a statement reads.
     *
     * @param whole a statement on a whole, checked database of an older schema
     * @param file where the database itself lies; it is not touched
     * @throws StartRefused if no good copy can be made: then nothing may be migrated
     */
    static void keep(Statement whole, Path file) {
        Path kept = beside(file);
        Path making = kept.resolveSibling(kept.getFileName() + ".making");
        try {
            Files.deleteIfExists(making);
            whole.execute("VACUUM INTO '%s'".formatted(making.toString().replace("'", "''")));
            look(making);
            Files.move(making, kept, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException | SQLException e) {
            throw new StartRefused(
                    "This version changes the database (%s), and no copy of it could be laid beside it first: make room in its folder and start again. Nothing was changed."
                            .formatted(file),
                    e);
        }
    }

    private static void look(Path copy) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("PRAGMA integrity_check")) {
            if (!rows.next() || !rows.getString(1).equals("ok")) {
                throw new SQLException("The copy (%s) is not whole.".formatted(copy));
            }
        }
    }
}
