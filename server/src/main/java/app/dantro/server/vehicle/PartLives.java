package app.dantro.server.vehicle;

import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import app.dantro.server.store.StoredCase;
import app.dantro.server.vehicle.VehiclePageView.PartLifeView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The parts that were fitted to one vehicle, each from one replacement to the next. */
final class PartLives {
    private PartLives() {}

    private record Fitted(StoredCase file, Repair repair) {
        private String part() {
            return repair.part().value();
        }

        private Optional<String> odometer() {
            return file.evidence().statements().about(Topic.ODOMETER).map(s -> Topic.ODOMETER.words(s.value()));
        }
    }

    /** The newest first. @param files in any order */
    static List<PartLifeView> in(List<StoredCase> files) {
        List<Fitted> fitted = files.stream()
                .flatMap(file -> file.evidence().repairs().stream()
                        .filter(r -> r.action() == Repair.Action.REPLACED)
                        .map(r -> new Fitted(file, r)))
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
                            one.file().nameOf(one.repair().part()),
                            one.file().record().id(),
                            one.repair().doneAtMillis(),
                            one.odometer(),
                            next.map(f -> f.repair().doneAtMillis()),
                            next.flatMap(Fitted::odometer)));
        }
        return lives;
    }
}
