package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.PartKind;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.history.CertifiedReadings;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.record.CaseRecord;
import java.util.Map;
import java.util.stream.Collectors;

/** What a vehicle's healthy parts told once its job ended, as the log keeps it. */
final class CertifiedAtEnd {
    private CertifiedAtEnd() {}

    static Map<PartKind, CertifiedParts> of(End end, CaseRecord record, Assessment last) {
        if (end != End.VERIFIED && end != End.GOOD) {
            return Map.of();
        }
        return CertifiedReadings.of(
                record,
                last.findings().parts().stream()
                        .filter(p -> p.standing() == Standing.CLEARED)
                        .map(PartFinding::part)
                        .collect(Collectors.toSet()));
    }
}
