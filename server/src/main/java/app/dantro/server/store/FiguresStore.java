package app.dantro.server.store;

import java.util.List;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Counts what the shop's cases add up to; simulated ones, and those set aside, never count. */
@Component
public class FiguresStore {
    private static final String CASES = """
            SELECT stage, repaired, readings, cranks, found, saved, opened_at_ms,
                   next_at_ms > last_at_ms AND next_at_ms < last_at_ms + :returnMs AS came_back
              FROM (SELECT case_line.case_id, stage, repairs <> '' AS repaired, readings, cranks, found, saved,
                           case_line.opened_at_ms, last_at_ms,
                           LEAD(case_line.opened_at_ms) OVER (
                               PARTITION BY known_as, concern ORDER BY case_line.opened_at_ms
                           ) AS next_at_ms
                      FROM case_line
                      JOIN case_vehicle ON case_vehicle.case_id = case_line.case_id
                      JOIN vehicle_same ON vehicle_same.vehicle_id = case_vehicle.vehicle_id
                     WHERE set_aside = 0) AS line
             WHERE opened_at_ms >= :from AND opened_at_ms < :until
               AND (:simulated OR NOT EXISTS (SELECT 1 FROM simulation WHERE simulation.case_id = line.case_id))
             ORDER BY opened_at_ms
            """;

    private final JdbcClient reader;

    FiguresStore(@Qualifier("reader") JdbcClient reader) {
        this.reader = reader;
    }

    /**
     * A case as it is counted.
     *
     * @param stage name of the stage it is in
     * @param repaired true if something was repaired
     * @param readings to the verdict
     * @param found kind of the part whose repair was verified; empty if none was
     * @param saved devices that came in as suspect and were cleared, separated by commas
     * @param cameBack true if the vehicle's next case of the same concern came soon after
     */
    public record Counted(
            String stage,
            boolean repaired,
            int readings,
            int cranks,
            String found,
            String saved,
            long openedAtMs,
            boolean cameBack) {}

    /**
     * The cases of a period.
     *
     * @param simulated true to count simulated ones too
     * @param returnMs within what time a vehicle whose next case has the same concern counts as come back
     */
    public List<Counted> cases(long fromMs, long untilMs, boolean simulated, long returnMs) {
        return reader.sql(CASES)
                .param("from", fromMs)
                .param("until", untilMs)
                .param("simulated", simulated)
                .param("returnMs", returnMs)
                .query((row, n) -> new Counted(
                        row.getString("stage"),
                        row.getBoolean("repaired"),
                        row.getInt("readings"),
                        row.getInt("cranks"),
                        row.getString("found"),
                        row.getString("saved"),
                        row.getLong("opened_at_ms"),
                        row.getBoolean("came_back")))
                .list();
    }
}
