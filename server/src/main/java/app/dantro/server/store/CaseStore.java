package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.FaultKind;
import app.dantro.core.procedure.Basis;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads and writes cases and the simulated vehicles behind some of them. */
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
    private static final String FIND_ALL = """
            SELECT id, vehicle, complaint, concern, celsius, opened_by, opened_at_ms
              FROM job_case
             ORDER BY opened_at_ms DESC, id
            """;
    private static final String INSERT_SIMULATION = """
            INSERT INTO simulation (case_id, state_of_charge, glowing, stated, seed)
            VALUES (:caseId, :stateOfCharge, :glowing, :stated, :seed)
            """;
    private static final String INSERT_FAULT = """
            INSERT INTO simulation_fault (case_id, position, kind, part, severity)
            VALUES (:caseId, :position, :kind, :part, :severity)
            """;
    private static final String FIND_FAULTS = """
            SELECT kind, part, severity
              FROM simulation_fault
             WHERE case_id = :caseId
             ORDER BY position
            """;
    private static final String INSERT_EXTENSIONS = """
            INSERT INTO case_extension (case_id, extensions)
            VALUES (:caseId, :extensions)
            """;
    private static final String FIND_EXTENSIONS = """
            SELECT extensions
              FROM case_extension
             WHERE case_id = :caseId
            """;
    private static final String FIND_SIMULATION = """
            SELECT case_id, state_of_charge, glowing, stated, seed
              FROM simulation
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
    private static final RowMapper<Fault> FAULT = (row, n) -> FaultKind.keyed(row.getString("kind"))
            .orElseThrow()
            .of(PartId.of(row.getString("part")), row.getDouble("severity"));

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final CircuitStore circuits;
    private final BasisStore bases;
    private final TransactionTemplate transaction;

    CaseStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("reader") JdbcClient reader,
            CircuitStore circuits,
            BasisStore bases,
            TransactionTemplate transaction) {
        this.writer = writer;
        this.reader = reader;
        this.circuits = circuits;
        this.bases = bases;
        this.transaction = transaction;
    }

    /** Adds a case with the first version of its circuit and what it is judged by; false if the id is taken. */
    public boolean add(CaseHead record, String circuitJson, Basis basis) {
        return Boolean.TRUE.equals(transaction.execute(status -> {
            boolean added = insert(record);
            if (added) {
                circuits.add(record.id(), 1, circuitJson, record.openedBy(), record.openedAtMs());
                bases.add(record.id(), StoredBasis.opened(basis, record.openedAtMs()));
            }
            return added;
        }));
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

    public void add(Simulation simulation) {
        writer.sql(INSERT_SIMULATION)
                .param("caseId", simulation.caseId().toString())
                .param("stateOfCharge", simulation.stateOfCharge())
                .param("glowing", simulation.glowing())
                .param("stated", simulation.stated())
                .param("seed", simulation.seed())
                .update();
        for (int i = 0; i < simulation.faults().size(); i++) {
            Fault fault = simulation.faults().get(i);
            FaultKind kind = FaultKind.of(fault);
            writer.sql(INSERT_FAULT)
                    .param("caseId", simulation.caseId().toString())
                    .param("position", i)
                    .param("kind", kind.key())
                    .param("part", fault.part().value())
                    .param("severity", kind.severity(fault))
                    .update();
        }
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

    public List<CaseHead> findAll() {
        return reader.sql(FIND_ALL).query(CASE).list();
    }

    private List<Fault> faults(UUID caseId) {
        return reader.sql(FIND_FAULTS)
                .param("caseId", caseId.toString())
                .query(FAULT)
                .list();
    }

    public Optional<Simulation> findSimulation(UUID caseId) {
        return reader.sql(FIND_SIMULATION)
                .param("caseId", caseId.toString())
                .query((row, n) -> new Simulation(
                        caseId,
                        faults(caseId),
                        row.getDouble("state_of_charge"),
                        row.getBoolean("glowing"),
                        row.getBoolean("stated"),
                        row.getLong("seed")))
                .optional();
    }
}
