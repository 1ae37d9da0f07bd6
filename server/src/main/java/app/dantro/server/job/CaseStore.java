package app.dantro.server.job;

import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and writes cases and the simulated vehicles behind some of them. */
@Component
public class CaseStore {
    private static final String INSERT = """
            INSERT INTO job_case (id, vehicle, complaint, circuit, celsius, opened_by, opened_at_ms)
            VALUES (:id, :vehicle, :complaint, :circuit, :celsius, :openedBy, :openedAtMs)
            ON CONFLICT (id) DO NOTHING
            """;
    private static final String FIND = """
            SELECT id, vehicle, complaint, circuit, celsius, opened_by, opened_at_ms
              FROM job_case
             WHERE id = :id
            """;
    private static final String FIND_ALL = """
            SELECT id, vehicle, complaint, circuit, celsius, opened_by, opened_at_ms
              FROM job_case
             ORDER BY opened_at_ms DESC, id
            """;
    private static final String INSERT_SIMULATION = """
            INSERT INTO simulation (case_id, fault_part, added_ohms, state_of_charge, seed)
            VALUES (:caseId, :faultPart, :addedOhms, :stateOfCharge, :seed)
            """;
    private static final String FIND_SIMULATION = """
            SELECT case_id, fault_part, added_ohms, state_of_charge, seed
              FROM simulation
             WHERE case_id = :caseId
            """;
    private static final RowMapper<CaseRecord> CASE = (row, n) -> new CaseRecord(
            UUID.fromString(row.getString("id")),
            row.getString("vehicle"),
            row.getString("complaint"),
            row.getString("circuit"),
            row.getDouble("celsius"),
            row.getString("opened_by"),
            row.getLong("opened_at_ms"));
    private static final RowMapper<Simulation> SIMULATION = (row, n) -> new Simulation(
            UUID.fromString(row.getString("case_id")),
            PartId.of(row.getString("fault_part")),
            row.getDouble("added_ohms"),
            row.getDouble("state_of_charge"),
            row.getLong("seed"));

    private final JdbcClient writer;
    private final JdbcClient reader;

    CaseStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /** Adds a case; false if the id is taken. */
    public boolean add(CaseRecord record) {
        return writer.sql(INSERT)
                        .param("id", record.id().toString())
                        .param("vehicle", record.vehicle())
                        .param("complaint", record.complaint())
                        .param("circuit", record.circuit())
                        .param("celsius", record.celsius())
                        .param("openedBy", record.openedBy())
                        .param("openedAtMs", record.openedAtMs())
                        .update()
                == 1;
    }

    public void add(Simulation simulation) {
        writer.sql(INSERT_SIMULATION)
                .param("caseId", simulation.caseId().toString())
                .param("faultPart", simulation.fault().value())
                .param("addedOhms", simulation.addedOhms())
                .param("stateOfCharge", simulation.stateOfCharge())
                .param("seed", simulation.seed())
                .update();
    }

    public Optional<CaseRecord> find(UUID id) {
        return reader.sql(FIND).param("id", id.toString()).query(CASE).optional();
    }

    public List<CaseRecord> findAll() {
        return reader.sql(FIND_ALL).query(CASE).list();
    }

    public Optional<Simulation> findSimulation(UUID caseId) {
        return reader.sql(FIND_SIMULATION)
                .param("caseId", caseId.toString())
                .query(SIMULATION)
                .optional();
    }
}
