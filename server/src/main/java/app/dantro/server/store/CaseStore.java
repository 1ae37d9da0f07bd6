package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import app.dantro.core.inference.Experience;
import app.dantro.core.procedure.Basis;
import app.dantro.core.record.Statement;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads and writes cases. */
@Component
public class CaseStore {
    private static final String INSERT = """
            INSERT INTO job_case (id, vehicle, complaint, concern, celsius, opened_by, opened_at_ms)
            VALUES (:id, :vehicle, :complaint, :concern, :celsius, :openedBy, :openedAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String FIND = """
            SELECT id, vehicle, complaint, concern, celsius, opened_by, opened_at_ms
              FROM job_case
             WHERE id = :id
            """;
    private static final String ANY = "SELECT EXISTS (SELECT 1 FROM job_case)";
    private static final String INSERT_EXTENSIONS = """
            INSERT INTO case_extension (case_id, extensions)
            VALUES (:caseId, :extensions)
            """;
    private static final String FIND_EXTENSIONS = """
            SELECT extensions
              FROM case_extension
             WHERE case_id = :caseId
            """;
    private static final RowMapper<CaseHead> CASE = (row, n) -> new CaseHead(
            UUID.fromString(row.getString("id")),
            row.getString("vehicle"),
            row.getString("complaint"),
            Loop.valueOf(row.getString("concern")),
            row.getDouble("celsius"),
            row.getString("opened_by"),
            row.getLong("opened_at_ms"));

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final CircuitStore circuits;
    private final BasisStore bases;
    private final VehicleStore vehicles;
    private final EventStore events;
    private final CaseChanges changes;
    private final TransactionTemplate transaction;

    CaseStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("reader") JdbcClient reader,
            CircuitStore circuits,
            BasisStore bases,
            VehicleStore vehicles,
            EventStore events,
            CaseChanges changes,
            TransactionTemplate transaction) {
        this.changes = changes;
        this.writer = writer;
        this.reader = reader;
        this.circuits = circuits;
        this.bases = bases;
        this.vehicles = vehicles;
        this.events = events;
        this.transaction = transaction;
    }

    /**
     * Adds a case with the first version of its circuit and what it is judged by; false if the id is taken.
     *
     * @param vehicle the known vehicle that it is on, whose figures it takes over; none for a new one
     * @param experience what the shop's own repairs say of it; empty where they are left aside
     */
    public boolean add(
            CaseHead record, Optional<UUID> vehicle, String circuitJson, Basis basis, Optional<Experience> experience) {
        StoredBasis opened = StoredBasis.opened(basis, experience, record.openedAtMs());
        boolean added = Boolean.TRUE.equals(transaction.execute(status -> open(record, vehicle, circuitJson, opened)));
        changes.changed(record.id());
        return added;
    }

    private boolean open(CaseHead record, Optional<UUID> vehicle, String circuitJson, StoredBasis basis) {
        boolean added = insert(record);
        if (added) {
            circuits.addFirst(record.id(), circuitJson, record.openedBy(), record.openedAtMs());
            vehicle.ifPresentOrElse(v -> takeOver(record, v), () -> vehicles.addWith(record));
            bases.add(record.id(), basis);
        }
        return added;
    }

    private void takeOver(CaseHead record, UUID vehicle) {
        List<KnownVehicle.Stated> known = vehicles.figures(vehicle);
        vehicles.link(record.id(), vehicle);
        for (KnownVehicle.Stated figure : known) {
            UUID id = UUID.nameUUIDFromBytes((record.id() + figure.topic().name()).getBytes(StandardCharsets.UTF_8));
            Statement said =
                    new Statement(id, figure.topic(), figure.value(), "as known of this vehicle", record.openedAtMs());
            events.add(new StoredStatement(record.id(), said, record.openedBy()));
        }
    }

    private boolean insert(CaseHead record) {
        return writer.sql(INSERT)
                        .param("id", record.id().toString())
                        .param("vehicle", record.vehicle())
                        .param("complaint", record.complaint())
                        .param("concern", record.concern().name())
                        .param("celsius", record.celsius())
                        .param("openedBy", record.openedBy())
                        .param("openedAtMs", record.openedAtMs())
                        .update()
                == 1;
    }

    /** Keeps the foreign data of an imported case file. */
    public void addExtensions(UUID caseId, String json) {
        writer.sql(INSERT_EXTENSIONS)
                .param("caseId", caseId.toString())
                .param("extensions", json)
                .update();
    }

    public Optional<String> findExtensions(UUID caseId) {
        return reader.sql(FIND_EXTENSIONS)
                .param("caseId", caseId.toString())
                .query(String.class)
                .optional();
    }

    public Optional<CaseHead> find(UUID id) {
        return reader.sql(FIND).param("id", id.toString()).query(CASE).optional();
    }

    /** True if there is any case. */
    public boolean any() {
        return reader.sql(ANY).query(Boolean.class).single();
    }
}
