package app.dantro.server.log;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Standing;
import app.dantro.core.history.Measured;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.record.Repair;
import app.dantro.server.store.CaseLine;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Optional;
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

    static List<CaseLine.JointTold> joints(StoredCase file) {
        Set<PartId> cleared = cleared(file);
        return Measured.in(file.evidence()).stream()
                .map(m -> joint(file, cleared, m))
                .toList();
    }

    private static CaseLine.JointTold joint(StoredCase file, Set<PartId> cleared, Measured measured) {
        Part part = file.circuit().part(measured.part()).orElseThrow();
        double most = part.resistance().healthyAt(Measured.REFERENCE_CELSIUS).upperOhms();
        long since = since(file, part.id());
        boolean certified = cleared.contains(part.id()) && since == 0 && measured.ampsMeasured();
        return new CaseLine.JointTold(
                file.nameOf(part.id()),
                measured,
                most,
                since,
                certified
                        ? Optional.of(new CaseLine.CertifiedPart(part.kind(), read(part, measured)))
                        : Optional.empty());
    }

    private static CertifiedParts read(Part part, Measured m) {
        return CertifiedParts.read(part, Measured.REFERENCE_CELSIUS, m.ohms(), m.lowOhms(), m.highOhms());
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
