package app.dantro.server.seal;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.util.Set;

/** A row as the bytes that are sealed. */
final class RowBytes {
    private RowBytes() {}

    /** Which columns of a query are personal; looked up once for all of its rows. */
    static boolean[] told(ResultSet rows, Set<String> personal) throws SQLException {
        ResultSetMetaData columns = rows.getMetaData();
        boolean[] told = new boolean[columns.getColumnCount()];
        for (int i = 0; i < told.length; i++) {
            told[i] = personal.contains(columns.getColumnName(i + 1));
        }
        return told;
    }

    /** All of a row, what is personal as what stands for it. @param digests null for a table without personal columns */
    static byte[] of(ResultSet row, boolean[] told, Personal.Digests digests) throws SQLException {
        byte[] plain = of(row, told, false);
        if (digests == null) {
            return plain;
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream(plain.length + 40);
        all.writeBytes(plain);
        put(all, 'p', digests.of(row.getLong(1), of(row, told, true)));
        return all.toByteArray();
    }

    /** Every value behind its kind and length, so that no two rows have the same bytes. */
    static byte[] of(ResultSet row, boolean[] told, boolean personal) throws SQLException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(256);
        for (int i = 0; i < told.length; i++) {
            if (told[i] == personal) {
                value(bytes, row.getObject(i + 1));
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
