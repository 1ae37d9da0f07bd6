package app.dantro.server.store;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.slip.Slip;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads and appends readings with the question each may have raised and its answer. */
@Component
public class ReadingStore {
    private static final String INSERT = """
            INSERT INTO reading (id, case_id, red_point, black_point, test_condition, typed, volts, resolution_volts,
                                 statistic, amps, amps_known_by, amps_in, meter_range, source,
                                 taken_by, taken_at_ms, saved_at_ms)
            SELECT :id, :caseId, :red, :black, :condition, :typed, :volts, :resolutionVolts,
                   :statistic, :amps, :ampsKnownBy, :ampsIn, :range, :source, :takenBy, :takenAtMs, :savedAtMs
             WHERE (SELECT MAX(version) FROM circuit_version WHERE case_id = :caseId) = :circuitVersion
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String INSERT_SLIP = """
            INSERT INTO slip (reading_id, kind, sentence) VALUES (:readingId, :kind, :sentence)
            """;
    private static final String INSERT_CHOICE = """
            INSERT INTO slip_choice (reading_id, position, answer, label, volts)
            VALUES (:readingId, :position, :answer, :label, :volts)
            """;
    private static final String INSERT_ANSWER = """
            INSERT INTO slip_answer (reading_id, answer, answered_by, answered_at_ms)
            VALUES (:readingId, :answer, :answeredBy, :answeredAtMs)
            ON CONFLICT (reading_id) DO NOTHING
            """;
    private static final String COLUMNS = """
            SELECT r.id, r.case_id, r.red_point, r.black_point, r.test_condition, r.typed, r.volts, r.resolution_volts,
                   r.statistic, r.amps, r.amps_known_by, r.amps_in, r.meter_range, r.source, r.taken_by, r.taken_at_ms,
                   r.saved_at_ms, s.kind, s.sentence, a.answer
              FROM reading r
              LEFT JOIN slip s ON s.reading_id = r.id
              LEFT JOIN slip_answer a ON a.reading_id = r.id
            """;
    private static final String FIND_BY_CASE = COLUMNS + """
             WHERE r.case_id = :caseId
             ORDER BY r.taken_at_ms, r.id
            """;
    private static final String FIND = COLUMNS + " WHERE r.id = :id";
    private static final String FIND_CHOICES = """
            SELECT c.reading_id, c.answer, c.label, c.volts
              FROM slip_choice c
              JOIN reading r ON r.id = c.reading_id
             WHERE r.case_id = :caseId
             ORDER BY c.reading_id, c.position
            """;

    private record ChoiceRow(UUID readingId, Slip.Choice choice) {}

    private static final RowMapper<ChoiceRow> CHOICE = (row, n) -> new ChoiceRow(
            UUID.fromString(row.getString("reading_id")),
            new Slip.Choice(
                    Slip.Answer.valueOf(row.getString("answer")),
                    row.getString("label"),
                    optionalDouble(row, "volts")));

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final TransactionTemplate transaction;

    ReadingStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("reader") JdbcClient reader,
            TransactionTemplate transaction) {
        this.writer = writer;
        this.reader = reader;
        this.transaction = transaction;
    }

    /**
     * Appends a reading together with its question, if the case is still on the circuit that its points were looked up in;
     * false if the id is taken, or the circuit is another one by now.
     */
    public boolean add(StoredReading stored, int circuitVersion) {
        return Boolean.TRUE.equals(transaction.execute(status -> {
            boolean added = insert(stored, circuitVersion) == 1;
            if (added) {
                stored.slip().ifPresent(slip -> insert(stored.reading().id(), slip));
            }
            return added;
        }));
    }

    /** Records the answer to a question; false if one is on record already. */
    public boolean answer(UUID readingId, Slip.Answer answer, String by, long atMs) {
        return writer.sql(INSERT_ANSWER)
                        .param("readingId", readingId.toString())
                        .param("answer", answer.name())
                        .param("answeredBy", by)
                        .param("answeredAtMs", atMs)
                        .update()
                == 1;
    }

    public List<StoredReading> findByCase(UUID caseId) {
        Map<UUID, List<Slip.Choice>> choices = choices(caseId);
        return reader.sql(FIND_BY_CASE)
                .param("caseId", caseId.toString())
                .query((row, n) -> map(row, choices))
                .list();
    }

    /** A reading of whatever case, added in this transaction too; its question comes without the choices. */
    public Optional<StoredReading> find(UUID id) {
        return writer.sql(FIND)
                .param("id", id.toString())
                .query((row, n) -> map(row, Map.of()))
                .optional();
    }

    private int insert(StoredReading stored, int circuitVersion) {
        Reading r = stored.reading();
        Optional<Current.Measured> measured =
                r.current() instanceof Current.Measured m ? Optional.of(m) : Optional.empty();
        return writer.sql(INSERT)
                .param("id", r.id().toString())
                .param("caseId", stored.caseId().toString())
                .param("circuitVersion", circuitVersion)
                .param("red", r.red().value())
                .param("black", r.black().value())
                .param("condition", r.condition().name())
                .param("typed", r.typed().text())
                .param("volts", r.volts())
                .param("resolutionVolts", r.typed().resolutionVolts())
                .param("statistic", r.statistic().name())
                .param("amps", measured.map(Current.Measured::amps).orElse(null))
                .param("ampsKnownBy", measured.map(m -> m.how().name()).orElse(null))
                .param(
                        "ampsIn",
                        measured.flatMap(Current.Measured::in)
                                .map(PartId::value)
                                .orElse(null))
                .param("range", r.range().map(Enum::name).orElse(null))
                .param("source", stored.source().name())
                .param("takenBy", stored.takenBy())
                .param("takenAtMs", r.takenAtMillis())
                .param("savedAtMs", stored.savedAtMs())
                .update();
    }

    private void insert(UUID readingId, Slip slip) {
        writer.sql(INSERT_SLIP)
                .param("readingId", readingId.toString())
                .param("kind", slip.kind().name())
                .param("sentence", slip.sentence())
                .update();
        for (int i = 0; i < slip.choices().size(); i++) {
            Slip.Choice choice = slip.choices().get(i);
            writer.sql(INSERT_CHOICE)
                    .param("readingId", readingId.toString())
                    .param("position", i)
                    .param("answer", choice.answer().name())
                    .param("label", choice.label())
                    .param("volts", choice.volts().orElse(null))
                    .update();
        }
    }

    private Map<UUID, List<Slip.Choice>> choices(UUID caseId) {
        return reader.sql(FIND_CHOICES).param("caseId", caseId.toString()).query(CHOICE).list().stream()
                .collect(Collectors.groupingBy(
                        ChoiceRow::readingId, Collectors.mapping(ChoiceRow::choice, Collectors.toList())));
    }

    private static StoredReading map(ResultSet row, Map<UUID, List<Slip.Choice>> choices) throws SQLException {
        UUID id = UUID.fromString(row.getString("id"));
        Reading reading = new Reading(
                id,
                PointId.of(row.getString("red_point")),
                PointId.of(row.getString("black_point")),
                Condition.valueOf(row.getString("test_condition")),
                new TypedVolts(row.getString("typed"), row.getDouble("volts"), row.getDouble("resolution_volts")),
                Statistic.valueOf(row.getString("statistic")),
                current(row),
                Optional.ofNullable(row.getString("meter_range")).map(MeterRange::valueOf),
                false,
                row.getLong("taken_at_ms"));
        String kind = row.getString("kind");
        Optional<Slip> slip = kind == null
                ? Optional.empty()
                : Optional.of(new Slip(
                        Slip.Kind.valueOf(kind), row.getString("sentence"), choices.getOrDefault(id, List.of())));
        return new StoredReading(
                UUID.fromString(row.getString("case_id")),
                reading,
                StoredReading.Source.valueOf(row.getString("source")),
                row.getString("taken_by"),
                row.getLong("saved_at_ms"),
                slip,
                Optional.ofNullable(row.getString("answer")).map(Slip.Answer::valueOf));
    }

    private static Current current(ResultSet row) throws SQLException {
        Optional<Double> amps = optionalDouble(row, "amps");
        if (amps.isEmpty()) {
            return Current.unknown();
        }
        return new Current.Measured(
                amps.get(),
                Current.How.valueOf(row.getString("amps_known_by")),
                Optional.ofNullable(row.getString("amps_in")).map(PartId::of));
    }

    private static Optional<Double> optionalDouble(ResultSet row, String column) throws SQLException {
        double value = row.getDouble(column);
        return row.wasNull() ? Optional.empty() : Optional.of(value);
    }
}
