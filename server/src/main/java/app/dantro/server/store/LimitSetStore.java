package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and appends the shop's own sets of limits. */
@Component
public class LimitSetStore {
    /** The version number is the next of its name; the same id twice adds nothing. */
    private static final String INSERT = """
            INSERT INTO limit_set (id, loop, name, version, supply_volts, return_volts, source, made_by, made_at_ms)
            SELECT :id, :loop, :name, COALESCE(MAX(version), 0) + 1, :supplyVolts, :returnVolts, :source, :madeBy,
                   :madeAtMs
              FROM limit_set
             WHERE loop = :loop AND name = :name
                ON CONFLICT (id) DO NOTHING
            """;

    private static final String FIND = """
            SELECT loop, name, version, supply_volts, return_volts, source, made_by, made_at_ms
              FROM limit_set
             ORDER BY loop, name, version
            """;

    private static final String BY_ID = """
            SELECT loop, name, version, supply_volts, return_volts, source, made_by, made_at_ms
              FROM limit_set
             WHERE id = :id
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;
    /** Every screen asks, and only this program writes: kept until a version is added. */
    private final AtomicReference<OwnSets> known = new AtomicReference<>();

    LimitSetStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Appends a version; false if the id is taken. */
    public boolean add(UUID id, Loop loop, School limits, String by, long atMs) {
        boolean added = writer.sql(INSERT)
                        .param("id", id.toString())
                        .param("loop", loop.name())
                        .param("name", limits.name())
                        .param("supplyVolts", limits.supplyVolts().orElse(null))
                        .param("returnVolts", limits.returnVolts().orElse(null))
                        .param("source", limits.notes())
                        .param("madeBy", by)
                        .param("madeAtMs", atMs)
                        .update()
                == 1;
        known.set(null);
        return added;
    }

    /** True if the version of this id has these limits. */
    public boolean has(UUID id, Loop loop, School limits) {
        return writer.sql(BY_ID)
                .param("id", id.toString())
                .query((row, n) -> version(row))
                .optional()
                .filter(v -> v.loop() == loop && v.limits().equals(limits))
                .isPresent();
    }

    public OwnSets all() {
        OwnSets kept = known.get();
        if (kept != null) {
            return kept;
        }
        OwnSets read =
                new OwnSets(reader.sql(FIND).query((row, n) -> version(row)).list());
        known.set(read);
        return read;
    }

    private static OwnSets.Version version(ResultSet row) throws SQLException {
        School limits = School.own(
                row.getString("name"), volts(row, "supply_volts"), volts(row, "return_volts"), row.getString("source"));
        return new OwnSets.Version(
                Loop.valueOf(row.getString("loop")), row.getInt("version"), limits, row.getLong("made_at_ms"));
    }

    private static Optional<Double> volts(ResultSet row, String column) throws SQLException {
        double value = row.getDouble(column);
        return row.wasNull() ? Optional.empty() : Optional.of(value);
    }
}
