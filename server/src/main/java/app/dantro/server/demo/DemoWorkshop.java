package app.dantro.server.demo;

import app.dantro.core.circuit.PartId;
import app.dantro.core.diagnosis.ComplaintTest;
import app.dantro.core.diagnosis.Repair;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.StartingProcedure;
import app.dantro.core.procedure.Step;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Slip;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.server.event.Events;
import app.dantro.server.instrument.SimulatedInstruments;
import app.dantro.server.job.CaseFile;
import app.dantro.server.job.CaseFiles;
import app.dantro.server.job.CaseRecord;
import app.dantro.server.job.CaseStore;
import app.dantro.server.job.Simulation;
import app.dantro.server.job.StoredReading.Source;
import app.dantro.server.job.StoredRepair;
import app.dantro.server.job.StoredTest;
import app.dantro.server.reading.Readings;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
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
    private static final int MOST_STEPS = 25;

    private final CaseStore cases;
    private final CaseFiles files;
    private final Readings readings;
    private final Events events;
    private final SimulatedInstruments instruments;
    private final StartingProcedure procedure;
    private final Clock clock;

    DemoWorkshop(
            CaseStore cases,
            CaseFiles files,
            Readings readings,
            Events events,
            SimulatedInstruments instruments,
            StartingProcedure procedure,
            Clock clock) {
        this.cases = cases;
        this.files = files;
        this.readings = readings;
        this.events = events;
        this.instruments = instruments;
        this.procedure = procedure;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (!cases.findAll().isEmpty()) {
            return;
        }
        open("Marsh Wren 3 runabout", "slow crank since the clutch was done", "strap-end-body", 0.009, 96);
        UUID closed = open("Saltern 5 van", "cranks slowly when warm", "stud-joint", 0.012, 72);
        finish(closed);
        UUID retest = open("Curlew 2 pickup", "slow crank, worse in rain", "crimp-ground", 0.016, 26);
        repairAfter(retest);
        UUID half = open("Tamblin 9 estate", "drags on cold mornings", "crimp-battery", 0.018, 5);
        measure(half, 4);
        open("Tamblin 14 box van", "cranks slowly after wet weeks", "strap-end-block", 0.020, 1);
    }

    private UUID open(String vehicle, String complaint, String fault, double addedOhms, int hoursAgo) {
        UUID id = id(vehicle);
        long at = clock.millis() - Duration.ofHours(hoursAgo).toMillis();
        cases.add(new CaseRecord(id, vehicle, complaint, "petrol-body-return", CELSIUS, BY, at));
        cases.add(new Simulation(id, PartId.of(fault), addedOhms, 0.87, vehicle.hashCode() & 0xffff));
        return id;
    }

    private void finish(UUID caseId) {
        repairAfter(caseId);
        follow(caseId, Step.Kind.COMPLAINT_TEST, MOST_STEPS);
        events.record(new StoredTest(caseId, new ComplaintTest(id(caseId + "test"), true, "", moment(caseId)), BY));
    }

    private void repairAfter(UUID caseId) {
        PartId part = follow(caseId, Step.Kind.REPAIR, MOST_STEPS).part().orElseThrow();
        events.record(new StoredRepair(
                caseId,
                new Repair(id(caseId + "repair"), part, Repair.Action.CLEANED, "Green under the ring.", moment(caseId)),
                BY));
    }

    private void measure(UUID caseId, int readingsToTake) {
        follow(caseId, Step.Kind.DONE, readingsToTake);
    }

    /** Does what the procedure says, until it asks for something else than a reading or the readings are used up. */
    private Step follow(UUID caseId, Step.Kind until, int mostReadings) {
        Step step = procedure.assess(files.load(caseId).evidence()).next();
        for (int taken = 0; step.kind() != until && taken < mostReadings; taken++) {
            take(caseId, step.probe().orElseThrow());
            step = procedure.assess(files.load(caseId).evidence()).next();
        }
        return step;
    }

    private void take(UUID caseId, ProbePlan plan) {
        CaseFile file = files.load(caseId);
        SimulatedInstruments.Display display = instruments.measure(file, plan.red(), plan.black(), plan.condition());
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
        CaseFile file = files.load(caseId);
        int happened =
                file.readings().size() + file.repairs().size() + file.tests().size();
        return file.record().openedAtMs()
                + Duration.ofMinutes(2L * (happened + 1)).toMillis();
    }

    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("demo " + name).getBytes(StandardCharsets.UTF_8));
    }
}
