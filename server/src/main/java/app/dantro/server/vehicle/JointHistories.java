package app.dantro.server.vehicle;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.history.CameBack;
import app.dantro.core.history.Drift;
import app.dantro.core.history.Measured;
import app.dantro.core.quantity.Reason;
import app.dantro.server.store.StoredCase;
import app.dantro.server.vehicle.VehiclePageView.JointPointView;
import app.dantro.server.vehicle.VehiclePageView.JointRepairView;
import app.dantro.server.vehicle.VehiclePageView.JointView;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The joints and cables of one vehicle over its visits; parts are those of its newest circuit. */
final class JointHistories {
    private static final double MILLI = 1e3;
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK).withZone(ZoneId.systemDefault());

    private final List<PastVisit> visits;
    private final long nowMillis;

    /** @param visits the newest first */
    JointHistories(List<PastVisit> visits, long nowMillis) {
        this.visits = visits;
        this.nowMillis = nowMillis;
    }

    /** A repair with the case it was done in. */
    private record Done(UUID caseId, CameBack.Done done) {}

    /** Every part that was ever read across or repaired, those with most to say first. */
    List<JointView> all() {
        if (visits.isEmpty()) {
            return List.of();
        }
        Circuit circuit = visits.get(0).file().circuit();
        Map<String, List<JointPointView>> points = points();
        Map<String, List<Done>> repairs = repairs().stream()
                .collect(Collectors.groupingBy(d -> d.done().part().value()));
        return circuit.parts().stream()
                .filter(p -> points.containsKey(p.id().value()) || repairs.containsKey(p.id().value()))
                .map(p -> joint(
                        p,
                        points.getOrDefault(p.id().value(), List.of()),
                        repairs.getOrDefault(p.id().value(), List.of())))
                .sorted(Comparator.comparingInt((JointView j) ->
                                -j.points().size() - 2 * j.repairs().size())
                        .thenComparing(JointView::name))
                .toList();
    }

    private static JointView joint(Part part, List<JointPointView> points, List<Done> repairs) {
        ResistanceRange healthy = part.resistance().healthyAt(Measured.REFERENCE_CELSIUS);
        return new JointView(
                part.id().value(),
                part.name(),
                healthy.lowerOhms() * MILLI,
                healthy.upperOhms() * MILLI,
                points,
                repairs.stream()
                        .map(r -> new JointRepairView(
                                r.caseId(), r.done().atMillis(), r.done().words()))
                        .toList(),
                drift(part, points, repairs, healthy));
    }

    private static String drift(Part part, List<JointPointView> points, List<Done> repairs, ResistanceRange healthy) {
        long since = repairs.stream().mapToLong(r -> r.done().atMillis()).max().orElse(Long.MIN_VALUE);
        Map<Object, Measured> visits = new LinkedHashMap<>();
        points.stream()
                .filter(p -> p.atMs() > since)
                .forEach(p -> visits.put(
                        p.caseId(),
                        new Measured(
                                part.id(),
                                p.atMs(),
                                p.milliohms() / MILLI,
                                p.lowMilliohms() / MILLI,
                                p.highMilliohms() / MILLI,
                                p.ampsMeasured())));
        return Drift.of(List.copyOf(visits.values()), healthy.upperOhms())
                .map(d -> "Rises by %s a year over %d visits%s."
                        .formatted(
                                milliohms(d.ohmsPerYear()),
                                visits.size(),
                                d.leavesAtMillis().isPresent()
                                        ? ": out of the healthy band about "
                                                + DAY.format(Instant.ofEpochMilli(
                                                        d.leavesAtMillis().getAsLong()))
                                        : ""))
                .orElse("");
    }

    private static String milliohms(double ohms) {
        return String.format(Locale.ROOT, "%.2f mΩ", ohms * MILLI);
    }

    private Map<String, List<JointPointView>> points() {
        Map<String, List<JointPointView>> points = new LinkedHashMap<>();
        for (int i = visits.size() - 1; i >= 0; i--) {
            PastVisit visit = visits.get(i);
            for (Measured m : Measured.in(visit.evidence())) {
                points.computeIfAbsent(m.part().value(), p -> new ArrayList<>())
                        .add(new JointPointView(
                                visit.id(),
                                m.atMillis(),
                                m.ohms() * MILLI,
                                m.lowOhms() * MILLI,
                                m.highOhms() * MILLI,
                                m.ampsMeasured(),
                                visit.file().simulation().isPresent()));
            }
        }
        return points;
    }

    /** Without those that were struck. */
    private List<Done> repairs() {
        return visits.stream()
                .map(PastVisit::file)
                .flatMap(JointHistories::repairs)
                .toList();
    }

    private static Stream<Done> repairs(StoredCase file) {
        return file.repairs().stream()
                .filter(r -> !file.isStruck(r.repair().id()))
                .map(r -> new Done(
                        file.record().id(),
                        new CameBack.Done(
                                r.repair().part(),
                                file.nameOf(r.repair().part()),
                                r.repair().doneAtMillis(),
                                r.repair().action().words())));
    }

    /** Parts that were repaired more than once in two years. */
    List<String> again() {
        return lately().filter(CameBack::moreThanOnce)
                .map(c -> "%s: repaired for the %s time in two years (%s)."
                        .formatted(Reason.capital(c.name()), c.time(), words(c, d -> "")))
                .toList();
    }

    /** What was repaired in the last two years. */
    List<String> done() {
        return lately().map(c -> "%s: %s%s."
                        .formatted(
                                Reason.capital(c.name()),
                                c.moreThanOnce()
                                        ? "repaired %d times in two years, "
                                                .formatted(c.repairs().size())
                                        : "",
                                words(c, d -> d.words() + " ")))
                .toList();
    }

    private Stream<CameBack> lately() {
        return CameBack.of(repairs().stream().map(Done::done).toList(), nowMillis).stream();
    }

    private static String words(CameBack part, Function<CameBack.Done, String> before) {
        return part.repairs().stream()
                .map(d -> before.apply(d) + DAY.format(Instant.ofEpochMilli(d.atMillis())))
                .collect(Collectors.joining(", "));
    }
}
