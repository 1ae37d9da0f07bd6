package app.dantro.server.demo;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Fault;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.core.slip.Slip;
import app.dantro.server.event.Events;
import app.dantro.server.format.CircuitFormat;
import app.dantro.server.instrument.SimulatedInstruments;
import app.dantro.server.job.Cases;
import app.dantro.server.reading.ReadingDesk;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.SimulationStore;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredReading.Source;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.store.StoredTest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Works on simulated vehicles as a technician would: opens cases, reads, repairs, tests. */
@Component
@ConditionalOnProperty("dantro.demo")
final class DemoHands {
    static final String BY = "Demo workshop";
    private static final double CELSIUS = 6;
    private static final double STATE_OF_CHARGE = 0.87;
    static final int MOST_STEPS = 25;

    private final CaseStore cases;
    private final SimulationStore simulations;
    private final Cases files;
    private final ReadingDesk readings;
    private final Events events;
    private final SimulatedInstruments instruments;
    private final Clock clock;

    DemoHands(
            CaseStore cases,
            SimulationStore simulations,
            Cases files,
            ReadingDesk readings,
            Events events,
            SimulatedInstruments instruments,
            Clock clock) {
        this.cases = cases;
        this.simulations = simulations;
        this.files = files;
        this.readings = readings;
        this.events = events;
        this.instruments = instruments;
        this.clock = clock;
    }

    /** What a vehicle comes for. */
    record Visit(String vehicle, String complaint, String circuit, Loop concern) {}

    UUID open(DemoVehicle vehicle, int hoursAgo) {
        return open(vehicle, hoursAgo, Optional.empty());
    }

    /** @param known the vehicle, if it was here before */
    UUID open(DemoVehicle vehicle, int hoursAgo, Optional<UUID> known) {
        Visit visit = new Visit(vehicle.vehicle, vehicle.complaint, vehicle.circuit, vehicle.concern);
        UUID id = open(visit, vehicle.faults, hoursAgo, known);
        long at = clock.millis() - Duration.ofHours(hoursAgo).toMillis();
        Statement said = new Statement(id(id + "symptom"), vehicle.symptom, vehicle.answer, "", at);
        events.record(new StoredStatement(id, said, BY));
        return id;
    }

    UUID open(Visit visit, List<Fault> faults, int hoursAgo, Optional<UUID> known) {
        UUID id = id(visit.vehicle() + visit.complaint());
        long at = clock.millis() - Duration.ofHours(hoursAgo).toMillis();
        CaseHead head = new CaseHead(id, visit.vehicle(), visit.complaint(), visit.concern(), CELSIUS, BY, at);
        cases.add(head, known, CircuitFormat.readyMade(visit.circuit()), files.basis(), Optional.empty());
        simulations.add(
                Simulation.hidden(id, faults, STATE_OF_CHARGE, visit.vehicle().hashCode() & 0xffff));
        return id;
    }

    /** Reads between two points with a clamp. */
    void read(UUID caseId, String red, String black, Condition condition) {
        take(
                caseId,
                FreeProbe.of(
                        files.assessByRules(files.load(caseId)).findings(),
                        PointId.of(red),
                        PointId.of(black),
                        condition));
    }

    void passed(UUID caseId) {
        events.record(new StoredTest(caseId, new ComplaintTest(id(caseId + "test"), true, "", moment(caseId)), BY));
    }

    void state(UUID caseId, Topic topic, String value) {
        Statement said = new Statement(id(caseId + topic.name()), topic, value, "", moment(caseId));
        events.record(new StoredStatement(caseId, said, BY));
    }

    void repaired(UUID caseId, PartId part, Repair.Action action, String note) {
        events.record(
                new StoredRepair(caseId, new Repair(id(caseId + "repair"), part, action, note, moment(caseId)), BY));
    }

    /** Does what the procedure says, until a kind of step, or one that is no reading, or the readings are used up. */
    Step follow(UUID caseId, Step.Kind until, int mostReadings) {
        Step step = files.assessByRules(files.load(caseId)).next();
        for (int taken = 0; step.kind() != until && step.probe().isPresent() && taken < mostReadings; taken++) {
            take(caseId, step.probe().get());
            step = files.assessByRules(files.load(caseId)).next();
        }
        return step;
    }

    void take(UUID caseId, ProbePlan plan) {
        StoredCase file = files.load(caseId);
        SimulatedInstruments.Display display =
                instruments.measure(file, plan.red(), plan.black(), plan.condition(), Ammeter.clamp());
        Current current =
                display.amps().map(a -> Current.of(a, Current.How.CLAMP)).orElseGet(Current::unknown);
        Reading reading = new Reading(
                id(caseId + "reading" + file.readings().size()),
                plan.red(),
                plan.black(),
                plan.condition(),
                TypedVolts.parse(display.typed()),
                Statistic.SETTLED,
                current,
                Optional.of(display.range()),
                false,
                moment(caseId));
        readings.record(file, reading, Source.SIMULATED, BY);
        boolean asked = files.load(caseId).readings().stream()
                .anyMatch(r -> r.reading().id().equals(reading.id()) && r.slip().isPresent());
        if (asked) {
            readings.answer(caseId, reading.id(), Slip.Answer.AS_READ, BY);
        }
    }

    /** Two minutes after the last event of the case. */
    long moment(UUID caseId) {
        StoredCase file = files.load(caseId);
        int happened =
                file.readings().size() + file.repairs().size() + file.tests().size();
        return file.record().openedAtMs()
                + Duration.ofMinutes(2L * (happened + 1)).toMillis();
    }

    static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("demo " + name).getBytes(StandardCharsets.UTF_8));
    }
}
