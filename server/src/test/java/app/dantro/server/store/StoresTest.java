package app.dantro.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.network.Fault;
import app.dantro.core.procedure.Basis;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.Repair;
import app.dantro.core.slip.Slip;
import app.dantro.server.RunningServer;
import app.dantro.server.format.CircuitFormat;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessException;

/** What goes into the database comes out as it went in, once, in the order it counts. */
class StoresTest {
    private static final String CAR = CircuitFormat.readyMade("petrol-car");

    @TempDir
    static Path folder;

    private static RunningServer server;

    private final UUID caseId = UUID.randomUUID();
    private final CaseHead head = new CaseHead(caseId, "Van", "slow", Loop.STARTING, 22.3, "t", 1_000);

    @BeforeAll
    static void start() {
        server = RunningServer.on(folder);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @BeforeEach
    void open() {
        assertThat(store(CaseStore.class).add(head, CAR, Basis.with(OwnSets.none())))
                .isTrue();
    }

    @Test
    void aCaseIsThereOnceWithItsCircuitItsBasisAndItsForeignData() {
        CaseStore cases = store(CaseStore.class);
        CaseHead other = new CaseHead(caseId, "Other", "slow", Loop.STARTING, 5, "t", 2_000);
        assertThat(cases.add(other, CAR, Basis.with(OwnSets.none())))
                .as("the id is taken")
                .isFalse();
        assertThat(cases.find(caseId)).contains(head);
        assertThat(cases.find(UUID.randomUUID())).isEmpty();
        assertThat(store(CircuitStore.class).first(caseId)).isEqualTo(CAR);
        assertThat(store(BasisStore.class).find(caseId)).hasSize(1);
        assertThat(cases.findExtensions(caseId)).isEmpty();
        cases.addExtensions(caseId, "{\"ours\":[1]}");
        assertThat(cases.findExtensions(caseId)).contains("{\"ours\":[1]}");
    }

    @Test
    void theNewestVersionOfACircuitCountsAndNoneIsWrittenTwice() {
        CircuitStore circuits = store(CircuitStore.class);
        String changed =
                "{\"ready_made\":\"petrol-car\",\"changes\":{\"parts\":[{\"id\":\"starter-cable\",\"length_metres\":1.4}]}}";
        assertThat(circuits.add(caseId, 2, changed, "t", 5)).isTrue();
        assertThat(circuits.add(caseId, 2, CAR, "t", 6)).as("taken").isFalse();
        assertThat(circuits.newest(caseId).json()).isEqualTo(changed);
        assertThat(circuits.newest(caseId).version()).isEqualTo(2);
        assertThat(circuits.first(caseId)).isEqualTo(CAR);
    }

    @Test
    void readingsComeInTheOrderTheyWereTakenWithAllTheirFields() {
        ReadingStore readings = store(ReadingStore.class);
        StoredReading late = stored(reading("0.270", 20, Current.of(154, Current.How.CLAMP)), Optional.empty());
        StoredReading early = stored(
                reading(
                        "270 mV",
                        10,
                        new Current.Measured(41.5, Current.How.CABLE_AS_SHUNT, Optional.of(PartId.of("ground-cable")))),
                Optional.empty());
        assertThat(readings.add(late)).isTrue();
        assertThat(readings.add(early)).isTrue();
        assertThat(readings.add(late)).as("sent twice").isFalse();
        assertThat(readings.findByCase(caseId)).containsExactly(early, late);
        assertThat(readings.find(early.reading().id())).contains(early);
        assertThat(readings.find(UUID.randomUUID())).isEmpty();
    }

    @Test
    void aQuestionIsKeptWithItsChoicesAndAnsweredOnce() {
        ReadingStore readings = store(ReadingStore.class);
        Slip slip = new Slip(
                Slip.Kind.values()[0],
                "Was it 0.27?",
                List.of(
                        new Slip.Choice(Slip.Answer.MEANT, "0.27", Optional.of(0.27)),
                        new Slip.Choice(Slip.Answer.AS_READ, "2.7", Optional.empty())));
        StoredReading asked = stored(reading("2.7", 30, Current.unknown()), Optional.of(slip));
        readings.add(asked);
        assertThat(readings.findByCase(caseId).get(0).slip()).contains(slip);
        assertThat(readings.answer(asked.reading().id(), Slip.Answer.AS_READ, "t", 40))
                .isTrue();
        assertThat(readings.answer(asked.reading().id(), Slip.Answer.MEANT, "t", 50))
                .as("answered already")
                .isFalse();
        assertThat(readings.findByCase(caseId).get(0).answer()).contains(Slip.Answer.AS_READ);
    }

    @Test
    void theLastStrikeOfATargetCountsInTheOrderTheyCame() {
        EventStore events = store(EventStore.class);
        UUID target = UUID.randomUUID();
        StoredRepair repair = new StoredRepair(
                caseId, new Repair(target, PartId.of("starter-cable"), Repair.Action.REPLACED, "new", 60), "t");
        assertThat(events.add(repair)).isTrue();
        assertThat(events.add(repair)).isFalse();
        assertThat(events.findRepairs(caseId)).containsExactly(repair);
        Strike struck = new Strike(UUID.randomUUID(), caseId, target, false, "wrong part", "t", 70);
        Strike restored = new Strike(UUID.randomUUID(), caseId, target, true, "", "t", 70);
        events.add(struck);
        events.add(restored);
        assertThat(events.findStrikes(caseId))
                .as("of one moment, the later entered one is the later one")
                .containsExactly(struck, restored);
    }

    @Test
    void whatBelongsToNoCaseIsRefused() {
        Reading reading = reading("12.6", 1, Current.unknown());
        StoredReading stray = new StoredReading(
                UUID.randomUUID(), reading, StoredReading.Source.TYPED, "t", 2, Optional.empty(), Optional.empty());
        assertThatThrownBy(() -> store(ReadingStore.class).add(stray)).isInstanceOf(DataAccessException.class);
        assertThat(store(ReadingStore.class).find(stray.reading().id())).isEmpty();
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
        StoredBasis second = new StoredBasis(2, earlier, StoredBasis.Why.NEWER_PROGRAM, 50, Optional.empty());
        bases.add(caseId, second);
        bases.add(
                caseId,
                new StoredBasis(2, Basis.with(OwnSets.none()), StoredBasis.Why.OWN_LIMITS, 60, Optional.empty()));
        assertThat(bases.find(caseId)).hasSize(2).last().isEqualTo(second);
    }

    private static <T> T store(Class<T> type) {
        return server.bean(type);
    }

    private static List<Integer> versions(LimitSetStore sets) {
        return sets.all().versions().stream()
                .filter(v -> v.loop() == Loop.STARTING && v.limits().name().equals("Stores"))
                .map(OwnSets.Version::number)
                .toList();
    }

    private StoredReading stored(Reading reading, Optional<Slip> slip) {
        return new StoredReading(caseId, reading, StoredReading.Source.TYPED, "t", 99, slip, Optional.empty());
    }

    private static Reading reading(String typed, long takenAt, Current current) {
        return new Reading(
                UUID.randomUUID(),
                PointId.of("starter-case"),
                PointId.of("post-minus"),
                Condition.CRANKING,
                TypedVolts.parse(typed),
                Statistic.SETTLED,
                current,
                Optional.of(MeterRange.VOLTS_20),
                false,
                takenAt);
    }
}
