package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.finding.Standing;
import app.dantro.core.history.Measured;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.record.CaseRecord;
import java.util.EnumMap;
import java.util.Map;

/** What the parts of one vehicle read that its case certified, as the log keeps it: cleared, never repaired, with measured amps. */
final class CertifiedAtEnd {
    private CertifiedAtEnd() {}

    static Map<PartKind, CertifiedParts> of(CaseRecord record, Assessment last) {
        Map<PartKind, CertifiedParts> all = new EnumMap<>(PartKind.class);
        for (Measured m : Measured.in(record)) {
            boolean repaired = record.repairs().stream().anyMatch(r -> r.part().equals(m.part()));
            boolean cleared = last.findings().standing(m.part()) == Standing.CLEARED;
            if (cleared && !repaired && m.ampsMeasured()) {
                Part part = record.circuit().part(m.part()).orElseThrow();
                all.merge(
                        part.kind(),
                        CertifiedParts.read(part, Measured.REFERENCE_CELSIUS, m.ohms(), m.lowOhms(), m.highOhms()),
                        CertifiedParts::plus);
            }
        }
        return all;
    }
}
