package app.dantro.server.vehicle;

import app.dantro.server.job.Cases;
import app.dantro.server.store.JoinStore;
import app.dantro.server.store.KnownVehicle;
import app.dantro.server.store.LogSearch;
import app.dantro.server.store.LogStore;
import app.dantro.server.store.LoggedCase;
import app.dantro.server.store.VehicleField;
import app.dantro.server.store.VehicleStore;
import app.dantro.server.vehicle.VehiclePageView.SameVehicleView;
import app.dantro.server.vehicle.VehiclePageView.VehicleDetailView;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
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
    private final VehicleStore vehicles;
    private final JoinStore joins;
    private final Clock clock;

    VehicleHistory(LogStore log, Cases cases, VehicleStore vehicles, JoinStore joins, Clock clock) {
        this.log = log;
        this.vehicles = vehicles;
        this.joins = joins;
        this.cases = cases;
        this.clock = clock;
    }

    VehiclePageView of(KnownVehicle.Plain vehicle) {
        List<LoggedCase> lines = lines(vehicle.id());
        List<PastVisit> visits = visits(lines);
        JointHistories joints = new JointHistories(visits, clock.millis());
        return new VehiclePageView(
                vehicle.id(),
                vehicle.name(),
                Stream.of(VehicleField.values())
                        .map(f -> new VehicleDetailView(
                                f,
                                f.title(),
                                f.longest(),
                                vehicle.details().getOrDefault(f, ""),
                                DetailCheck.hint(f, vehicle.details().getOrDefault(f, ""))))
                        .toList(),
                lines.size(),
                joints.again(),
                visits.stream()
                        .limit(1)
                        .flatMap(v -> Visits.advice(cases.load(v.id())).stream())
                        .toList(),
                stated(vehicle.id()),
                lines.stream().map(line -> Visits.visit(line, visits)).toList(),
                PartLives.in(visits),
                joints.all(),
                FigureHistories.in(visits),
                joins.joinedTo(vehicle.id()).stream()
                        .map(j -> new SameVehicleView(j.id(), j.name(), ""))
                        .toList(),
                alike(vehicle));
    }

    /** Other vehicles with the same plate. */
    List<SameVehicleView> alike(KnownVehicle.Plain vehicle) {
        return vehicle.plate().isEmpty()
                ? List.of()
                : vehicles.withPlate(vehicle.plate()).stream()
                        .filter(v -> !v.id().equals(vehicle.id()))
                        .map(v -> new SameVehicleView(v.id(), v.name(), v.plate()))
                        .toList();
    }

    private List<String> stated(UUID vehicle) {
        return vehicles.figures(vehicle).stream()
                .filter(s -> s.topic().ofVehicle())
                .map(s -> "%s: %s".formatted(s.topic().title(), s.topic().words(s.value())))
                .toList();
    }

    /** What came back before on the vehicle of a case, without that case. */
    Before before(KnownVehicle.Plain vehicle, UUID caseId) {
        List<LoggedCase> others = lines(vehicle.id()).stream()
                .filter(line -> !line.caseId().equals(caseId))
                .toList();
        List<PastVisit> visits = visits(others);
        return new Before(
                new JointHistories(visits, clock.millis()).done(),
                Odometers.asked(PastVisit.of(cases.load(caseId)), visits).orElse(""));
    }

    /** What earlier visits say at this one. @param odometer what is asked of the odometer; empty if nothing is */
    record Before(List<String> done, String odometer) {}

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
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return log.find(search, MOST_VISITS);
    }

    /** Without those that are set aside or cannot be read. */
    private List<PastVisit> visits(List<LoggedCase> lines) {
        List<PastVisit> visits = new ArrayList<>();
        for (LoggedCase line : lines) {
            if (!line.setAside()) {
                try {
                    visits.add(PastVisit.of(cases.record(line.caseId())));
                } catch (RuntimeException e) {
                    LOG.error("Case {} cannot be read, the vehicle's page goes on without it", line.caseId(), e);
                }
            }
        }
        return visits;
    }
}
