package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import app.dantro.server.store.CaseLine.Behind;
import app.dantro.server.store.CaseLine.OnBay;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps the lines of Bay and log. That a line is behind is noted by the database itself, with whatever comes on record. */
@Component
public class LineStore {
    private static final String BEHIND = """
            SELECT case_id, changed
              FROM case_line
             WHERE shown < changed
             ORDER BY opened_at_ms DESC
             LIMIT :most
            """;
    private static final String ANY_BEHIND = """
            SELECT EXISTS (SELECT 1 FROM case_line WHERE shown < changed)
                OR EXISTS (SELECT 1 FROM case_line WHERE judged = 0)
            """;
    private static final String OF_CASE = """
            SELECT case_id, changed
              FROM case_line
             WHERE case_id = :caseId
            """;
    private static final String ON_BAY = """
            SELECT case_line.case_id, shown < changed OR judged = 0 AS behind, card, known_as,
                   (SELECT value
                      FROM vehicle_detail
                      JOIN vehicle_same AS one ON one.vehicle_id = vehicle_detail.vehicle_id
                     WHERE one.known_as = vehicle_same.known_as AND field = 'PLATE'
                     ORDER BY said_at_ms DESC, vehicle_detail.rowid DESC
                     LIMIT 1) AS plate
              FROM case_line
              JOIN case_vehicle ON case_vehicle.case_id = case_line.case_id
              JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
             WHERE number IN (SELECT number FROM case_line WHERE in_work = 1
                              UNION ALL
                              SELECT number FROM case_line WHERE last_at_ms > :since)
             ORDER BY opened_at_ms DESC, case_line.case_id
            """;
    private static final String IN_WORK = """
            SELECT case_id
              FROM case_line
             WHERE (in_work = 1 OR shown < changed) AND concern = :concern
             ORDER BY opened_at_ms DESC, case_id
            """;
    private static final String KEEP = """
            UPDATE case_line
               SET shown = :changed, judged = :judged, made_by = :madeBy, in_work = :inWork, set_aside = :setAside,
                   last_at_ms = :lastAtMs, stage = :stage, finding = :finding, repairs = :repairs, people = :people,
                   readings = :readings, cranks = :cranks, found = :found, saved = :saved, sort = :sort,
                   digest = :digest, card = :card
             WHERE case_id = :caseId AND changed = :changed
            """;
    private static final String KEEP_WORDS = """
            INSERT OR REPLACE INTO log_words (rowid, words)
            SELECT number, :words
              FROM case_line
             WHERE case_id = :caseId
            """;
    private static final String OLDER = """
            UPDATE case_line
               SET changed = changed + 1
             WHERE shown = changed AND (in_work = 1 AND made_by <> :madeBy OR judged = 0)
            """;
    private static final String ONE_ANEW = """
            UPDATE case_line
               SET changed = changed + 1
             WHERE case_id = :caseId
            """;
    private static final String ALL_ANEW = """
            UPDATE case_line
               SET shown = 0
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final JointStore joints;
    private final TransactionTemplate transaction;

    LineStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("reader") JdbcClient reader,
            JointStore joints,
            TransactionTemplate transaction) {
        this.joints = joints;
        this.writer = writer;
        this.reader = reader;
        this.transaction = transaction;
    }

    /** Cases whose lines are behind, the newest first. */
    public List<Behind> behind(int most) {
        return reader.sql(BEHIND)
                .param("most", most)
                .query((row, n) -> new Behind(UUID.fromString(row.getString("case_id")), row.getLong("changed")))
                .list();
    }

    /** True while more is on record than some line knows of. */
    public boolean anyBehind() {
        return reader.sql(ANY_BEHIND).query(Boolean.class).single();
    }

    /** The state of a case. */
    public Optional<Behind> state(UUID caseId) {
        return reader.sql(OF_CASE)
                .param("caseId", caseId.toString())
                .query((row, n) -> new Behind(caseId, row.getLong("changed")))
                .optional();
    }

    /** What is in work, and what was put down since a moment; the newest first. */
    public List<OnBay> onBay(long sinceMs) {
        return reader.sql(ON_BAY)
                .param("since", sinceMs)
                .query((row, n) -> new OnBay(
                        UUID.fromString(row.getString("case_id")),
                        row.getBoolean("behind"),
                        UUID.fromString(row.getString("known_as")),
                        row.getString("plate") == null ? "" : row.getString("plate"),
                        Optional.ofNullable(row.getString("card"))))
                .list();
    }

    /** The cases of one loop that are in work, or may be again, the newest first. */
    public List<UUID> inWork(Loop concern) {
        return reader.sql(IN_WORK)
                .param("concern", concern.name())
                .query((row, n) -> UUID.fromString(row.getString("case_id")))
                .list();
    }

    /** Keeps lines of which nothing newer is on record by now; the others stay behind. */
    public void keep(List<CaseLine> lines, int madeBy) {
        transaction.executeWithoutResult(status -> lines.forEach(line -> keep(line, madeBy)));
    }

    private void keep(CaseLine line, int madeBy) {
        int kept = writer.sql(KEEP)
                .param("caseId", line.caseId().toString())
                .param("changed", line.changed())
                .param("judged", line.judged())
                .param("madeBy", madeBy)
                .param("inWork", line.inWork())
                .param("setAside", line.setAside())
                .param("lastAtMs", line.lastAtMs())
                .param("stage", line.stage())
                .param("finding", line.finding())
                .param("repairs", line.repairs())
                .param("people", line.people())
                .param("readings", line.tally().readings())
                .param("cranks", line.tally().cranks())
                .param("found", line.tally().found())
                .param("saved", String.join(", ", line.tally().saved()))
                .param("sort", line.sort())
                .param("digest", LineCheckStore.digest(line))
                .param("card", line.card().orElse(null))
                .update();
        if (kept == 1) {
            joints.keep(
                    line.caseId(),
                    line.setAside() ? List.of() : line.joints(),
                    line.setAside() ? Map.of() : line.certified());
            writer.sql(KEEP_WORDS)
                    .param("caseId", line.caseId().toString())
                    .param("words", line.words())
                    .update();
        }
    }

    /** Has the lines of open cases made anew that another version of this program made, and all that were not judged when it ended. */
    public void makeAnewBut(int madeBy) {
        writer.sql(OLDER).param("madeBy", madeBy).update();
    }

    /** Has the line of one case made anew. */
    public void makeAnew(UUID caseId) {
        writer.sql(ONE_ANEW).param("caseId", caseId.toString()).update();
    }

    /** Has all lines made anew. */
    public void makeAllAnew() {
        writer.sql(ALL_ANEW).update();
    }
}
