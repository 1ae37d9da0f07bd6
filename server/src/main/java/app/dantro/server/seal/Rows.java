package app.dantro.server.seal;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The rows of the tables that are only ever added to, each as the bytes that go into its chain. */
final class Rows {
    /** What changes by its nature: who may come in. And what is only said once, about the file itself. */
    private static final Set<String> NOT_SEALED = Set.of("device", "database_identity", "flyway_schema_history");

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
        tables.removeAll(NOT_SEALED);
        return tables;
    }

    static boolean sealed(String table) {
        return !NOT_SEALED.contains(table) && !table.startsWith("sqlite");
    }

    /** The rows behind one, in their order. */
    static void after(Connection connection, String table, long row, Taker taker) throws SQLException {
        read(connection, "SELECT rowid, * FROM %s WHERE rowid > ? ORDER BY rowid".formatted(table), row, taker);
    }

    /** Just one row. */
    static void only(Connection connection, String table, long row, Taker taker) throws SQLException {
        read(connection, "SELECT rowid, * FROM %s WHERE rowid = ?".formatted(table), row, taker);
    }

    private static void read(Connection connection, String sql, long row, Taker taker) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement(sql)) {
            query.setLong(1, row);
            try (ResultSet rows = query.executeQuery()) {
                int columns = rows.getMetaData().getColumnCount();
                while (rows.next()) {
                    taker.row(rows.getLong(1), content(rows, columns));
                }
            }
        }
    }

    /** Every value behind its kind and length, so that no two rows have the same bytes. */
    private static byte[] content(ResultSet row, int columns) throws SQLException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(256);
        for (int i = 1; i <= columns; i++) {
            Object value = row.getObject(i);
            if (value == null) {
                bytes.write('n');
            } else if (value instanceof Integer || value instanceof Long) {
                put(
                        bytes,
                        'i',
                        ByteBuffer.allocate(Long.BYTES)
                                .putLong(((Number) value).longValue())
                                .array());
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
        return bytes.toByteArray();
    }

    private static void put(ByteArrayOutputStream bytes, char kind, byte[] value) {
        bytes.write(kind);
        bytes.writeBytes(ByteBuffer.allocate(Integer.BYTES).putInt(value.length).array());
        bytes.writeBytes(value);
    }
}
