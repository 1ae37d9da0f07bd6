package app.dantro.server.vehicle;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import app.dantro.server.vehicle.VehiclePageView.FigurePointView;
import app.dantro.server.vehicle.VehiclePageView.VehicleFigureSeriesView;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;

/** What is measured of a vehicle at every visit beside its joints: volts at the posts, ripple, what it draws asleep. */
final class FigureHistories {
    private static final double MILLI = 1e3;

    private FigureHistories() {}

    /** A figure that every visit may tell. */
    private record Kind(String title, String unit, Function<CaseRecord, Optional<Told>> of) {}

    private record Told(long atMs, double value) {}

    private static final List<Kind> KINDS = List.of(
            new Kind("Base voltage", "V", r -> posts(r, Condition.REST)),
            new Kind("Posts while cranking", "V", r -> posts(r, Condition.CRANKING)),
            new Kind("Battery inside, from its sag while cranking", "mΩ", FigureHistories::inside),
            new Kind("Posts, charging under load", "V", r -> posts(r, Condition.RAISED_LOADED)),
            new Kind("Ripple under load, B+ to + post", "V AC", r -> stated(r, Topic.RIPPLE_POST)),
            new Kind("Current asleep", "mA", r -> stated(r, Topic.STANDING_CURRENT)));

    /** Those that were told at least once. */
    static List<VehicleFigureSeriesView> in(List<PastVisit> visits) {
        return KINDS.stream()
                .map(kind -> new VehicleFigureSeriesView(
                        kind.title(),
                        kind.unit(),
                        visits.stream()
                                .flatMap(f -> point(f, kind))
                                .sorted((a, b) -> Long.compare(a.atMs(), b.atMs()))
                                .toList()))
                .filter(series -> !series.points().isEmpty())
                .toList();
    }

    private static Stream<FigurePointView> point(PastVisit visit, Kind kind) {
        return kind.of().apply(visit.evidence()).stream()
                .map(told -> new FigurePointView(visit.id(), told.atMs(), told.value()));
    }

    private static Optional<Told> posts(CaseRecord record, Condition condition) {
        return record.posts(condition).map(r -> new Told(r.takenAtMillis(), Math.abs(r.volts())));
    }

    /** How far the posts sag for each ampere: only where the current was measured with the volts. */
    private static Optional<Told> inside(CaseRecord record) {
        Optional<Reading> base = record.posts(Condition.REST);
        Optional<Reading> cranking =
                record.posts(Condition.CRANKING).filter(r -> r.flowingAmps().isPresent());
        return base.flatMap(b -> cranking.map(c -> new Told(
                        c.takenAtMillis(),
                        (Math.abs(b.volts()) - Math.abs(c.volts()))
                                / c.flowingAmps().orElseThrow()
                                * MILLI)))
                .filter(told -> told.value() > 0 && Double.isFinite(told.value()));
    }

    private static Optional<Told> stated(CaseRecord record, Topic topic) {
        OptionalDouble value = record.statements().figure(topic);
        return value.isEmpty()
                ? Optional.empty()
                : record.statements().about(topic).map(s -> new Told(s.saidAtMillis(), value.getAsDouble()));
    }
}
