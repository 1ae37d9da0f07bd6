package app.dantro.server.log;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.finding.Standing;
import app.dantro.core.history.CertifiedReadings;
import app.dantro.core.history.Measured;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Stage;
import app.dantro.core.record.Repair;
import app.dantro.server.store.CaseLine;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What a case's line says of its parts. */
final class LineParts {
    private LineParts() {}

    /** What it cleared, as it said when it closed. */
    static Set<PartId> cleared(StoredCase file) {
        return file.closing().stream()
                .flatMap(c -> c.said().parts().stream())
                .filter(p -> p.standing() == Standing.CLEARED)
                .map(AsSaid.Part::part)
                .collect(Collectors.toSet());
    }

    /** What a case that ended well tells of healthy parts. */
    static Map<PartKind, CertifiedParts> certified(StoredCase file, Stage stage) {
        return stage == Stage.VERIFIED || stage == Stage.GOOD
                ? CertifiedReadings.of(file.evidence(), cleared(file))
                : Map.of();
    }

    static List<CaseLine.JointTold> joints(StoredCase file) {
        return Measured.in(file.evidence()).stream()
                .map(m -> new CaseLine.JointTold(file.nameOf(m.part()), m, most(file, m.part()), since(file, m.part())))
                .toList();
    }

    private static double most(StoredCase file, PartId part) {
        return file.circuit()
                .part(part)
                .orElseThrow()
                .resistance()
                .healthyAt(Measured.REFERENCE_CELSIUS)
                .upperOhms();
    }

    private static long since(StoredCase file, PartId part) {
        return file.evidence().repairs().stream()
                .filter(r -> r.part().equals(part))
                .mapToLong(Repair::doneAtMillis)
                .max()
                .orElse(0);
    }

    static String repairs(StoredCase file) {
        return file.repairs().stream()
                .filter(r -> !file.isStruck(r.repair().id()))
                .map(r -> "%s %s"
                        .formatted(
                                file.nameOf(r.repair().part()),
                                r.repair().action().words()))
                .distinct()
                .collect(Collectors.joining("; "));
    }
}
