package app.dantro.server.demo;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.procedure.Step;
import app.dantro.core.record.Repair;
import app.dantro.server.demo.DemoHands.Visit;
import app.dantro.server.store.CaseStore;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an empty database with one case in each stage of work, by doing that work on simulated vehicles. */
@Component
@ConditionalOnProperty("dantro.demo")
class DemoWorkshop implements ApplicationRunner {
    private final CaseStore cases;
    private final DemoHands hands;
    private final DemoYears years;
    private final DemoDue due;
    private final boolean withYears;

    /** @param withYears false where nobody looks at the past, since it takes a while to make */
    DemoWorkshop(
            CaseStore cases,
            DemoHands hands,
            DemoYears years,
            DemoDue due,
            @Value("${dantro.demo.years:true}") boolean withYears) {
        this.due = due;
        this.withYears = withYears;
        this.cases = cases;
        this.hands = hands;
        this.years = years;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (cases.any()) {
            return;
        }
        Optional<UUID> van = withYears ? Optional.of(years.ofTheVan()) : Optional.empty();
        finish(hands.open(
                new Visit("Ellerwick estate", "cranks slowly when warm", "computer-regulated", Loop.STARTING),
                List.of(new Fault.AddedResistance(PartId.of("stud-joint"), 0.012)),
                40 * 24,
                Optional.empty()));
        UUID orrery = hands.open(DemoVehicle.ORRERY, 26);
        // All the readings a charging complaint begins with, then one across the suspected part.
        hands.follow(orrery, Step.Kind.LOOK_ELSEWHERE, DemoHands.MOST_STEPS);
        hands.read(orrery, "charge-end", "fuse-in", Condition.RAISED_LOADED);
        hands.repaired(orrery, PartId.of("fuse-joint-in"), Repair.Action.REMADE, "Strands green under the crimp.");
        measure(hands.open(DemoVehicle.ELLERWICK, 22), 3);
        measure(hands.open(DemoVehicle.PIPKIN, 7), 4);
        measure(hands.open(DemoVehicle.HOBBING, 5), 5);
        hands.open(DemoVehicle.MARROW, 2);
        hands.open(DemoVehicle.TAMBLIN, 1, van);
        due.plan(Optional.of(orrery), "Read the crimp at the fuse again", -6, 0);
        van.ifPresent(v -> due.plan(Optional.of(v), "Read the strap's end on the block again", 88, 112_000));
        due.plan(Optional.empty(), "Run sheet of the estate's five vans, before winter", 19, 0);
    }

    private void finish(UUID caseId) {
        PartId part = hands.follow(caseId, Step.Kind.REPAIR, DemoHands.MOST_STEPS)
                .part()
                .orElseThrow();
        hands.repaired(caseId, part, Repair.Action.CLEANED, "Green under the ring.");
        hands.follow(caseId, Step.Kind.COMPLAINT_TEST, DemoHands.MOST_STEPS);
        hands.passed(caseId);
    }

    private void measure(UUID caseId, int readingsToTake) {
        hands.follow(caseId, Step.Kind.DONE, readingsToTake);
    }
}
