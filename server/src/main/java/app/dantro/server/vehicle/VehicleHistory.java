package app.dantro.server.vehicle;

import app.dantro.core.circuit.Condition;
import app.dantro.core.procedure.Stage;
import app.dantro.core.record.Topic;
import app.dantro.server.job.Cases;
import app.dantro.server.store.KnownVehicle;
import app.dantro.server.store.LogSearch;
import app.dantro.server.store.LogStore;
import app.dantro.server.store.LoggedCase;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.VehicleField;
import app.dantro.server.vehicle.VehiclePageView.FigurePointView;
import app.dantro.server.vehicle.VehiclePageView.VehicleDetailView;
import app.dantro.server.vehicle.VehiclePageView.VehicleFigureSeriesView;
import app.dantro.server.vehicle.VehiclePageView.VisitView;
import java.time.Clock;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Puts together what the cases of one vehicle tell of it. */
@Component
class VehicleHistory {
    private static final Logger LOG = LoggerFactory.getLogger(VehicleHistory.class);
    private static final int MOST_VISITS = 500;

    private final LogStore log;
    private final Cases cases;
    private final Clock clock;

    VehicleHistory(LogStore log, Cases cases, Clock clock) {
        this.log = log;
        this.cases = cases;
        this.clock = clock;
    }

    VehiclePageView of(KnownVehicle.Plain vehicle) {
        List<LoggedCase> lines = lines(vehicle.id());
        List<StoredCase> files = files(lines);
        JointHistories joints = new JointHistories(files, clock.millis());
        return new VehiclePageView(
                vehicle.id(),
                vehicle.name(),
                Stream.of(VehicleField.values())
                        .map(f -> new VehicleDetailView(
                                f, f.title(), f.longest(), vehicle.details().getOrDefault(f, "")))
                        .toList(),
                lines.size(),
                joints.again(),
                lines.stream().map(line -> visit(line, files)).toList(),
                joints.all(),
                figures(files));
    }

    /** What came back before on the vehicle of a case, without that case. */
    List<String> before(KnownVehicle.Plain vehicle, UUID caseId) {
        List<LoggedCase> others = lines(vehicle.id()).stream()
                .filter(line -> !line.caseId().equals(caseId))
                .toList();
        return new JointHistories(files(others), clock.millis()).done();
    }

    private List<LoggedCase> lines(UUID vehicle) {
        LogSearch search = new LogSearch(
                "",
                Optional.of(vehicle),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return log.find(search, MOST_VISITS);
    }

    /** Without those that are set aside or cannot be read. */
    private List<StoredCase> files(List<LoggedCase> lines) {
        List<StoredCase> files = new ArrayList<>();
        for (LoggedCase line : lines) {
            if (!line.setAside()) {
                try {
                    files.add(cases.load(line.caseId()));
                } catch (RuntimeException e) {
                    LOG.error("Case {} cannot be read, the vehicle's page goes on without it", line.caseId(), e);
                }
            }
        }
        return files;
    }

    private static VisitView visit(LoggedCase line, List<StoredCase> files) {
        Stage stage = Stage.valueOf(line.stage());
        Optional<String> odometer = files.stream()
                .filter(f -> f.record().id().equals(line.caseId()))
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

    private static List<VehicleFigureSeriesView> figures(List<StoredCase> files) {
        Map<Condition, String> wanted = new EnumMap<>(Map.of(
                Condition.REST, "Base voltage",
                Condition.CRANKING, "Posts while cranking",
                Condition.RAISED_LOADED, "Posts, charging under load"));
        return wanted.entrySet().stream()
                .map(e -> new VehicleFigureSeriesView(
                        e.getValue(),
                        "V",
                        files.stream()
                                .flatMap(f -> posts(f, e.getKey()).stream())
                                .sorted((a, b) -> Long.compare(a.atMs(), b.atMs()))
                                .toList()))
                .filter(series -> !series.points().isEmpty())
                .toList();
    }

    private static Optional<FigurePointView> posts(StoredCase file, Condition condition) {
        return file.evidence()
                .posts(condition)
                .map(r -> new FigurePointView(file.record().id(), r.takenAtMillis(), Math.abs(r.volts())));
    }
}
