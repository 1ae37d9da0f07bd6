package app.dantro.server.store;

import app.dantro.core.record.Topic;
import app.dantro.server.seal.Personal;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Erases what a person wrote or photographed; the one thing on record that is ever changed (docs/decisions/0036). */
@Component
public class ErasureStore {
    /** What stands in the place of words that are erased. */
    public static final String ERASED = "erased";

    private static final String INSERT = """
            INSERT INTO erasure (id, case_id, target_id, erased_by, erased_at_ms)
            VALUES (:id, :caseId, :target, :erasedBy, :erasedAtMs)
            ON CONFLICT (id) DO NOTHING
            """;

    /** Topics whose value is somebody's own words, not one of a list or a figure. */
    private static final String WORDS = Stream.of(Topic.values())
            .filter(t -> t.answers().isEmpty() && t.figure().isEmpty())
            .map(t -> "'" + t.name() + "'")
            .collect(Collectors.joining(", "));

    private record Kind(String table, String key, String erases) {}

    /** Every table with personal words, by what ties its rows to a case, and what erases them. */
    private static final List<Kind> KINDS = List.of(
            new Kind(
                    "statement",
                    "case_id",
                    "note = CASE note WHEN '' THEN '' ELSE :erased END, value = CASE WHEN topic IN (" + WORDS
                            + ") THEN :erased ELSE value END"),
            new Kind("repair", "case_id", "note = CASE note WHEN '' THEN '' ELSE :erased END"),
            new Kind("complaint_test", "case_id", "note = CASE note WHEN '' THEN '' ELSE :erased END"),
            new Kind("strike", "case_id", "reason = CASE reason WHEN '' THEN '' ELSE :erased END"),
            new Kind("photo", "case_id", "jpeg = CAST(substr(:erased, 1, 0) AS BLOB)"),
            new Kind("job_case", "id", "vehicle = :erased, complaint = :erased"),
            new Kind("vehicle", "id", "name = :erased"),
            new Kind("vehicle_detail", "vehicle_id", "value = :erased"),
            new Kind("due", "vehicle_id", "words = :erased"));

    private final JdbcClient writer;
    private final JdbcTemplate direct;
    private final TransactionTemplate transaction;

    ErasureStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("writerSource") DataSource source,
            TransactionTemplate transaction) {
        this.writer = writer;
        this.direct = new JdbcTemplate(source);
        this.transaction = transaction;
    }

    /**
     * That something was erased.
     *
     * @param target a statement, repair, test, strike or picture; empty for all that is personal in the case
     */
    public record Erasure(UUID id, UUID caseId, Optional<UUID> target, String erasedBy, long erasedAtMs) {}

    /** Erases, and puts on record that it was; false if the id is taken, and then nothing is erased. */
    public boolean erase(Erasure erasure) {
        boolean erased = Boolean.TRUE.equals(transaction.execute(status -> {
            boolean added = writer.sql(INSERT)
                            .param("id", erasure.id().toString())
                            .param("caseId", erasure.caseId().toString())
                            .param(
                                    "target",
                                    erasure.target().map(UUID::toString).orElse(null))
                            .param("erasedBy", erasure.erasedBy())
                            .param("erasedAtMs", erasure.erasedAtMs())
                            .update()
                    == 1;
            if (added) {
                KINDS.forEach(kind -> erase(kind, erasure));
            }
            return added;
        }));
        if (erased) {
            // What was written over is still in the log until it is folded in and cut.
            direct.execute("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        return erased;
    }

    private void erase(Kind kind, Erasure erasure) {
        String where =
                erasure.target().isPresent() ? "id = :target AND " + kind.key + " = :caseId" : kind.key + " = :caseId";
        if (kind.key.equals("id") && erasure.target().isPresent()) {
            return;
        }
        String target = erasure.target().map(UUID::toString).orElse("");
        List<Long> rows = writer.sql("SELECT rowid FROM %s WHERE %s".formatted(kind.table, where))
                .param("caseId", erasure.caseId().toString())
                .param("target", target)
                .query(Long.class)
                .list();
        for (long row : rows) {
            direct.execute((Connection connection) -> sealed(connection, kind.table, row));
            writer.sql("UPDATE %s SET %s WHERE rowid = :row".formatted(kind.table, kind.erases))
                    .param("erased", ERASED)
                    .param("row", row)
                    .update();
        }
    }

    private static Void sealed(Connection connection, String table, long row) throws SQLException {
        Personal.seal(connection, table, row);
        return null;
    }
}
