package app.dantro.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.network.Fault;
import app.dantro.core.procedure.Basis;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What goes into the database comes out as it went in, once, in the order it counts. */
class StoresTest extends NewCaseInStore {
    @Test
    void aCaseIsThereOnceWithItsCircuitItsBasisAndItsForeignData() {
        CaseStore cases = store(CaseStore.class);
        CaseHead other = new CaseHead(caseId, "Other", "slow", Loop.STARTING, 5, "t", 2_000);
        assertThat(cases.add(other, Optional.empty(), CAR, Basis.with(OwnSets.none()), Optional.empty()))
                .as("the id is taken")
                .isFalse();
        assertThat(cases.find(caseId)).contains(head);
        assertThat(cases.find(UUID.randomUUID())).isEmpty();
        assertThat(store(CircuitStore.class).first(caseId)).isEqualTo(CAR);
        // The program may move the case on beside the test, to the limit sets that another test adds.
        assertThat(store(BasisStore.class).find(caseId))
                .filteredOn(b -> b.why() == StoredBasis.Why.OPENED)
                .singleElement()
                .extracting(StoredBasis::sinceMs)
                .isEqualTo(head.openedAtMs());
        assertThat(cases.findExtensions(caseId)).isEmpty();
        cases.addExtensions(caseId, "{\"ours\":[1]}");
        assertThat(cases.findExtensions(caseId)).contains("{\"ours\":[1]}");
    }

    @Test
    void theNewestVersionOfACircuitCountsAndNoneIsWrittenTwice() {
        CircuitStore circuits = store(CircuitStore.class);
        String changed =
                "{\"ready_made\":\"petrol-car\",\"changes\":{\"parts\":[{\"id\":\"starter-cable\",\"length_metres\":1.4}]}}";
        assertThat(circuits.add(caseId, 2, changed, 0, "t", 5)).isTrue();
        assertThat(circuits.add(caseId, 2, CAR, 0, "t", 6)).as("taken").isFalse();
        assertThat(circuits.newest(caseId).json()).isEqualTo(changed);
        assertThat(circuits.newest(caseId).version()).isEqualTo(2);
        assertThat(circuits.first(caseId)).isEqualTo(CAR);
    }

    @Test
    void aSimulatedVehicleKeepsItsFaultsInTheirOrder() {
        SimulationStore simulations = store(SimulationStore.class);
        Simulation vehicle = new Simulation(
                caseId,
                List.of(
                        new Fault.WeakBattery(PartId.of("battery"), 2.7),
                        new Fault.AddedResistance(PartId.of("stud-joint"), 0.02),
                        new Fault.NoOutput(PartId.of("alternator"))),
                0.8,
                true,
                true,
                42);
        assertThat(simulations.find(caseId)).isEmpty();
        simulations.add(vehicle);
        assertThat(simulations.find(caseId)).contains(vehicle);
    }

    @Test
    void versionsOfAnOwnSetCountUpByNameAndAreSeenAtOnce() {
        LimitSetStore sets = store(LimitSetStore.class);
        UUID first = UUID.randomUUID();
        School strict = School.own("Stores", Optional.of(0.2), Optional.empty(), "ours");
        School looser = School.own("Stores", Optional.of(0.3), Optional.of(0.2), "ours");
        sets.add(first, Loop.STARTING, strict, "t", 10);
        sets.add(first, Loop.STARTING, looser, "t", 20);
        assertThat(versions(sets)).as("the same id twice is one").containsExactly(1);
        sets.add(UUID.randomUUID(), Loop.STARTING, looser, "t", 30);
        sets.add(UUID.randomUUID(), Loop.CHARGING, looser, "t", 30);
        assertThat(versions(sets)).containsExactly(1, 2);
        assertThat(sets.all().newest(Loop.STARTING, "Stores").orElseThrow().limits())
                .isEqualTo(looser);
        assertThat(sets.all().newest(Loop.CHARGING, "Stores").orElseThrow().number())
                .isEqualTo(1);
    }

    @Test
    void theShopFollowsWhatItChoseLastForEachLoop() {
        ShopStore shop = store(ShopStore.class);
        shop.add(new ShopSchool(UUID.randomUUID(), Loop.STARTING, "By size", "usual here", "t", 10));
        ShopSchool last = new ShopSchool(UUID.randomUUID(), Loop.STARTING, "", "", "t", 5);
        ShopSchool charging = new ShopSchool(UUID.randomUUID(), Loop.CHARGING, "Window", "usual here", "t", 1);
        shop.add(last);
        shop.add(charging);
        assertThat(shop.newest()).containsExactlyInAnyOrder(last, charging);
    }

    @Test
    void theSameBasisIsThereOnceAndAPositionIsTakenOnce() {
        BasisStore bases = store(BasisStore.class);
        Basis earlier = new Basis(0, 0, 0, 0, OwnSets.none());
        // The program itself moves an open case on beside this test; it does not come as far as here.
        StoredBasis first = new StoredBasis(90, earlier, StoredBasis.Why.NEWER_PROGRAM, 50);
        bases.add(caseId, first);
        bases.add(caseId, new StoredBasis(90, Basis.with(OwnSets.none()), StoredBasis.Why.OWN_LIMITS, 60));
        assertThat(bases.find(caseId)).filteredOn(b -> b.position() == 90).containsExactly(first);
    }

    private static List<Integer> versions(LimitSetStore sets) {
        return sets.all().versions().stream()
                .filter(v -> v.loop() == Loop.STARTING && v.limits().name().equals("Stores"))
                .map(OwnSets.Version::number)
                .toList();
    }
}
