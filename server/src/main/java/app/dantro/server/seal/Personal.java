package app.dantro.server.seal;

import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Map;
import java.util.Set;

/**
 * What a person wrote or photographed, and how it goes into a row's seal: as a hash with a salt of the row's own, that stays
 * when words and salt are erased (docs/decisions/0036).
 */
public final class Personal {
    private static final Map<String, Set<String>> COLUMNS = Map.of(
            "job_case", Set.of("vehicle", "complaint"),
            "vehicle", Set.of("name"),
            "vehicle_detail", Set.of("value"),
            "due", Set.of("words"),
            "statement", Set.of("value", "note"),
            "repair", Set.of("note"),
            "complaint_test", Set.of("note"),
            "strike", Set.of("reason"),
            "photo", Set.of("jpeg"));

    private static final String KNOWN = "SELECT 1 FROM sqlite_schema WHERE type = 'table' AND name = 'personal'";
    private static final String OF_ROW = "SELECT salt, digest FROM personal WHERE of_table = ? AND of_row = ?";

    private Personal() {}

    /** The personal columns of a table, as this database seals them: none before it knew of any. */
    static Set<String> columns(Connection connection, String table) throws SQLException {
        Set<String> personal = COLUMNS.getOrDefault(table, Set.of());
        if (personal.isEmpty()) {
            return personal;
        }
        try (PreparedStatement query = connection.prepareStatement(KNOWN);
                ResultSet there = query.executeQuery()) {
            return there.next() ? personal : Set.of();
        }
    }

    /** What stands for the personal words of a table's rows in their seals; one question, asked for one row after the other. */
    static final class Digests implements AutoCloseable {
        private final PreparedStatement query;

        Digests(Connection connection, String table) throws SQLException {
            query = connection.prepareStatement(OF_ROW);
            query.setString(1, table);
        }

        /** @param words their bytes */
        byte[] of(long row, byte[] words) throws SQLException {
            query.setLong(2, row);
            try (ResultSet known = query.executeQuery()) {
                if (!known.next()) {
                    return new byte[0];
                }
                byte[] salt = known.getBytes(1);
                byte[] erased = known.getBytes(2);
                return salt == null ? erased == null ? new byte[0] : erased : salted(salt, words);
            }
        }

        @Override
        public void close() throws SQLException {
            query.close();
        }
    }

    private static byte[] salted(byte[] salt, byte[] words) {
        MessageDigest sha = Head.sha256();
        sha.update(salt);
        return sha.digest(words);
    }

    /**
     * Lets go of a row's salt and leaves the hash of its words; to be called in the transaction that erases them, before it
     * does. Twice does no harm.
     */
    public static void seal(Connection connection, String table, long row) throws SQLException {
        byte[] digest = Rows.personal(connection, table, row);
        try (PreparedStatement let = connection.prepareStatement(
                "UPDATE personal SET salt = NULL, digest = ? WHERE of_table = ? AND of_row = ?")) {
            let.setBytes(1, digest);
            let.setString(2, table);
            let.setLong(3, row);
            let.executeUpdate();
        }
    }
}
