package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Searches the log of all cases. */
@Component
public class LogStore {
    private static final String CASES = """
            SELECT case_line.case_id, vehicle.id AS vehicle_id, vehicle.name, job_case.complaint, case_line.concern,
                   case_line.stage, case_line.finding, case_line.repairs, case_line.people, case_line.opened_at_ms,
                   case_line.last_at_ms, case_line.set_aside, case_line.shown < case_line.changed AS behind,
                   EXISTS (SELECT 1 FROM simulation WHERE simulation.case_id = case_line.case_id) AS simulated,
                   (SELECT value
                      FROM vehicle_detail
                      JOIN vehicle_same AS one ON one.vehicle_id = vehicle_detail.vehicle_id
                     WHERE one.known_as = vehicle.id AND field = 'PLATE'
                     ORDER BY said_at_ms DESC, vehicle_detail.rowid DESC
                     LIMIT 1) AS plate
              FROM case_line
              JOIN job_case ON job_case.id = case_line.case_id
              JOIN case_vehicle ON case_vehicle.case_id = case_line.case_id
              JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
              JOIN vehicle ON vehicle.id = vehicle_same.known_as
            """;
    private static final String NEWEST_FIRST = """
             ORDER BY case_line.opened_at_ms DESC, case_line.case_id DESC
             LIMIT :most
            """;
    private static final RowMapper<LoggedCase> CASE = (row, n) -> new LoggedCase(
            UUID.fromString(row.getString("case_id")),
            UUID.fromString(row.getString("vehicle_id")),
            row.getString("name"),
            row.getString("plate") == null ? "" : row.getString("plate"),
            row.getString("complaint"),
            Loop.valueOf(row.getString("concern")),
            row.getString("stage"),
            row.getString("finding"),
            row.getString("repairs"),
            row.getString("people"),
            row.getLong("opened_at_ms"),
            row.getLong("last_at_ms"),
            row.getBoolean("set_aside"),
            row.getBoolean("simulated"),
            row.getBoolean("behind"));

    private final JdbcClient reader;

    LogStore(@Qualifier("reader") JdbcClient reader) {
        this.reader = reader;
    }

    /** What is wanted of the log, the newest first. */
    public List<LoggedCase> find(LogSearch search, int most) {
        Map<String, Object> values = new LinkedHashMap<>();
        String where = where(search, values);
        values.put("most", most);
        return reader.sql(CASES + where + NEWEST_FIRST)
                .params(values)
                .query(CASE)
                .list();
    }

    private static String where(LogSearch search, Map<String, Object> values) {
        List<String> all = new ArrayList<>();
        if (!search.words().isEmpty()) {
            all.add("case_line.number IN (SELECT rowid FROM log_words WHERE log_words MATCH :words)");
            values.put("words", search.words());
        }
        if (!search.stages().isEmpty()) {
            all.add("case_line.stage IN (:stages)");
            values.put("stages", search.stages());
        }
        search.inWork().ifPresent(work -> all.add("case_line.in_work = " + (work ? 1 : 0)));
        search.setAside().ifPresent(aside -> all.add("case_line.set_aside = " + (aside ? 1 : 0)));
        Map<String, Optional<?>> asked = new LinkedHashMap<>();
        asked.put("vehicle_same.known_as = :vehicle", search.vehicle().map(UUID::toString));
        asked.put("case_line.concern = :concern", search.concern().map(Enum::name));
        asked.put("case_line.sort = :sort", search.sort().map(Enum::name));
        asked.put("case_line.found = :found", search.found());
        asked.put("case_line.opened_at_ms >= :from", search.fromMs());
        asked.put("case_line.opened_at_ms < :until", search.untilMs());
        asked.forEach((clause, value) -> value.ifPresent(v -> {
            all.add(clause);
            values.put(clause.substring(clause.indexOf(':') + 1), v);
        }));
        search.after().ifPresent(place -> {
            all.add("(case_line.opened_at_ms, case_line.case_id) < (:afterMs, :afterId)");
            values.put("afterMs", place.openedAtMs());
            values.put("afterId", place.caseId().toString());
        });
        return all.isEmpty() ? "" : all.stream().collect(Collectors.joining(" AND ", " WHERE ", "\n"));
    }
}
