package app.dantro.server.view;

import app.dantro.core.circuit.Condition;
import app.dantro.core.procedure.AloneLeg;
import app.dantro.core.reading.Statistic;
import app.dantro.core.record.CaseRecord;
import java.util.List;

/**
 * One reading of whoever works alone.
 *
 * @param cranks whether the starter is turned for it
 * @param taken whether it is on record
 */
public record AloneView(
        Condition condition,
        Statistic statistic,
        String title,
        String words,
        String asks,
        boolean cranks,
        boolean taken) {
    static List<AloneView> run(CaseRecord record) {
        return AloneLeg.RUN.stream().map(leg -> of(leg, record)).toList();
    }

    private static AloneView of(AloneLeg leg, CaseRecord record) {
        return new AloneView(
                leg.condition(),
                leg.statistic(),
                leg.title(),
                leg.words(),
                leg.asks(),
                leg.condition().starterCalled(),
                leg.taken(record));
    }
}
