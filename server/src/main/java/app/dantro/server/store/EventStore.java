package app.dantro.server.store;

import app.dantro.core.circuit.PartId;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and appends repairs, complaint tests, statements and strikes. */
@Component
public class EventStore {
    private static final String INSERT_REPAIR = """
            INSERT INTO repair (id, case_id, part, action, note, done_by, done_at_ms)
            VALUES (:id, :caseId, :part, :action, :note, :doneBy, :doneAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String REPAIRS = """
            SELECT id, case_id, part, action, note, done_by, done_at_ms
              FROM repair
            """;
    private static final String INSERT_TEST = """
            INSERT INTO complaint_test (id, case_id, passed, note, done_by, done_at_ms)
            VALUES (:id, :caseId, :passed, :note, :doneBy, :doneAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String TESTS = """
            SELECT id, case_id, passed, note, done_by, done_at_ms
              FROM complaint_test
            """;
    private static final String INSERT_STATEMENT = """
            INSERT INTO statement (id, case_id, topic, value, note, said_by, said_at_ms)
            VALUES (:id, :caseId, :topic, :value, :note, :saidBy, :saidAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String STATEMENTS = """
            SELECT id, case_id, topic, value, note, said_by, said_at_ms
              FROM statement
            """;
    private static final String INSERT_STRIKE = """
            INSERT INTO strike (id, case_id, target_id, restores, reason, struck_by, struck_at_ms)
            VALUES (:id, :caseId, :target, :restores, :reason, :struckBy, :struckAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String STRIKES = """
            SELECT id, case_id, target_id, restores, reason, struck_by, struck_at_ms
              FROM strike
            """;
    private static final String OF_CASE = " WHERE case_id = :key ORDER BY %s, rowid";
    private static final String BY_ID = " WHERE id = :key";

    private static final RowMapper<StoredRepair> REPAIR = (row, n) -> new StoredRepair(
            UUID.fromString(row.getString("case_id")),
            new Repair(
                    UUID.fromString(row.getString("id")),
                    PartId.of(row.getString("part")),
                    Repair.Action.valueOf(row.getString("action")),
                    row.getString("note"),
                    row.getLong("done_at_ms")),
            row.getString("done_by"));
    private static final RowMapper<StoredTest> TEST = (row, n) -> new StoredTest(
            UUID.fromString(row.getString("case_id")),
            new ComplaintTest(
                    UUID.fromString(row.getString("id")),
                    row.getBoolean("passed"),
                    row.getString("note"),
                    row.getLong("done_at_ms")),
            row.getString("done_by"));
    private static final RowMapper<StoredStatement> STATEMENT = (row, n) -> new StoredStatement(
            UUID.fromString(row.getString("case_id")),
            new Statement(
                    UUID.fromString(row.getString("id")),
                    Topic.valueOf(row.getString("topic")),
                    row.getString("value"),
                    row.getString("note"),
                    row.getLong("said_at_ms")),
            row.getString("said_by"));
    private static final RowMapper<Strike> STRIKE = (row, n) -> new Strike(
            UUID.fromString(row.getString("id")),
            UUID.fromString(row.getString("case_id")),
            UUID.fromString(row.getString("target_id")),
            row.getBoolean("restores"),
            row.getString("reason"),
            row.getString("struck_by"),
            row.getLong("struck_at_ms"));

    private final JdbcClient writer;
    private final JdbcClient reader;

    EventStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Appends a repair; false if the id is taken. */
    public boolean add(StoredRepair stored) {
        return writer.sql(INSERT_REPAIR)
                        .param("id", stored.repair().id().toString())
                        .param("caseId", stored.caseId().toString())
                        .param("part", stored.repair().part().value())
                        .param("action", stored.repair().action().name())
                        .param("note", stored.repair().note())
                        .param("doneBy", stored.doneBy())
                        .param("doneAtMs", stored.repair().doneAtMillis())
                        .update()
                == 1;
    }

    /** Appends a complaint test; false if the id is taken. */
    public boolean add(StoredTest stored) {
        return writer.sql(INSERT_TEST)
                        .param("id", stored.test().id().toString())
                        .param("caseId", stored.caseId().toString())
                        .param("passed", stored.test().passed())
                        .param("note", stored.test().note())
                        .param("doneBy", stored.doneBy())
                        .param("doneAtMs", stored.test().doneAtMillis())
                        .update()
                == 1;
    }

    /** Appends a statement; false if the id is taken. */
    public boolean add(StoredStatement stored) {
        return writer.sql(INSERT_STATEMENT)
                        .param("id", stored.statement().id().toString())
                        .param("caseId", stored.caseId().toString())
                        .param("topic", stored.statement().topic().name())
                        .param("value", stored.statement().value())
                        .param("note", stored.statement().note())
                        .param("saidBy", stored.saidBy())
                        .param("saidAtMs", stored.statement().saidAtMillis())
                        .update()
                == 1;
    }

    /** Appends a strike or a restoration; false if the id is taken. */
    public boolean add(Strike strike) {
        return writer.sql(INSERT_STRIKE)
                        .param("id", strike.id().toString())
                        .param("caseId", strike.caseId().toString())
                        .param("target", strike.target().toString())
                        .param("restores", strike.restores())
                        .param("reason", strike.reason())
                        .param("struckBy", strike.struckBy())
                        .param("struckAtMs", strike.struckAtMs())
                        .update()
                == 1;
    }

    public List<StoredRepair> findRepairs(UUID caseId) {
        return ofCase(REPAIRS, "done_at_ms", caseId, REPAIR);
    }

    public List<StoredTest> findTests(UUID caseId) {
        return ofCase(TESTS, "done_at_ms", caseId, TEST);
    }

    /** In the order they were recorded: of two statements on one topic the later recorded one counts. */
    public List<StoredStatement> findStatements(UUID caseId) {
        return ofCase(STATEMENTS, "rowid", caseId, STATEMENT);
    }

    public Optional<StoredStatement> findStatement(UUID id) {
        return byId(STATEMENTS, id, STATEMENT);
    }

    /** In the order they were recorded: of two strikes on one target the later recorded one counts. */
    public List<Strike> findStrikes(UUID caseId) {
        return ofCase(STRIKES, "rowid", caseId, STRIKE);
    }

    public Optional<StoredRepair> findRepair(UUID id) {
        return byId(REPAIRS, id, REPAIR);
    }

    public Optional<StoredTest> findTest(UUID id) {
        return byId(TESTS, id, TEST);
    }

    public Optional<Strike> findStrike(UUID id) {
        return byId(STRIKES, id, STRIKE);
    }

    private <T> List<T> ofCase(String select, String order, UUID caseId, RowMapper<T> mapper) {
        return reader.sql(select + OF_CASE.formatted(order))
                .param("key", caseId.toString())
                .query(mapper)
                .list();
    }

    private <T> Optional<T> byId(String select, UUID id, RowMapper<T> mapper) {
        return writer.sql(select + BY_ID)
                .param("key", id.toString())
                .query(mapper)
                .optional();
    }
}
