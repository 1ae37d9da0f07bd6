package app.dantro.server.backup;

import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and appends the second place of the backups. */
@Component
class BackupPlaceStore {
    private static final String INSERT = """
            INSERT INTO backup_place (id, folder, chosen_by, chosen_at_ms)
            VALUES (:id, :folder, :chosenBy, :chosenAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String NEWEST = """
            SELECT id, folder, chosen_by, chosen_at_ms
              FROM backup_place
             ORDER BY rowid DESC
             LIMIT 1
            """;
    private static final String FIND = """
            SELECT id, folder, chosen_by, chosen_at_ms
              FROM backup_place
             WHERE id = :id
            """;
    private static final RowMapper<BackupPlace> PLACE = (row, n) -> new BackupPlace(
            UUID.fromString(row.getString("id")),
            row.getString("folder"),
            row.getString("chosen_by"),
            row.getLong("chosen_at_ms"));

    private final JdbcClient writer;
    private final JdbcClient reader;

    BackupPlaceStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Appends a choice; false if the id is taken. */
    boolean add(BackupPlace place) {
        return writer.sql(INSERT)
                        .param("id", place.id().toString())
                        .param("folder", place.folder())
                        .param("chosenBy", place.chosenBy())
                        .param("chosenAtMs", place.chosenAtMs())
                        .update()
                == 1;
    }

    Optional<BackupPlace> find(UUID id) {
        return writer.sql(FIND).param("id", id.toString()).query(PLACE).optional();
    }

    /** The one that counts; none if it was taken back. */
    Optional<BackupPlace> newest() {
        return reader.sql(NEWEST)
                .query(PLACE)
                .optional()
                .filter(p -> !p.folder().isBlank());
    }
}
