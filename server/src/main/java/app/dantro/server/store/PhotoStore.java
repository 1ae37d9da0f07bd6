package app.dantro.server.store;

import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and appends pictures. */
@Component
public class PhotoStore {
    private static final String INSERT = """
            INSERT INTO photo (id, case_id, topic, taken_by, taken_at_ms, jpeg)
            VALUES (:id, :caseId, :topic, :takenBy, :takenAtMs, :jpeg)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String FIND_BY_CASE = """
            SELECT id, case_id, topic, taken_by, taken_at_ms, length(jpeg) = 0 AS erased
              FROM photo
             WHERE case_id = :caseId
             ORDER BY taken_at_ms, id
            """;
    private static final String FIND_JPEG = """
            SELECT jpeg
              FROM photo
             WHERE case_id = :caseId AND id = :id AND length(jpeg) > 0
            """;
    private static final RowMapper<StoredPhoto> PHOTO = (row, n) -> new StoredPhoto(
            UUID.fromString(row.getString("id")),
            UUID.fromString(row.getString("case_id")),
            Topic.valueOf(row.getString("topic")),
            row.getString("taken_by"),
            row.getLong("taken_at_ms"),
            row.getBoolean("erased"));

    private final JdbcClient writer;
    private final JdbcClient reader;

    PhotoStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Appends a picture; false if the id is taken. */
    public boolean add(StoredPhoto photo, byte[] jpeg) {
        return writer.sql(INSERT)
                        .param("id", photo.id().toString())
                        .param("caseId", photo.caseId().toString())
                        .param("topic", photo.topic().name())
                        .param("takenBy", photo.takenBy())
                        .param("takenAtMs", photo.takenAtMs())
                        .param("jpeg", jpeg)
                        .update()
                == 1;
    }

    public List<StoredPhoto> findByCase(UUID caseId) {
        return reader.sql(FIND_BY_CASE)
                .param("caseId", caseId.toString())
                .query(PHOTO)
                .list();
    }

    public Optional<byte[]> jpeg(UUID caseId, UUID id) {
        return reader.sql(FIND_JPEG)
                .param("caseId", caseId.toString())
                .param("id", id.toString())
                .query((row, n) -> row.getBytes("jpeg"))
                .optional();
    }
}
