package app.dantro.server.store;

import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Basis;
import app.dantro.server.format.BasisFormat;
import app.dantro.server.format.ExperienceFormat;
import app.dantro.server.format.SaidFormat;
import app.dantro.server.store.StoredBasis.Closing;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads and appends what cases are judged by, and what they said when they closed. */
@Component
public class BasisStore {
    private static final String INSERT_BASIS = """
            INSERT INTO basis (judgement, priors, limits, meters, own_limits)
            VALUES (:judgement, :priors, :limits, :meters, :own)
            ON CONFLICT (judgement, priors, limits, meters, own_limits) DO NOTHING
            """;
    /** The second of two that come at once adds nothing. */
    private static final String INSERT = """
            INSERT INTO case_basis (case_id, position, basis_id, why, since_ms)
            SELECT :caseId, :position, id, :why, :sinceMs
              FROM basis
             WHERE judgement = :judgement AND priors = :priors AND limits = :limits AND meters = :meters
               AND own_limits = :own
                ON CONFLICT (case_id, position) DO NOTHING
            """;

    private static final String INSERT_EXPERIENCE = """
            INSERT INTO case_experience (case_id, position, repairs)
            VALUES (:caseId, :position, :repairs)
            ON CONFLICT (case_id, position) DO NOTHING
            """;
    private static final String INSERT_CLOSING = """
            INSERT INTO closing (case_id, position, entries, said, closed_at_ms)
            VALUES (:caseId, :position, :entries, :said, :closedAtMs)
            ON CONFLICT (case_id, position) DO NOTHING
            """;
    private static final String FIND = """
            SELECT c.position, c.why, c.since_ms, b.judgement, b.priors, b.limits, b.meters, b.own_limits,
                   e.entries, e.said, e.closed_at_ms, x.repairs
              FROM case_basis c
              JOIN basis b ON b.id = c.basis_id
              LEFT JOIN case_experience x ON x.case_id = c.case_id AND x.position = c.position
              LEFT JOIN closing e ON e.case_id = c.case_id AND e.position = c.position
             WHERE c.case_id = :caseId
             ORDER BY c.position
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final TransactionTemplate transaction;

    BasisStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("reader") JdbcClient reader,
            TransactionTemplate transaction) {
        this.writer = writer;
        this.reader = reader;
        this.transaction = transaction;
    }

    /** Appends from when on a case is judged by something. */
    public void add(UUID caseId, StoredBasis stored) {
        Basis basis = stored.basis();
        transaction.executeWithoutResult(status -> {
            with(basis, INSERT_BASIS).update();
            with(basis, INSERT)
                    .param("caseId", caseId.toString())
                    .param("position", stored.position())
                    .param("why", stored.why().name())
                    .param("sinceMs", stored.sinceMs())
                    .update();
            stored.experience()
                    .ifPresent(e -> writer.sql(INSERT_EXPERIENCE)
                            .param("caseId", caseId.toString())
                            .param("position", stored.position())
                            .param("repairs", ExperienceFormat.text(e))
                            .update());
        });
    }

    private JdbcClient.StatementSpec with(Basis basis, String sql) {
        return writer.sql(sql)
                .param("judgement", basis.judgement())
                .param("priors", basis.priors())
                .param("limits", basis.limits())
                .param("meters", basis.meters())
                .param("own", BasisFormat.text(basis.own()));
    }

    /** Keeps what a case said when it closed under the basis at a position; the first to come counts. */
    public void close(UUID caseId, int position, Closing closing) {
        writer.sql(INSERT_CLOSING)
                .param("caseId", caseId.toString())
                .param("position", position)
                .param("entries", closing.entries())
                .param("said", SaidFormat.text(closing.said()))
                .param("closedAtMs", closing.atMs())
                .update();
    }

    /** All that a case was judged by, the newest last. */
    public List<StoredBasis> find(UUID caseId) {
        return reader.sql(FIND)
                .param("caseId", caseId.toString())
                .query((row, n) -> stored(row))
                .list();
    }

    private static StoredBasis stored(ResultSet row) throws SQLException {
        Basis basis = new Basis(
                row.getInt("judgement"),
                row.getInt("priors"),
                row.getInt("limits"),
                row.getInt("meters"),
                BasisFormat.own(row.getString("own_limits")));
        return new StoredBasis(
                row.getInt("position"),
                basis,
                StoredBasis.Why.valueOf(row.getString("why")),
                row.getLong("since_ms"),
                Optional.ofNullable(row.getString("repairs")).map(ExperienceFormat::parse),
                closing(row));
    }

    private static Optional<Closing> closing(ResultSet row) throws SQLException {
        String said = row.getString("said");
        if (said == null) {
            return Optional.empty();
        }
        AsSaid asSaid = SaidFormat.parse(said);
        return Optional.of(new Closing(asSaid, row.getInt("entries"), row.getLong("closed_at_ms")));
    }
}
