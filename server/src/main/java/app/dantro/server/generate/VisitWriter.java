package app.dantro.server.generate;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.procedure.Basis;
import app.dantro.core.record.Topic;
import app.dantro.server.store.CaseCircuit;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.SimulationStore;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Puts one visit of a made-up vehicle on record: what it came for, readings, a repair with its retest, the ending. */
@Component
@ConditionalOnProperty("dantro.generate.vehicles")
final class VisitWriter {
    private static final double CELSIUS = 15;
    private static final double STATE_OF_CHARGE = 0.9;
    private static final double WORN_OHMS = 4e-3;
    private static final int KM_A_VISIT = 1900;

    private final CaseStore cases;
    private final SimulationStore simulations;
    private final EntryWriter entries;
    private final PlannedVisit plan;

    VisitWriter(CaseStore cases, SimulationStore simulations, EntryWriter entries, PlannedVisit plan) {
        this.cases = cases;
        this.simulations = simulations;
        this.entries = entries;
        this.plan = plan;
    }

    /** How far the work on a vehicle goes, and by what. */
    enum Work {
        /** The usual readings, with no judgement in between, to the end. */
        USUAL,
        /** Not over yet. */
        BEGUN,
        /** What the plan asks for, all readings judged together after each. */
        PLANNED
    }

    /** @param number 0 for the vehicle's first */
    record Visit(UUID id, Optional<UUID> vehicle, long atMs, int number, Work work) {}

    /** What all visits of a vehicle share. */
    record Place(CaseCircuit circuit, String json, Basis basis) {}

    void visit(Visit visit, AgingVehicle vehicle, Place place) {
        Optional<Part> worn = vehicle.worn(WORN_OHMS);
        String complaint = worn.isPresent() ? "cranks slowly" : "yearly check";
        CaseHead head =
                new CaseHead(visit.id(), vehicle.name, complaint, Loop.STARTING, CELSIUS, EntryWriter.BY, visit.atMs());
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
        file = entries.said(file, Topic.SYMPTOM, worn.isPresent() ? "SLOW" : "CHECK");
        file = entries.said(file, Topic.ODOMETER, String.valueOf(12_000 + visit.number() * KM_A_VISIT));
        switch (visit.work()) {
            case BEGUN -> walk(file, place, worn);
            case PLANNED ->
                plan.work(entries.said(file, Topic.CRANKS, worn.isPresent() ? "SLOWLY" : "NORMALLY"), vehicle);
            case USUAL -> over(usual(file, place, worn, vehicle));
        }
    }

    private StoredCase usual(StoredCase opened, Place place, Optional<Part> worn, AgingVehicle vehicle) {
        StoredCase file = walk(opened, place, worn);
        if (worn.isPresent()) {
            file = entries.repaired(file, worn.get());
            vehicle.repaired(worn.get());
            return entries.passed(walk(file, place, worn));
        }
        file = charging(
                entries.said(file, Topic.CRANKS, "NORMALLY"), place.circuit().circuit());
        return entries.said(file, Topic.ENDED, "GOOD");
    }

    private void over(StoredCase file) {
        if (!entries.close(file)) {
            entries.close(entries.said(file, Topic.CLOSED_UNVERIFIED, "Enough for a check."));
        }
    }

    private StoredCase walk(StoredCase file, Place place, Optional<Part> worn) {
        PointId plus = place.circuit().circuit().plusPost();
        PointId minus = place.circuit().circuit().minusPost();
        StoredCase now = entries.read(file, plus, minus, Condition.REST);
        now = entries.read(now, plus, minus, Condition.CRANKING);
        now = entries.read(now, plus, place.circuit().loop().starter().motorStud(), Condition.CRANKING);
        now = entries.read(now, place.circuit().loop().starter().starterCase(), minus, Condition.CRANKING);
        return worn.isPresent()
                ? entries.read(now, worn.get().from(), worn.get().to(), Condition.CRANKING)
                : now;
    }

    private StoredCase charging(StoredCase file, Circuit circuit) {
        StoredCase now = entries.read(file, circuit.plusPost(), circuit.minusPost(), Condition.IDLE);
        now = entries.read(now, circuit.plusPost(), circuit.minusPost(), Condition.RAISED_LOADED);
        Alternator alternator = circuit.alternator().orElseThrow();
        now = entries.read(now, alternator.output(), circuit.plusPost(), Condition.RAISED_LOADED);
        return entries.read(now, circuit.minusPost(), alternator.ground(), Condition.RAISED_LOADED);
    }
}
