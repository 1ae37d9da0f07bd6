package app.dantro.server.seal;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

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
            "joint_line");

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
                byte[] words = content(found, Personal.columns(connection, table)::contains);
                return Personal.digest(connection, table, row, words);
            }
        }
    }

    private static void read(Connection connection, String table, String sql, long row, Taker taker)
            throws SQLException {
        Set<String> personal = Personal.columns(connection, table);
        try (PreparedStatement query = connection.prepareStatement(sql)) {
            query.setLong(1, row);
            try (ResultSet rows = query.executeQuery()) {
                while (rows.next()) {
                    taker.row(rows.getLong(1), content(connection, table, rows, personal));
                }
            }
        }
    }

    private static byte[] content(Connection connection, String table, ResultSet row, Set<String> personal)
            throws SQLException {
        byte[] plain = content(row, column -> !personal.contains(column));
        if (personal.isEmpty()) {
            return plain;
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream(plain.length + 40);
        all.writeBytes(plain);
        put(all, 'p', Personal.digest(connection, table, row.getLong(1), content(row, personal::contains)));
        return all.toByteArray();
    }

    /** Every value behind its kind and length, so that no two rows have the same bytes. */
    private static byte[] content(ResultSet row, Predicate<String> which) throws SQLException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(256);
        ResultSetMetaData columns = row.getMetaData();
        for (int i = 1; i <= columns.getColumnCount(); i++) {
            if (which.test(columns.getColumnName(i))) {
                value(bytes, row.getObject(i));
            }
        }
        return bytes.toByteArray();
    }

    private static void value(ByteArrayOutputStream bytes, Object value) {
        if (value == null) {
            bytes.write('n');
        } else if (value instanceof Integer || value instanceof Long) {
            long number = ((Number) value).longValue();
            put(bytes, 'i', ByteBuffer.allocate(Long.BYTES).putLong(number).array());
        } else if (value instanceof Number number) {
            put(
                    bytes,
                    'r',
                    ByteBuffer.allocate(Double.BYTES)
                            .putDouble(number.doubleValue())
                            .array());
        } else if (value instanceof byte[] blob) {
            put(bytes, 'b', blob);
        } else {
            put(bytes, 't', value.toString().getBytes(StandardCharsets.UTF_8));
        }
    }

    private static void put(ByteArrayOutputStream bytes, char kind, byte[] value) {
        bytes.write(kind);
        bytes.writeBytes(ByteBuffer.allocate(Integer.BYTES).putInt(value.length).array());
        bytes.writeBytes(value);
    }
}
