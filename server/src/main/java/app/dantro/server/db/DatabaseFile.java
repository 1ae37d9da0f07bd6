package app.dantro.server.db;

import app.dantro.server.StartRefused;
import app.dantro.server.seal.SealCheck;
import app.dantro.server.seal.SealFile;
import app.dantro.server.seal.Seals;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Optional;
import org.sqlite.SQLiteConfig;

/** Looks at a database before it is opened, on a copy, so that a file this version must not touch stays as it is. */
final class DatabaseFile {
    /** The newest schema this version knows: the number of its last migration. */
    static final int SCHEMA_VERSION = 16;

    private static final String INDEX_OF_WORDS = "FTS5 table main.log_words";

    /** From this size on a start reads the ends only, in place; the rest is read while the program answers. */
    static final long LARGE_BYTES = 64L << 20;

    private static final int APPLICATION_ID = 1145130580;
    private static final byte[] MAGIC = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    private DatabaseFile() {}

    /**
     * @param largeFrom bytes from which on only the ends are read
     * @throws StartRefused if it is not ours, newer, damaged, or less than what was acknowledged
     */
    static Checked check(Path file, long largeFrom) {
        return check(file, largeFrom, true);
    }

    /** Reads all of it, and lays no copy beside one that a migration will change. */
    static void look(Path file) {
        check(file, Long.MAX_VALUE, false);
    }

    private static Checked check(Path file, long largeFrom, boolean keeping) {
        Path copy = null;
        try {
            Optional<Seals> seal = sealOf(file);
            if (!Files.exists(file) || Files.size(file) == 0) {
                if (seal.filter(s -> s.rows() > 0).isPresent()) {
                    throw lost(file, "nothing is in it");
                }
                return Checked.NOTHING;
            }
            checkMagic(file);
            if (Files.size(file) >= largeFrom) {
                return checkContents(file, file, seal, keeping);
            }
            copy = Files.createTempDirectory("dantro-check");
            Path copied = copy.resolve("copy.db");
            Files.copy(file, copied);
            Path wal = file.resolveSibling(file.getFileName() + "-wal");
            if (Files.exists(wal)) {
                Files.copy(wal, copy.resolve("copy.db-wal"));
            }
            return checkContents(file, copied, seal, keeping);
        } catch (IOException e) {
            throw new StartRefused(
                    "The database (%s) cannot be read: look at its permissions and the space for temporary files."
                            .formatted(file),
                    e);
        } finally {
            remove(copy);
        }
    }

    private static void checkMagic(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            if (!Arrays.equals(in.readNBytes(MAGIC.length), MAGIC)) {
                throw damaged(file, null);
            }
        }
    }

    private static Optional<Seals> sealOf(Path file) {
        Path seal = SealFile.beside(file);
        try {
            return SealFile.read(seal);
        } catch (IOException | IllegalArgumentException torn) {
            throw lost(file, "what it is held against (%s) is damaged itself".formatted(seal.getFileName()));
        }
    }

    /** @param opened the file itself, of which only the ends are read, or a copy of it */
    private static Checked checkContents(Path file, Path opened, Optional<Seals> seal, boolean keeping) {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(opened.equals(file));
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + opened, config.toProperties());
                Statement statement = connection.createStatement()) {
            int version = Integer.parseInt(single(statement, "PRAGMA user_version"));
            boolean ours = Integer.parseInt(single(statement, "PRAGMA application_id")) == APPLICATION_ID;
            if (ours && version > SCHEMA_VERSION) {
                throw new StartRefused(
                        "The database (%s) was written by a newer Dantro (schema %d, this one knows %d): update Dantro, or choose another folder with --data DIR. Nothing was changed."
                                .formatted(file, version, SCHEMA_VERSION));
            }
            boolean later = opened.equals(file)
                    && version == SCHEMA_VERSION
                    && seal.filter(s -> s.schema() == version).isPresent();
            if (!later && !whole(statement) || !ours && !begun(statement)) {
                throw damaged(file, null);
            }
            if (!ours && seal.filter(s -> s.rows() > 0).isPresent()) {
                throw lost(file, "nothing is in it");
            }
            Seals sealed = seal.filter(s -> s.schema() == version).orElseGet(() -> Seals.none(version));
            SealCheck.Found found = later ? SealCheck.ends(connection, sealed) : SealCheck.whole(connection, sealed);
            if (found.damage().isPresent()) {
                throw lost(file, found.damage().get());
            }
            if (version < SCHEMA_VERSION) {
                if (keeping) {
                    BeforeMigration.keep(statement, file);
                }
                return Checked.NOTHING;
            }
            return new Checked(Optional.of(found.now()), later ? seal : Optional.empty());
        } catch (SQLException e) {
            throw damaged(file, e);
        }
    }

    /** A database whose very first start was cut off holds nothing yet but what the migrations keep for themselves. */
    private static boolean begun(Statement statement) throws SQLException {
        return single(statement, "SELECT COUNT(*) FROM sqlite_schema WHERE tbl_name <> 'flyway_schema_history'")
                .equals("0");
    }

    /** The log's index of words is no damage: it follows from the rest, and is made anew. */
    static boolean whole(Statement statement) throws SQLException {
        try (ResultSet said = statement.executeQuery("PRAGMA quick_check")) {
            boolean whole = true;
            while (said.next()) {
                whole &= said.getString(1).equals("ok") || said.getString(1).endsWith(INDEX_OF_WORDS);
            }
            return whole;
        }
    }

    private static String single(Statement statement, String sql) throws SQLException {
        try (ResultSet rows = statement.executeQuery(sql)) {
            return rows.next() ? rows.getString(1) : "";
        }
    }

    private static StartRefused damaged(Path file, Exception cause) {
        return new StartRefused(
                "The database (%s) is damaged or not Dantro's: put a backup in its place, or choose another folder with --data DIR. Nothing was changed."
                        .formatted(file),
                cause);
    }

    private static StartRefused lost(Path file, String what) {
        return new StartRefused(
                "The database (%s) is not what was acknowledged: %s. Put a backup in its place with './dantro restore FILE', or start once with --accept-damage to go on with what is left. Nothing was changed."
                        .formatted(file, what));
    }

    private static void remove(Path folder) {
        if (folder == null) {
            return;
        }
        for (String name : new String[] {"copy.db", "copy.db-wal", "copy.db-shm", ""}) {
            try {
                Files.deleteIfExists(folder.resolve(name));
            } catch (IOException e) {
                throw new StartRefused(
                        "The temporary folder (%s) cannot be removed: remove it by hand.".formatted(folder), e);
            }
        }
    }
}
