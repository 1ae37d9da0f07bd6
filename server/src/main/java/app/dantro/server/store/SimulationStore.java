package app.dantro.server.store;

import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.FaultKind;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and writes the simulated vehicles behind some cases. */
@Component
public class SimulationStore {
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

    private static final String FIND_SIMULATION = """
            SELECT case_id, state_of_charge, glowing, stated, seed
              FROM simulation
             WHERE case_id = :caseId
            """;

    private static final RowMapper<Fault> FAULT = (row, n) -> FaultKind.keyed(row.getString("kind"))
            .orElseThrow()
            .of(PartId.of(row.getString("part")), row.getDouble("severity"));

    private final JdbcClient writer;
    private final JdbcClient reader;

    SimulationStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
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

    public Optional<Simulation> find(UUID caseId) {
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

    private List<Fault> faults(UUID caseId) {
        return reader.sql(FIND_FAULTS)
                .param("caseId", caseId.toString())
                .query(FAULT)
                .list();
    }
}
