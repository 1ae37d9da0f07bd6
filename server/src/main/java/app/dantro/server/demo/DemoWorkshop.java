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
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an empty database with one case in each stage of work, by doing that work on simulated vehicles. */
@Component
@ConditionalOnProperty("dantro.demo")
class DemoWorkshop implements ApplicationRunner {
    private static final String BY = "Demo workshop";
    private static final double CELSIUS = 6;
    private static final double STATE_OF_CHARGE = 0.87;
    private static final int MOST_STEPS = 25;

    private final CaseStore cases;
    private final SimulationStore simulations;
    private final Cases files;
    private final ReadingDesk readings;
    private final Events events;
    private final SimulatedInstruments instruments;
    private final Clock clock;

    DemoWorkshop(
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

    @Override
    public void run(ApplicationArguments args) {
        if (!cases.findAll().isEmpty()) {
            return;
        }
        finish(open(
                "Ellerwick estate",
                "cranks slowly when warm",
                "computer-regulated",
                Loop.STARTING,
                List.of(new Fault.AddedResistance(PartId.of("stud-joint"), 0.012)),
                40 * 24));
        UUID orrery = open(DemoVehicle.ORRERY, 26);
        surveyed(orrery, "charge-end", "fuse-in");
        repaired(orrery, PartId.of("fuse-joint-in"), Repair.Action.REMADE, "Strands green under the crimp.");
        measure(open(DemoVehicle.ELLERWICK, 22), 3);
        measure(open(DemoVehicle.PIPKIN, 7), 4);
        measure(open(DemoVehicle.HOBBING, 5), 5);
        open(DemoVehicle.MARROW, 2);
        open(DemoVehicle.TAMBLIN, 1);
    }

    private UUID open(DemoVehicle vehicle, int hoursAgo) {
        UUID id = open(vehicle.vehicle, vehicle.complaint, vehicle.circuit, vehicle.concern, vehicle.faults, hoursAgo);
        long at = clock.millis() - Duration.ofHours(hoursAgo).toMillis();
        Statement said = new Statement(id(id + "symptom"), vehicle.symptom, vehicle.answer, "", at);
        events.record(new StoredStatement(id, said, BY));
        return id;
    }

    private UUID open(
            String vehicle, String complaint, String circuit, Loop concern, List<Fault> faults, int hoursAgo) {
        UUID id = id(vehicle + complaint);
        long at = clock.millis() - Duration.ofHours(hoursAgo).toMillis();
        CaseHead head = new CaseHead(id, vehicle, complaint, concern, CELSIUS, BY, at);
        cases.add(head, CircuitFormat.readyMade(circuit), files.basis());
        simulations.add(Simulation.hidden(id, faults, STATE_OF_CHARGE, vehicle.hashCode() & 0xffff));
        return id;
    }

    /** All the readings a charging complaint begins with, then one across the suspected part. */
    private void surveyed(UUID caseId, String red, String black) {
        follow(caseId, Step.Kind.LOOK_ELSEWHERE, MOST_STEPS);
        take(
                caseId,
                FreeProbe.of(
                        files.assessByRules(files.load(caseId)).findings(),
                        PointId.of(red),
                        PointId.of(black),
                        Condition.RAISED_LOADED));
    }

    private void repaired(UUID caseId, PartId part, Repair.Action action, String note) {
        events.record(
                new StoredRepair(caseId, new Repair(id(caseId + "repair"), part, action, note, moment(caseId)), BY));
    }

    private void finish(UUID caseId) {
        repairAfter(caseId);
        follow(caseId, Step.Kind.COMPLAINT_TEST, MOST_STEPS);
        events.record(new StoredTest(caseId, new ComplaintTest(id(caseId + "test"), true, "", moment(caseId)), BY));
    }

    private void repairAfter(UUID caseId) {
        PartId part = follow(caseId, Step.Kind.REPAIR, MOST_STEPS).part().orElseThrow();
        repaired(caseId, part, Repair.Action.CLEANED, "Green under the ring.");
    }

    private void measure(UUID caseId, int readingsToTake) {
        follow(caseId, Step.Kind.DONE, readingsToTake);
    }

    /** Does what the procedure says, until it asks for something else than a reading or the readings are used up. */
    private Step follow(UUID caseId, Step.Kind until, int mostReadings) {
        Step step = files.assessByRules(files.load(caseId)).next();
        for (int taken = 0; step.kind() != until && taken < mostReadings; taken++) {
            take(caseId, step.probe().orElseThrow());
            step = files.assessByRules(files.load(caseId)).next();
        }
        return step;
    }

    private void take(UUID caseId, ProbePlan plan) {
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
    private long moment(UUID caseId) {
        StoredCase file = files.load(caseId);
        int happened =
                file.readings().size() + file.repairs().size() + file.tests().size();
        return file.record().openedAtMs()
                + Duration.ofMinutes(2L * (happened + 1)).toMillis();
    }

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("demo " + name).getBytes(StandardCharsets.UTF_8));
    }
}
