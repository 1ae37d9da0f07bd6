package app.dantro.core.standing;

import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import java.util.List;
import java.util.Optional;

/**
 * What was foretold of the last repair, from the readings before it, beside what was read after it.
 *
 * @param words what was foretold
 * @param predictedVolts what the same vehicle was to show with the part as good as new
 * @param measuredVolts what it showed since; empty until it is read
 */
public record RetestCheck(String words, double predictedVolts, Optional<Double> measuredVolts) {

    /** All that was foretold of the last repair; empty before any repair. */
    public static List<RetestCheck> of(CaseRecord evidence, PreparedCircuit prepared, Complaint complaint) {
        return evidence.lastRepair()
                .flatMap(repair -> WhatIf.of(
                        Posterior.of(prepared, CaseInference.of(before(evidence, repair), complaint)), repair.part()))
                .map(w -> w.lines().stream()
                        .filter(line -> line.what().isVolts())
                        .map(line -> new RetestCheck(line.kind().words(), line.after(), measured(evidence, line)))
                        .toList())
                .orElse(List.of());
    }

    /** The case as it stood when the repair was made. */
    private static CaseRecord before(CaseRecord evidence, Repair repair) {
        return new CaseRecord(
                evidence.circuit(),
                evidence.loop(),
                evidence.celsius(),
                evidence.readings().stream()
                        .filter(r -> r.reading().takenAtMillis() <= repair.doneAtMillis())
                        .toList(),
                evidence.repairs().stream().filter(r -> !r.equals(repair)).toList(),
                List.of(),
                evidence.statements());
    }

    private static Optional<Double> measured(CaseRecord evidence, WhatIf.Line line) {
        long since = evidence.lastRepair().orElseThrow().doneAtMillis();
        return evidence.counted().stream()
                .filter(r -> r.takenAtMillis() > since)
                .filter(r -> Proof.same(line.what(), CaseInference.volts(r)))
                .map(Reading::volts)
                .map(Math::abs)
                .reduce((first, second) -> second);
    }
}
