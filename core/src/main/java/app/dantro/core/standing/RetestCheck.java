package app.dantro.core.standing;

import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Optional;

/**
 * What was foretold of the last repair, from the readings before it, beside what was read after it.
 *
 * @param what was foretold
 * @param predictedVolts what the same vehicle was to show with the part as good as new
 * @param measuredVolts what it showed since; empty until it is read
 */
public record RetestCheck(WhatIf.Kind what, double predictedVolts, Optional<Double> measuredVolts) {

    /** All that was foretold of the last repair; empty before any repair. */
    public static List<RetestCheck> of(CaseRecord record, Foretold foretold) {
        return record.lastRepair()
                .flatMap(repair -> foretold.before(record.before(repair), repair.part()))
                .map(w -> w.lines().stream()
                        .filter(line -> line.what().isVolts())
                        .map(line -> new RetestCheck(line.kind(), line.after(), measured(record, line)))
                        .toList())
                .orElse(List.of());
    }

    /** What was foretold, in words. */
    public String words() {
        return what.words();
    }

    private static Optional<Double> measured(CaseRecord evidence, WhatIf.Line line) {
        long since = evidence.lastRepair().orElseThrow().doneAtMillis();
        return evidence.counted().stream()
                .filter(r -> r.takenAtMillis() > since)
                .filter(r -> line.what().same(CaseInference.volts(r)))
                .map(Reading::volts)
                .map(Math::abs)
                .reduce(Newest::of);
    }
}
