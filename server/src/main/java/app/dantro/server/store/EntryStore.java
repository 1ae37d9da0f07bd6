package app.dantro.server.store;

import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Counts what is on record of a case, without reading it. */
@Component
public class EntryStore {
    private static final String COUNT = """
            SELECT (SELECT COUNT(*) FROM circuit_version WHERE case_id = :id)
                 + (SELECT COUNT(*) FROM reading WHERE case_id = :id)
                 + (SELECT COUNT(*) FROM slip_answer a JOIN reading r ON r.id = a.reading_id WHERE r.case_id = :id)
                 + (SELECT COUNT(*) FROM repair WHERE case_id = :id)
                 + (SELECT COUNT(*) FROM complaint_test WHERE case_id = :id)
                 + (SELECT COUNT(*) FROM statement WHERE case_id = :id)
                 + (SELECT COUNT(*) FROM photo WHERE case_id = :id)
                 + (SELECT COUNT(*) FROM strike WHERE case_id = :id)
                 + (SELECT COUNT(*) FROM case_basis WHERE case_id = :id)
            """;

    private final JdbcClient reader;

    EntryStore(@Qualifier("reader") JdbcClient reader) {
        this.reader = reader;
    }

    /** How many entries a case has, as {@link StoredCase#entries} counts them. */
    public int count(UUID caseId) {
        return reader.sql(COUNT)
                .param("id", caseId.toString())
                .query(Integer.class)
                .single();
    }
}
