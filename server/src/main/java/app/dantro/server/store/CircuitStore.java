package app.dantro.server.store;

import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Reads and appends the versions of a case's circuit. */
@Component
public class CircuitStore {
    private static final String INSERT = """
            INSERT INTO circuit_version (case_id, version, circuit, changed_by, changed_at_ms)
            SELECT :caseId, :version, :circuit, :changedBy, :changedAtMs
             WHERE (SELECT COUNT(*) FROM reading WHERE case_id = :caseId) = :readings
            ON CONFLICT (case_id, version) DO NOTHING
            """;
    private static final String FIND_FIRST = """
            SELECT circuit
              FROM circuit_version
             WHERE case_id = :caseId AND version = 1
            """;
    private static final String FIND_NEWEST = """
            SELECT version, circuit
              FROM circuit_version
             WHERE case_id = :caseId
             ORDER BY version DESC
             LIMIT 1
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final Circuits circuits;

    CircuitStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader, Circuits circuits) {
        this.circuits = circuits;
        this.writer = writer;
        this.reader = reader;
    }

    /** The first version of a case's circuit, which no reading is on yet; false if there is one already. */
    boolean addFirst(UUID caseId, String json, String by, long atMs) {
        return add(caseId, 1, json, 0, by, atMs);
    }

    /**
     * Appends a version.
     *
     * @param readings how many readings the case had when it was checked that the version has their points
     * @return false if there is one of that number already, or there are more readings by now
     */
    public boolean add(UUID caseId, int version, String json, int readings, String by, long atMs) {
        return writer.sql(INSERT)
                        .param("caseId", caseId.toString())
                        .param("version", version)
                        .param("circuit", json)
                        .param("readings", readings)
                        .param("changedBy", by)
                        .param("changedAtMs", atMs)
                        .update()
                == 1;
    }

    /** The text of the circuit that a case was opened with. */
    public String first(UUID caseId) {
        return reader.sql(FIND_FIRST)
                .param("caseId", caseId.toString())
                .query(String.class)
                .single();
    }

    /** The newest version of a case's circuit; every case has one. */
    public CaseCircuit newest(UUID caseId) {
        return reader.sql(FIND_NEWEST)
                .param("caseId", caseId.toString())
                .query((row, n) -> circuits.of(row.getInt("version"), row.getString("circuit")))
                .single();
    }
}
