package app.dantro.server.device;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and writes paired devices; a removed one keeps its row. */
@Component
class DeviceStore {
    private static final String INSERT = """
            INSERT INTO device (id, name, role, case_id, token_hash, paired_at_ms, last_seen_ms)
            VALUES (:id, :name, :role, :caseId, :tokenHash, :pairedAtMs, :lastSeenMs)
            """;
    private static final String ALL = """
            SELECT id, name, role, case_id, token_hash, paired_at_ms, COALESCE(last_seen_ms, paired_at_ms) AS seen_ms
              FROM device
             WHERE removed_at_ms IS NULL
             ORDER BY paired_at_ms, id
            """;
    private static final String BY_TOKEN = """
            SELECT id, name, role, case_id, token_hash, paired_at_ms, COALESCE(last_seen_ms, paired_at_ms) AS seen_ms
              FROM device
             WHERE removed_at_ms IS NULL AND token_hash = :tokenHash
            """;
    private static final String REMOVE =
            "UPDATE device SET removed_at_ms = :nowMs WHERE id = :id AND removed_at_ms IS NULL";

    private static final String SEEN = "UPDATE device SET last_seen_ms = :nowMs WHERE id = :id";

    private final JdbcClient writer;
    private final JdbcClient reader;

    DeviceStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    void add(PairedDevice device) {
        writer.sql(INSERT)
                .param("id", device.id().toString())
                .param("name", device.name())
                .param("role", device.role().name())
                .param("caseId", device.caseId().map(UUID::toString).orElse(null))
                .param("tokenHash", device.tokenHash())
                .param("pairedAtMs", device.pairedAtMs())
                .param("lastSeenMs", device.lastSeenMs())
                .update();
    }

    List<PairedDevice> findAll() {
        return reader.sql(ALL).query(DeviceStore::device).list();
    }

    Optional<PairedDevice> findByToken(String tokenHash) {
        return reader.sql(BY_TOKEN)
                .param("tokenHash", tokenHash)
                .query(DeviceStore::device)
                .optional();
    }

    /** @return false if there is no such device any more */
    boolean remove(UUID id, long nowMs) {
        return writer.sql(REMOVE)
                        .param("id", id.toString())
                        .param("nowMs", nowMs)
                        .update()
                > 0;
    }

    void seen(UUID id, long nowMs) {
        writer.sql(SEEN).param("id", id.toString()).param("nowMs", nowMs).update();
    }

    private static PairedDevice device(ResultSet row, int n) throws SQLException {
        return new PairedDevice(
                UUID.fromString(row.getString("id")),
                row.getString("name"),
                Role.valueOf(row.getString("role")),
                Optional.ofNullable(row.getString("case_id")).map(UUID::fromString),
                row.getString("token_hash"),
                row.getLong("paired_at_ms"),
                row.getLong("seen_ms"));
    }
}
