package app.dantro.server.store;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Notices lines of Bay and log that are other than they were made, or that are gone, and has them made anew. */
@Component
public class LineCheckStore {
    private static final Logger LOG = LoggerFactory.getLogger(LineCheckStore.class);

    private static final String MISSING = """
            INSERT INTO case_line (
                case_id, changed, shown, judged, made_by, in_work, set_aside, opened_at_ms, last_at_ms, concern, stage,
                finding, repairs, people
            )
            SELECT id, 1, 0, 0, 0, 1, 0, opened_at_ms, opened_at_ms, concern, 'FRESH', '', '', ''
              FROM job_case
             WHERE id NOT IN (SELECT case_id FROM case_line)
            """;
    private static final String MADE = """
            SELECT case_line.number, case_line.case_id, judged, in_work, set_aside, last_at_ms, stage, finding, repairs,
                   people, readings, cranks, found, saved, sort, card, words, digest,
                   case_line.opened_at_ms = job_case.opened_at_ms AND case_line.concern = job_case.concern AS of_case
              FROM case_line
              JOIN job_case ON job_case.id = case_line.case_id
              LEFT JOIN log_words ON log_words.rowid = case_line.number
             WHERE shown = changed
            """;
    private static final String ANEW = """
            UPDATE case_line
               SET changed = changed + 1,
                   opened_at_ms = (SELECT opened_at_ms FROM job_case WHERE id = case_line.case_id),
                   concern = (SELECT concern FROM job_case WHERE id = case_line.case_id)
             WHERE number = :number
            """;
    private static final String CHECK_INDEX = "INSERT INTO log_words (log_words) VALUES ('integrity-check')";
    private static final String INDEX_ANEW = "INSERT INTO log_words (log_words) VALUES ('rebuild')";

    private final JdbcClient writer;
    private final JdbcClient reader;
    private final TransactionTemplate transaction;

    LineCheckStore(
            @Qualifier("writer") JdbcClient writer,
            @Qualifier("reader") JdbcClient reader,
            TransactionTemplate transaction) {
        this.writer = writer;
        this.reader = reader;
        this.transaction = transaction;
    }

    /** Has whatever is not as it was made, made anew. @return how many lines */
    public int mend() {
        int missing = writer.sql(MISSING).update();
        List<Long> other = reader.sql(MADE).query((row, n) -> asMade(row) ? -1 : row.getLong("number")).list().stream()
                .filter(number -> number >= 0)
                .toList();
        transaction.executeWithoutResult(status ->
                other.forEach(number -> writer.sql(ANEW).param("number", number).update()));
        mendIndex();
        return missing + other.size();
    }

    private void mendIndex() {
        try {
            writer.sql(CHECK_INDEX).update();
        } catch (DataAccessException damaged) {
            LOG.warn("The log's index of words does not fit its words, it is made anew", damaged);
            writer.sql(INDEX_ANEW).update();
        }
    }

    private static boolean asMade(ResultSet row) throws SQLException {
        List<String> parts = new ArrayList<>();
        for (String column : List.of(
                "case_id",
                "judged",
                "in_work",
                "set_aside",
                "last_at_ms",
                "stage",
                "finding",
                "repairs",
                "people",
                "readings",
                "cranks",
                "found",
                "saved",
                "sort",
                "card",
                "words")) {
            parts.add(String.valueOf(row.getString(column)));
        }
        return row.getBoolean("of_case") && digest(parts.stream()).equals(row.getString("digest"));
    }

    /** What stands for all of a line and its words. */
    static String digest(CaseLine line) {
        return digest(Stream.<Object>of(
                        line.caseId(),
                        line.judged() ? 1 : 0,
                        line.inWork() ? 1 : 0,
                        line.setAside() ? 1 : 0,
                        line.lastAtMs(),
                        line.stage(),
                        line.finding(),
                        line.repairs(),
                        line.people(),
                        line.tally().readings(),
                        line.tally().cranks(),
                        line.tally().found(),
                        String.join(", ", line.tally().saved()),
                        line.sort(),
                        line.card().orElse(null),
                        line.words())
                .map(String::valueOf));
    }

    private static String digest(Stream<String> parts) {
        try {
            byte[] all = parts.collect(Collectors.joining("\u0000")).getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(all));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
