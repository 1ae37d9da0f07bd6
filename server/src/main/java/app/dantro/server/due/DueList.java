package app.dantro.server.due;

import app.dantro.core.history.Drift;
import app.dantro.core.history.Measured;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Topic;
import app.dantro.server.due.DueView.DueVehicleView;
import app.dantro.server.due.DueView.Kind;
import app.dantro.server.store.DueItem.OfVehicle;
import app.dantro.server.store.DueItem.Open;
import app.dantro.server.store.DueStore;
import app.dantro.server.store.JointStore;
import app.dantro.server.store.JointStore.JointLine;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Puts together what somebody planned and what the readings foretell, the first due first. */
@Service
class DueList {
    /** A battery over five years old is weak or flat once in eight (docs/everyday.md, priors). */
    private static final int BATTERY_YEARS = 5;

    private static final int MONTHS_AHEAD = 3;
    private static final int DRIFT_YEARS_AHEAD = 2;

    private final DueStore due;
    private final JointStore joints;
    private final Clock clock;

    DueList(DueStore due, JointStore joints, Clock clock) {
        this.due = due;
        this.joints = joints;
        this.clock = clock;
    }

    LocalDate today() {
        return LocalDate.now(clock);
    }

    List<DueView> all() {
        return Stream.of(planned(), drifting(), batteries())
                .flatMap(List::stream)
                .sorted(Comparator.comparing(DueView::day))
                .toList();
    }

    private List<DueView> planned() {
        return due.open().stream().map(this::planned).toList();
    }

    private DueView planned(Open open) {
        Kind kind = Kind.valueOf(open.item().kind().name());
        return new DueView(
                Optional.of(open.item().id()),
                kind,
                kind.words(),
                open.item().words(),
                open.item().day(),
                open.item().day().isBefore(today()),
                odometer(open),
                open.vehicle().map(DueList::vehicle),
                open.item().saidBy());
    }

    private static String odometer(Open open) {
        if (open.item().odometer().isEmpty()) {
            return "";
        }
        String stood = open.vehicle()
                .map(OfVehicle::odometer)
                .filter(o -> !o.isEmpty())
                .map(o -> ", stood at " + Topic.ODOMETER.words(o))
                .orElse("");
        String at = Topic.ODOMETER.words(Integer.toString(open.item().odometer().getAsInt()));
        return "or at %s%s".formatted(at, stood);
    }

    private static DueVehicleView vehicle(OfVehicle of) {
        return new DueVehicleView(of.id(), of.name(), of.plate());
    }

    /** Joints that leave their band within two years, as their last visits show. */
    private List<DueView> drifting() {
        return joints.readAt(Drift.LEAST_VISITS).stream()
                .flatMap(lines -> drift(lines).stream())
                .toList();
    }

    private Optional<DueView> drift(List<JointLine> lines) {
        long since = lines.stream().mapToLong(JointLine::sinceMs).max().orElse(0);
        Map<UUID, Measured> visits = new LinkedHashMap<>();
        lines.stream().filter(l -> l.measured().atMillis() > since).forEach(l -> visits.put(l.caseId(), l.measured()));
        JointLine last = lines.get(lines.size() - 1);
        return Drift.of(List.copyOf(visits.values()), last.mostOhms())
                .filter(d -> d.leavesAtMillis().isPresent())
                .map(d -> Instant.ofEpochMilli(d.leavesAtMillis().getAsLong())
                        .atZone(ZoneId.systemDefault())
                        .toLocalDate())
                .filter(day -> day.isBefore(today().plusYears(DRIFT_YEARS_AHEAD)))
                .map(day -> foretold(
                        Kind.DRIFT,
                        "%s leaves its healthy band at about this day.".formatted(Reason.capital(last.name())),
                        day,
                        last.vehicle()));
    }

    private List<DueView> batteries() {
        List<DueView> old = new ArrayList<>();
        BatteryAges.fitted(due).forEach((vehicle, month) -> {
            LocalDate day = month.atDay(1).plusYears(BATTERY_YEARS);
            if (day.isBefore(today().plusMonths(MONTHS_AHEAD))) {
                old.add(foretold(
                        Kind.BATTERY,
                        "Its battery is %d years old: read it at rest and cranking.".formatted(BATTERY_YEARS),
                        day,
                        vehicle));
            }
        });
        return old;
    }

    private DueView foretold(Kind kind, String words, LocalDate day, UUID vehicle) {
        return new DueView(
                Optional.empty(),
                kind,
                kind.words(),
                words,
                day,
                day.isBefore(today()),
                "",
                due.vehicle(vehicle).map(DueList::vehicle),
                "");
    }
}
