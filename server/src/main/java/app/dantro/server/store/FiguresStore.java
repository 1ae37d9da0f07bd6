package app.dantro.server.store;

import java.util.List;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Counts what the shop's cases add up to; simulated ones, and those set aside, never count. */
@Component
public class FiguresStore {
    private static final String COUNTED = """
              FROM case_line
             WHERE set_aside = 0 AND opened_at_ms >= :from AND opened_at_ms < :until
               AND (:simulated OR NOT EXISTS (SELECT 1 FROM simulation WHERE simulation.case_id = case_line.case_id))
            """;
    private static final String CASES = """
            SELECT case_line.case_id, stage, readings, cranks, found, saved, opened_at_ms, concern,
                   EXISTS (SELECT 1
                             FROM case_vehicle AS mine
                             JOIN vehicle_same AS me ON me.vehicle_id = mine.vehicle_id
                             JOIN vehicle_same AS same ON same.known_as = me.known_as
                             JOIN case_vehicle AS other ON other.vehicle_id = same.vehicle_id
                             JOIN case_line AS later ON later.case_id = other.case_id
                            WHERE mine.case_id = case_line.case_id AND later.concern = case_line.concern
                              AND later.set_aside = 0 AND later.opened_at_ms > case_line.last_at_ms
                              AND later.opened_at_ms < case_line.last_at_ms + :returnMs) AS came_back
            """ + COUNTED + " ORDER BY opened_at_ms";

    private final JdbcClient reader;

    FiguresStore(@Qualifier("reader") JdbcClient reader) {
        this.reader = reader;
    }

    /**
     * A case as it is counted.
     *
     * @param stage name of the stage it is in
     * @param readings to the verdict
     * @param found kind of the part whose repair was verified; empty if none was
     * @param saved devices that came in as suspect and were cleared, separated by commas
     * @param cameBack true if the vehicle came with the same concern again soon after
     */
    public record Counted(
            String stage, int readings, int cranks, String found, String saved, long openedAtMs, boolean cameBack) {}

    /**
     * The cases of a period.
     *
     * @param simulated true to count simulated ones too
     * @param returnMs within what time a vehicle that comes again counts as come back
     */
    public List<Counted> cases(long fromMs, long untilMs, boolean simulated, long returnMs) {
        return reader.sql(CASES)
                .param("from", fromMs)
                .param("until", untilMs)
                .param("simulated", simulated)
                .param("returnMs", returnMs)
                .query((row, n) -> new Counted(
                        row.getString("stage"),
                        row.getInt("readings"),
                        row.getInt("cranks"),
                        row.getString("found"),
                        row.getString("saved"),
                        row.getLong("opened_at_ms"),
                        row.getBoolean("came_back")))
                .list();
    }
}
