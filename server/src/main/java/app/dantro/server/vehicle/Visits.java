package app.dantro.server.vehicle;

import app.dantro.core.procedure.Stage;
import app.dantro.core.record.Topic;
import app.dantro.server.store.LoggedCase;
import app.dantro.server.store.StoredCase;
import app.dantro.server.vehicle.VehiclePageView.VisitView;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The visits of one vehicle, and what the last of them left open. */
final class Visits {
    private Visits() {}

    static VisitView visit(LoggedCase line, List<PastVisit> visits) {
        Stage stage = Stage.valueOf(line.stage());
        Optional<String> odometer = visits.stream()
                .filter(f -> f.id().equals(line.caseId()))
                .flatMap(f -> f.evidence().statements().about(Topic.ODOMETER).stream())
                .map(s -> Topic.ODOMETER.words(s.value()))
                .findFirst();
        return new VisitView(
                line.caseId(),
                line.openedAtMs(),
                line.complaint(),
                line.concern(),
                stage.words(),
                stage.closed(),
                line.setAside(),
                line.finding(),
                line.repairs(),
                line.people(),
                odometer);
    }

    /** What the last visit wants read at the next, and what it left undone. */
    static List<String> advice(StoredCase last) {
        Stream<String> next = last.evidence().statements().about(Topic.NEXT_VISIT).stream()
                .map(s -> "To be read at the next visit: " + s.value());
        Stream<String> left = last.closing().stream()
                .filter(c -> c.said().stage() == Stage.DECLINED || c.said().stage() == Stage.CLOSED)
                .map(c -> "%s: %s".formatted(c.said().stage().words(), c.said().headline()));
        return Stream.concat(next, left).toList();
    }
}
