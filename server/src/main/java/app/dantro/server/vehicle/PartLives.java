package app.dantro.server.vehicle;

import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import app.dantro.server.vehicle.VehiclePageView.PartLifeView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The parts that were fitted to one vehicle, each from one replacement to the next. */
final class PartLives {
    private PartLives() {}

    private record Fitted(PastVisit visit, Repair repair) {
        private String part() {
            return repair.part().value();
        }

        private Optional<String> odometer() {
            return visit.evidence().statements().about(Topic.ODOMETER).map(s -> Topic.ODOMETER.words(s.value()));
        }
    }

    /** The newest first. @param visits in any order */
    static List<PartLifeView> in(List<PastVisit> visits) {
        List<Fitted> fitted = visits.stream()
                .flatMap(visit -> visit.evidence().repairs().stream()
                        .filter(r -> r.action() == Repair.Action.REPLACED)
                        .map(r -> new Fitted(visit, r)))
                .sorted(Comparator.comparingLong(f -> f.repair().doneAtMillis()))
                .toList();
        List<PartLifeView> lives = new ArrayList<>();
        for (int i = 0; i < fitted.size(); i++) {
            Fitted one = fitted.get(i);
            Optional<Fitted> next = fitted.subList(i + 1, fitted.size()).stream()
                    .filter(f -> f.part().equals(one.part()))
                    .findFirst();
            lives.add(
                    0,
                    new PartLifeView(
                            one.visit().file().nameOf(one.repair().part()),
                            one.visit().id(),
                            one.repair().doneAtMillis(),
                            one.odometer(),
                            next.map(f -> f.repair().doneAtMillis()),
                            next.flatMap(Fitted::odometer)));
        }
        return lives;
    }
}
