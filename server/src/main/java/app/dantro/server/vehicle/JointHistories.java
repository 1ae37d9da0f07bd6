package app.dantro.server.vehicle;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ResistanceRange;
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
import java.util.stream.Collectors;

/** The joints and cables of one vehicle over its visits; parts are those of its newest circuit. */
final class JointHistories {
    private static final long TWO_YEARS_MILLIS = 2L * 365 * 24 * 3600 * 1000;
    private static final double MILLI = 1e3;
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK).withZone(ZoneId.systemDefault());
    private static final List<String> TIMES = List.of("", "first", "second", "third", "fourth", "fifth");

    private final List<StoredCase> files;
    private final long nowMillis;

    /** @param files the newest first */
    JointHistories(List<StoredCase> files, long nowMillis) {
        this.files = files;
        this.nowMillis = nowMillis;
    }

    /** A repair with the case it was done in. */
    private record Done(StoredCase file, String part, String partName, long atMs, String words) {}

    /** Every part that was ever read across or repaired, those with most to say first. */
    List<JointView> all() {
        if (files.isEmpty()) {
            return List.of();
        }
        Circuit circuit = files.get(0).circuit();
        Map<String, List<JointPointView>> points = points();
        Map<String, List<Done>> repairs = repairs().stream().collect(Collectors.groupingBy(Done::part));
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
                        .map(r -> new JointRepairView(r.file().record().id(), r.atMs(), r.words()))
                        .toList(),
                drift(part, points, repairs, healthy));
    }

    private static String drift(Part part, List<JointPointView> points, List<Done> repairs, ResistanceRange healthy) {
        long since = repairs.stream().mapToLong(Done::atMs).max().orElse(Long.MIN_VALUE);
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
        for (int i = files.size() - 1; i >= 0; i--) {
            StoredCase file = files.get(i);
            for (Measured m : Measured.in(file.evidence())) {
                points.computeIfAbsent(m.part().value(), p -> new ArrayList<>())
                        .add(new JointPointView(
                                file.record().id(),
                                m.atMillis(),
                                m.ohms() * MILLI,
                                m.lowOhms() * MILLI,
                                m.highOhms() * MILLI,
                                m.ampsMeasured(),
                                file.simulation().isPresent()));
            }
        }
        return points;
    }

    /** In the order of time, without those that were struck. */
    private List<Done> repairs() {
        return files.stream()
                .flatMap(file -> file.repairs().stream()
                        .filter(r -> !file.isStruck(r.repair().id()))
                        .map(r -> new Done(
                                file,
                                r.repair().part().value(),
                                file.nameOf(r.repair().part()),
                                r.repair().doneAtMillis(),
                                r.repair().action().words())))
                .sorted(Comparator.comparingLong(Done::atMs))
                .toList();
    }

    /** Parts that were repaired more than once in two years. */
    List<String> again() {
        return recent().entrySet().stream()
                .filter(e -> e.getValue().size() > 1)
                .map(e -> "%s: repaired for the %s time in two years (%s)."
                        .formatted(
                                Reason.capital(e.getKey()), times(e.getValue().size()), days(e.getValue())))
                .toList();
    }

    /** What was repaired in the last two years. */
    List<String> done() {
        return recent().entrySet().stream()
                .map(e -> "%s: %s%s."
                        .formatted(
                                Reason.capital(e.getKey()),
                                e.getValue().size() > 1
                                        ? "repaired %d times in two years, "
                                                .formatted(e.getValue().size())
                                        : "",
                                e.getValue().stream()
                                        .map(d -> "%s %s"
                                                .formatted(d.words(), DAY.format(Instant.ofEpochMilli(d.atMs()))))
                                        .collect(Collectors.joining(", "))))
                .toList();
    }

    private Map<String, List<Done>> recent() {
        Map<String, List<Done>> recent = new LinkedHashMap<>();
        repairs().stream()
                .filter(d -> d.atMs() > nowMillis - TWO_YEARS_MILLIS)
                .forEach(d -> recent.computeIfAbsent(d.partName(), p -> new ArrayList<>())
                        .add(d));
        return recent;
    }

    private static String times(int count) {
        return count < TIMES.size() ? TIMES.get(count) : count + "th";
    }

    private static String days(List<Done> all) {
        return all.stream().map(d -> DAY.format(Instant.ofEpochMilli(d.atMs()))).collect(Collectors.joining(", "));
    }
}
