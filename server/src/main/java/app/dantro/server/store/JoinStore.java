package app.dantro.server.store;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** That two vehicles are one, entered twice; nothing of either is changed, so that they can be taken apart again. */
@Component
public class JoinStore {
    private static final String SAY = """
            INSERT INTO vehicle_join (id, vehicle_id, into_id, said_by, said_at_ms)
            VALUES (:id, :vehicleId, :intoId, :saidBy, :saidAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String SAID = """
            SELECT id, vehicle_id, into_id, said_by, said_at_ms
              FROM vehicle_join
             WHERE id = :id
            """;
    private static final String MOVE = """
            UPDATE vehicle_same
               SET known_as = :into
             WHERE known_as = :vehicle
            """;

    /** With all that was joined to it before. */
    private static final String APART = """
            WITH RECURSIVE
              newest AS (
                SELECT vehicle_id, into_id
                  FROM vehicle_join
                 WHERE rowid IN (SELECT MAX(rowid) FROM vehicle_join GROUP BY vehicle_id)),
              below (id) AS (
                SELECT :vehicle
                 UNION
                SELECT newest.vehicle_id
                  FROM newest
                  JOIN below ON newest.into_id = below.id)
            UPDATE vehicle_same
               SET known_as = :vehicle
             WHERE vehicle_id IN (SELECT id FROM below)
            """;

    private static final String KNOWN_AS = """
            SELECT known_as
              FROM vehicle_same
             WHERE vehicle_id = :id
            """;

    /** Those that were joined to one directly, and were not taken apart since. */
    private static final String JOINED = """
            SELECT vehicle.id, vehicle.name, vehicle_join.said_by, vehicle_join.said_at_ms
              FROM vehicle_join
              JOIN vehicle ON vehicle.id = vehicle_join.vehicle_id
             WHERE vehicle_join.rowid IN (SELECT MAX(rowid) FROM vehicle_join GROUP BY vehicle_id)
               AND vehicle_join.into_id = :id AND vehicle_join.vehicle_id <> :id
             ORDER BY vehicle_join.rowid
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final TransactionTemplate transaction;

    JoinStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("reader") JdbcClient reader,
            TransactionTemplate transaction) {
        this.writer = writer;
        this.reader = reader;
        this.transaction = transaction;
    }

    /** That one vehicle is another. @param into the same vehicle to take it out of what it was joined to */
    public record Join(UUID id, UUID vehicle, UUID into, String saidBy, long saidAtMs) {
        private boolean apart() {
            return vehicle.equals(into);
        }
    }

    /** A vehicle that was joined to another. */
    public record Joined(UUID id, String name, String saidBy, long saidAtMs) {}

    /** Joins two vehicles that each stand for themselves, or takes one out again; false if the id is taken. */
    public boolean say(Join join) {
        return Boolean.TRUE.equals(transaction.execute(status -> {
            boolean added = writer.sql(SAY)
                            .param("id", join.id().toString())
                            .param("vehicleId", join.vehicle().toString())
                            .param("intoId", join.into().toString())
                            .param("saidBy", join.saidBy())
                            .param("saidAtMs", join.saidAtMs())
                            .update()
                    == 1;
            if (added) {
                writer.sql(join.apart() ? APART : MOVE)
                        .param("vehicle", join.vehicle().toString())
                        .param("into", join.into().toString())
                        .update();
            }
            return added;
        }));
    }

    public Optional<Join> said(UUID id) {
        return reader.sql(SAID)
                .param("id", id.toString())
                .query((row, n) -> new Join(
                        id,
                        UUID.fromString(row.getString("vehicle_id")),
                        UUID.fromString(row.getString("into_id")),
                        row.getString("said_by"),
                        row.getLong("said_at_ms")))
                .optional();
    }

    /** As what a vehicle is known now; nothing of one that is not known. */
    public Optional<UUID> knownAs(UUID vehicle) {
        return reader.sql(KNOWN_AS)
                .param("id", vehicle.toString())
                .query((row, n) -> UUID.fromString(row.getString("known_as")))
                .optional();
    }

    /** Those that were joined to one directly. */
    public List<Joined> joinedTo(UUID vehicle) {
        return reader.sql(JOINED)
                .param("id", vehicle.toString())
                .query((row, n) -> new Joined(
                        UUID.fromString(row.getString("id")),
                        row.getString("name"),
                        row.getString("said_by"),
                        row.getLong("said_at_ms")))
                .list();
    }
}
