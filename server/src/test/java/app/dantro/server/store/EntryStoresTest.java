package app.dantro.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.Repair;
import app.dantro.core.slip.Slip;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Readings, questions, repairs and strikes come out as they went in, once, in the order they count. */
class EntryStoresTest extends NewCaseInStore {
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
        assertThat(readings.add(late, 1)).isTrue();
        assertThat(readings.add(early, 1)).isTrue();
        assertThat(readings.add(late, 1)).as("sent twice").isFalse();
        assertThat(readings.findByCase(caseId)).containsExactly(early, late);
        assertThat(readings.find(early.reading().id())).contains(early);
        assertThat(readings.find(UUID.randomUUID())).isEmpty();
    }

    @Test
    void aReadingIsTakenOnTheCircuitItWasCheckedOnAndACircuitOnTheReadingsItWasCheckedWith() {
        ReadingStore readings = store(ReadingStore.class);
        CircuitStore circuits = store(CircuitStore.class);
        StoredReading first = stored(reading("0.27", 10, Current.unknown()), Optional.empty());
        StoredReading second = stored(reading("0.28", 20, Current.unknown()), Optional.empty());
        readings.add(first, 1);
        assertThat(circuits.add(caseId, 2, CAR, 0, "t", 5))
                .as("a reading came in since")
                .isFalse();
        assertThat(circuits.add(caseId, 2, CAR, 1, "t", 5)).isTrue();
        assertThat(readings.add(second, 1)).as("the circuit was changed since").isFalse();
        assertThat(readings.find(second.reading().id())).isEmpty();
        assertThat(readings.add(second, 2)).isTrue();
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
        readings.add(asked, 1);
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
        assertThat(store(ReadingStore.class).add(stray, 1)).isFalse();
        assertThat(store(ReadingStore.class).find(stray.reading().id())).isEmpty();
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
