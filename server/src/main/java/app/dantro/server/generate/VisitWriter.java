package app.dantro.server.generate;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Basis;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.server.instrument.SimulatedInstruments;
import app.dantro.server.job.Cases;
import app.dantro.server.reading.ReadingDesk;
import app.dantro.server.store.BasisStore;
import app.dantro.server.store.CaseCircuit;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.EventStore;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.SimulationStore;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredReading.Source;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.store.StoredTest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Puts one visit of a made-up vehicle on record: what it came for, readings, a repair with its retest, the ending. */
@Component
@ConditionalOnProperty("dantro.generate.vehicles")
final class VisitWriter {
    static final String BY = "Generated workshop";
    private static final double CELSIUS = 15;
    private static final double STATE_OF_CHARGE = 0.9;
    private static final double WORN_OHMS = 4e-3;
    private static final int KM_A_VISIT = 1900;
    private static final long STEP_MILLIS = 120_000;

    private final CaseStore cases;
    private final SimulationStore simulations;
    private final SimulatedInstruments instruments;
    private final ReadingDesk readings;
    private final EventStore events;
    private final BasisStore bases;
    private final Cases files;

    VisitWriter(
            CaseStore cases,
            SimulationStore simulations,
            SimulatedInstruments instruments,
            ReadingDesk readings,
            EventStore events,
            BasisStore bases,
            Cases files) {
        this.cases = cases;
        this.simulations = simulations;
        this.instruments = instruments;
        this.readings = readings;
        this.events = events;
        this.bases = bases;
        this.files = files;
    }

    /** @param number 0 for the vehicle's first @param open true if the work on it is not over */
    record Visit(UUID id, Optional<UUID> vehicle, long atMs, int number, boolean open) {}

    /** What all visits of a vehicle share. */
    record Place(CaseCircuit circuit, String json, Basis basis) {}

    void visit(Visit visit, AgingVehicle vehicle, Place place) {
        Optional<Part> worn = vehicle.worn(WORN_OHMS);
        String complaint = worn.isPresent() ? "cranks slowly" : "yearly check";
        CaseHead head = new CaseHead(visit.id(), vehicle.name, complaint, Loop.STARTING, CELSIUS, BY, visit.atMs());
        cases.add(head, visit.vehicle(), place.json(), place.basis(), Optional.empty());
        Simulation simulation = Simulation.hidden(
                visit.id(), vehicle.faults(), STATE_OF_CHARGE, visit.id().getLeastSignificantBits());
        simulations.add(simulation);
        StoredCase file = new StoredCase(
                head,
                place.circuit(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(new StoredBasis(1, place.basis(), StoredBasis.Why.OPENED, visit.atMs())),
                Optional.of(simulation));
        file = said(file, Topic.SYMPTOM, worn.isPresent() ? "SLOW" : "CHECK");
        file = said(file, Topic.ODOMETER, String.valueOf(12_000 + visit.number() * KM_A_VISIT));
        file = walk(file, place, worn);
        if (visit.open()) {
            return;
        }
        if (worn.isPresent()) {
            file = repaired(file, worn.get());
            vehicle.repaired(worn.get());
            file = walk(file, place, worn);
            file = passed(file);
        } else {
            file = said(file, Topic.CRANKS, "NORMALLY");
            file = charging(file, place.circuit().circuit());
            file = said(file, Topic.ENDED, "GOOD");
        }
        if (!close(file)) {
            close(said(file, Topic.CLOSED_UNVERIFIED, "Enough for a check."));
        }
    }

    private StoredCase walk(StoredCase file, Place place, Optional<Part> worn) {
        PointId plus = place.circuit().circuit().plusPost();
        PointId minus = place.circuit().circuit().minusPost();
        StoredCase now = read(file, plus, minus, Condition.REST);
        now = read(now, plus, minus, Condition.CRANKING);
        now = read(now, plus, place.circuit().loop().starter().motorStud(), Condition.CRANKING);
        now = read(now, place.circuit().loop().starter().starterCase(), minus, Condition.CRANKING);
        return worn.isPresent() ? read(now, worn.get().from(), worn.get().to(), Condition.CRANKING) : now;
    }

    private StoredCase charging(StoredCase file, Circuit circuit) {
        StoredCase now = read(file, circuit.plusPost(), circuit.minusPost(), Condition.IDLE);
        now = read(now, circuit.plusPost(), circuit.minusPost(), Condition.RAISED_LOADED);
        Alternator alternator = circuit.alternator().orElseThrow();
        now = read(now, alternator.output(), circuit.plusPost(), Condition.RAISED_LOADED);
        return read(now, circuit.minusPost(), alternator.ground(), Condition.RAISED_LOADED);
    }

    private StoredCase read(StoredCase file, PointId red, PointId black, Condition condition) {
        SimulatedInstruments.Display display = instruments.measure(file, red, black, condition, Ammeter.clamp());
        Reading reading = new Reading(
                id(file, "reading"),
                red,
                black,
                condition,
                TypedVolts.parse(display.typed()),
                Statistic.SETTLED,
                display.amps().map(a -> Current.of(a, Current.How.CLAMP)).orElseGet(Current::unknown),
                Optional.of(display.range()),
                false,
                moment(file));
        return readings.record(file, reading, Source.SIMULATED, BY).file();
    }

    private StoredCase said(StoredCase file, Topic topic, String value) {
        StoredStatement said = new StoredStatement(
                file.record().id(), new Statement(id(file, topic.name()), topic, value, "", moment(file)), BY);
        events.add(said);
        return with(file, file.repairs(), file.tests(), more(file.statements(), said));
    }

    private StoredCase repaired(StoredCase file, Part joint) {
        StoredRepair repair = new StoredRepair(
                file.record().id(),
                new Repair(id(file, "repair"), joint.id(), Repair.Action.CLEANED, "", moment(file)),
                BY);
        events.add(repair);
        return with(file, more(file.repairs(), repair), file.tests(), file.statements());
    }

    private StoredCase passed(StoredCase file) {
        StoredTest test =
                new StoredTest(file.record().id(), new ComplaintTest(id(file, "test"), true, "", moment(file)), BY);
        events.add(test);
        return with(file, file.repairs(), more(file.tests(), test), file.statements());
    }

    /** What the rules say of it is what it says when it closes. @return false if by the rules it is not over */
    private boolean close(StoredCase file) {
        Assessment assessment = files.assessByRules(file);
        if (assessment.stage().closed()) {
            bases.close(
                    file.record().id(), 1, new StoredBasis.Closing(AsSaid.of(assessment), file.judged(), moment(file)));
        }
        return assessment.stage().closed();
    }

    private static StoredCase with(
            StoredCase file, List<StoredRepair> repairs, List<StoredTest> tests, List<StoredStatement> statements) {
        return new StoredCase(
                file.record(),
                file.onCircuit(),
                file.readings(),
                repairs,
                tests,
                statements,
                file.photos(),
                file.strikes(),
                file.bases(),
                file.simulation());
    }

    private static <T> List<T> more(List<T> before, T one) {
        List<T> all = new ArrayList<>(before);
        all.add(one);
        return all;
    }

    private static long moment(StoredCase file) {
        return file.record().openedAtMs() + entries(file) * STEP_MILLIS;
    }

    private static int entries(StoredCase file) {
        return file.readings().size()
                + file.repairs().size()
                + file.tests().size()
                + file.statements().size()
                + 1;
    }

    private static UUID id(StoredCase file, String what) {
        return UUID.nameUUIDFromBytes((file.record().id() + what + entries(file)).getBytes(StandardCharsets.UTF_8));
    }
}
