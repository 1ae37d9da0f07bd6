package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.inference.ShopRepairs;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Counts the shop's own verified repairs and certified parts, and keeps whether they count for new cases. */
@Component
public class ExperienceStore {
    /** A shop changes, and with it what it sees: the newest ones count. */
    private static final int MOST_CASES = 300;

    /** Of a case the repair that was verified: its last one. Nothing that was imported or simulated. */
    private static final String REPAIRS = """
            SELECT sort, concern, part, COUNT(*) AS repairs
              FROM (SELECT line.sort, line.concern,
                           (SELECT part
                              FROM repair
                             WHERE repair.case_id = line.case_id
                               AND (SELECT restores
                                      FROM strike
                                     WHERE target_id = repair.id
                                     ORDER BY struck_at_ms DESC, rowid DESC
                                     LIMIT 1) IS NOT 0
                             ORDER BY done_at_ms DESC, id DESC
                             LIMIT 1) AS part
                      FROM case_line AS line
                     WHERE stage = 'VERIFIED' AND set_aside = 0 AND sort <> ''
                       AND NOT EXISTS (SELECT 1 FROM simulation WHERE simulation.case_id = line.case_id)
                       AND NOT EXISTS (SELECT 1 FROM case_import WHERE case_import.case_id = line.case_id)
                     ORDER BY last_at_ms DESC
                     LIMIT :most)
             WHERE part IS NOT NULL
             GROUP BY sort, concern, part
             ORDER BY repairs DESC, sort, concern, part
            """;

    /** Of a vehicle the newest case that tells of a kind of part and ended well. Nothing that was imported or simulated. */
    private static final String CERTIFIED = """
            SELECT sort, kind, SUM(told) AS told, SUM(off) AS off, SUM(squares) AS squares
              FROM (SELECT line.sort, part.kind, part.told, part.off, part.squares,
                           ROW_NUMBER() OVER (
                               PARTITION BY same.known_as, part.kind ORDER BY line.last_at_ms DESC, line.case_id
                           ) AS newest
                      FROM (SELECT case_id, sort, last_at_ms
                              FROM case_line
                             WHERE stage IN ('VERIFIED', 'GOOD') AND set_aside = 0 AND sort <> ''
                               AND NOT EXISTS (SELECT 1 FROM simulation WHERE simulation.case_id = case_line.case_id)
                               AND NOT EXISTS (SELECT 1 FROM case_import WHERE case_import.case_id = case_line.case_id)
                             ORDER BY last_at_ms DESC
                             LIMIT :most) AS line
                      JOIN certified_line AS part ON part.case_id = line.case_id
                      JOIN case_vehicle ON case_vehicle.case_id = line.case_id
                      JOIN vehicle_same AS same ON same.vehicle_id = case_vehicle.vehicle_id)
             WHERE newest = 1
             GROUP BY sort, kind
             ORDER BY sort, kind
            """;

    private static final String SAY = """
            INSERT INTO shop_experience (id, counts, said_by, said_at_ms)
            VALUES (:id, :counts, :saidBy, :saidAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String SAID = """
            SELECT id, counts, said_by, said_at_ms
              FROM shop_experience
            """;
    private static final String NEWEST = SAID + """
             ORDER BY rowid DESC
             LIMIT 1
            """;
    private static final String OF_ID = SAID + """
             WHERE id = :id
            """;
    private static final String IMPORTED = """
            INSERT INTO case_import (case_id, imported_by, imported_at_ms)
            VALUES (:caseId, :by, :atMs)
            ON CONFLICT (case_id) DO NOTHING
            """;
    private static final RowMapper<Choice> CHOICE = (row, n) -> new Choice(
            UUID.fromString(row.getString("id")),
            row.getBoolean("counts"),
            row.getString("said_by"),
            row.getLong("said_at_ms"));

    private final JdbcClient writer;
    private final JdbcClient reader;

    ExperienceStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Somebody's word whether the shop's own repairs count. */
    public record Choice(UUID id, boolean counts, String saidBy, long saidAtMs) {}

    /** The shop's own verified repairs, the most frequent first, and what it certified. */
    public ShopRepairs repairs() {
        return new ShopRepairs(
                reader.sql(REPAIRS)
                        .param("most", MOST_CASES)
                        .query((row, n) -> new ShopRepairs.Counted(
                                VehicleSort.valueOf(row.getString("sort")),
                                Loop.valueOf(row.getString("concern")),
                                PartId.of(row.getString("part")),
                                row.getInt("repairs")))
                        .list(),
                reader.sql(CERTIFIED)
                        .param("most", MOST_CASES)
                        .query((row, n) -> new ShopRepairs.Certified(
                                VehicleSort.valueOf(row.getString("sort")),
                                PartKind.valueOf(row.getString("kind")),
                                new CertifiedParts(
                                        row.getDouble("told"), row.getDouble("off"), row.getDouble("squares"))))
                        .list());
    }

    /** Whether they count; they do unless somebody said otherwise. */
    public boolean count() {
        return reader.sql(NEWEST).query(CHOICE).optional().map(Choice::counts).orElse(true);
    }

    /** Appends a choice; false if the id is taken. */
    public boolean say(Choice choice) {
        return writer.sql(SAY)
                        .param("id", choice.id().toString())
                        .param("counts", choice.counts())
                        .param("saidBy", choice.saidBy())
                        .param("saidAtMs", choice.saidAtMs())
                        .update()
                == 1;
    }

    public Optional<Choice> said(UUID id) {
        return writer.sql(OF_ID).param("id", id.toString()).query(CHOICE).optional();
    }

    /** Notes that a case came in a file. */
    public void imported(UUID caseId, String by, long atMs) {
        writer.sql(IMPORTED)
                .param("caseId", caseId.toString())
                .param("by", by)
                .param("atMs", atMs)
                .update();
    }
}
