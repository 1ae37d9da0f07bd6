package app.dantro.server.seal;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The rows of the tables that are only ever added to, each as the bytes that go into its chain. */
final class Rows {
    /** What changes by its nature: who may come in; what can be made anew; and what is only said once, about the file itself. */
    private static final Set<String> NOT_SEALED = Set.of(
            "device",
            "database_identity",
            "flyway_schema_history",
            "personal",
            "case_line",
            "vehicle_same",
            "joint_line",
            "certified_line");

    /** An index of words keeps its own tables beside it. */
    private static final String WORDS = "log_words";

    private static final String ONE = "SELECT rowid, * FROM %s WHERE rowid = ?";

    /** Takes a row of a table, in the order of the rowids. */
    interface Taker {
        void row(long id, byte[] content);
    }

    private Rows() {}

    /** The tables that are sealed. */
    static List<String> tables(Connection connection) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (PreparedStatement query = connection.prepareStatement(
                        "SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite%' ORDER BY name");
                ResultSet rows = query.executeQuery()) {
            while (rows.next()) {
                tables.add(rows.getString(1));
            }
        }
        tables.removeIf(table -> !sealed(table));
        return tables;
    }

    static boolean sealed(String table) {
        return !NOT_SEALED.contains(table) && !table.startsWith("sqlite") && !table.startsWith(WORDS);
    }

    /** The rows behind one, in their order. */
    static void after(Connection connection, String table, long row, Taker taker) throws SQLException {
        read(connection, table, "SELECT rowid, * FROM %s WHERE rowid > ? ORDER BY rowid".formatted(table), row, taker);
    }

    /** How many rows a table has. */
    static long count(Connection connection, String table) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement("SELECT COUNT(*) FROM %s".formatted(table));
                ResultSet rows = query.executeQuery()) {
            return rows.getLong(1);
        }
    }

    /** Just one row. */
    static void only(Connection connection, String table, long row, Taker taker) throws SQLException {
        read(connection, table, ONE.formatted(table), row, taker);
    }

    /** What stands for the personal words of one row in its seal. */
    static byte[] personal(Connection connection, String table, long row) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement(ONE.formatted(table))) {
            query.setLong(1, row);
            try (ResultSet found = query.executeQuery()) {
                if (!found.next()) {
                    return new byte[0];
                }
                byte[] words = RowBytes.of(found, RowBytes.told(found, Personal.columns(connection, table)), true);
                try (Personal.Digests digests = new Personal.Digests(connection, table)) {
                    return digests.of(row, words);
                }
            }
        }
    }

    private static void read(Connection connection, String table, String sql, long row, Taker taker)
            throws SQLException {
        Set<String> personal = Personal.columns(connection, table);
        try (PreparedStatement query = connection.prepareStatement(sql);
                Personal.Digests digests = personal.isEmpty() ? null : new Personal.Digests(connection, table)) {
            query.setLong(1, row);
            try (ResultSet rows = query.executeQuery()) {
                boolean[] told = RowBytes.told(rows, personal);
                while (rows.next()) {
                    taker.row(rows.getLong(1), RowBytes.of(rows, told, digests));
                }
            }
        }
    }
}
