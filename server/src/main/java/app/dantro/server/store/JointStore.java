package app.dantro.server.store;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.history.Measured;
import app.dantro.core.inference.CertifiedParts;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Keeps what the readings of every case told of its joints and cables; worked out beside the work, as the lines are. */
@Component
public class JointStore {
    private static final String FORGET = """
            DELETE FROM joint_line
             WHERE case_id = :caseId
            """;
    private static final String KEEP = """
            INSERT INTO joint_line (
                case_id, part, name, at_ms, ohms, low_ohms, high_ohms, most_ohms, measured, since_ms
            )
            VALUES (:caseId, :part, :name, :atMs, :ohms, :lowOhms, :highOhms, :mostOhms, :measured, :sinceMs)
            """;
    private static final String FORGET_CERTIFIED = """
            DELETE FROM certified_line
             WHERE case_id = :caseId
            """;
    private static final String KEEP_CERTIFIED = """
            INSERT INTO certified_line (case_id, kind, told, off, squares)
            VALUES (:caseId, :kind, :told, :off, :squares)
            """;

    private static final String ALL = """
            SELECT known_as, joint_line.case_id, part, name, at_ms, ohms, low_ohms, high_ohms, most_ohms, measured, since_ms
              FROM joint_line
              JOIN case_vehicle ON case_vehicle.case_id = joint_line.case_id
              JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
            """;

    private final JdbcClient writer;
    private final JdbcClient reader;

    JointStore(@Qualifier("writer") JdbcClient writer, @Qualifier("reader") JdbcClient reader) {
        this.writer = writer;
        this.reader = reader;
    }

    /**
     * A joint or cable as a case told it.
     *
     * @param vehicle the vehicle as it is known now
     * @param mostOhms upper bound of healthy parts, at the reference temperature
     * @param sinceMs when the part was last repaired in that case; 0 if it was not
     */
    public record JointLine(UUID vehicle, UUID caseId, String name, Measured measured, double mostOhms, long sinceMs) {}

    /** Keeps what a case tells now, in place of what it told before. */
    void keep(UUID caseId, List<CaseLine.JointTold> told, Map<PartKind, CertifiedParts> certified) {
        writer.sql(FORGET).param("caseId", caseId.toString()).update();
        for (CaseLine.JointTold one : told) {
            writer.sql(KEEP)
                    .param("caseId", caseId.toString())
                    .param("part", one.measured().part().value())
                    .param("name", one.name())
                    .param("atMs", one.measured().atMillis())
                    .param("ohms", one.measured().ohms())
                    .param("lowOhms", one.measured().lowOhms())
                    .param("highOhms", one.measured().highOhms())
                    .param("mostOhms", one.mostOhms())
                    .param("measured", one.measured().ampsMeasured())
                    .param("sinceMs", one.sinceMs())
                    .update();
        }
        writer.sql(FORGET_CERTIFIED).param("caseId", caseId.toString()).update();
        certified.forEach((kind, parts) -> writer.sql(KEEP_CERTIFIED)
                .param("caseId", caseId.toString())
                .param("kind", kind.name())
                .param("told", parts.told())
                .param("off", parts.sum())
                .param("squares", parts.squares())
                .update());
    }

    /** Those that were read at so many visits at least: a list for each part of each vehicle, in the order of time. */
    public List<List<JointLine>> readAt(int visits) {
        Map<String, List<JointLine>> byPart = reader.sql(ALL).query(JointStore::line).list().stream()
                .sorted(Comparator.comparingLong(l -> l.measured().atMillis()))
                .collect(Collectors.groupingBy(
                        l -> l.vehicle() + " " + l.measured().part().value(), LinkedHashMap::new, Collectors.toList()));
        return byPart.values().stream()
                .filter(lines ->
                        lines.stream().map(JointLine::caseId).distinct().count() >= visits)
                .toList();
    }

    private static JointLine line(ResultSet row, int number) throws SQLException {
        return new JointLine(
                UUID.fromString(row.getString("known_as")),
                UUID.fromString(row.getString("case_id")),
                row.getString("name"),
                new Measured(
                        PartId.of(row.getString("part")),
                        row.getLong("at_ms"),
                        row.getDouble("ohms"),
                        row.getDouble("low_ohms"),
                        row.getDouble("high_ohms"),
                        row.getBoolean("measured")),
                row.getDouble("most_ohms"),
                row.getLong("since_ms"));
    }
}
