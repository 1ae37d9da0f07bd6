package app.dantro.core.record;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is on record, and what of it still counts. */
class CaseRecordTest {
    private static final Circuit VAN =
            ReadyMadeCircuits.named("petrol-body-return").orElseThrow();
    private static final PartId STRAP_END = PartId.of("strap-end-block");

    @Test
    void aRepairOutdatesWhatItsPathShowedAndNothingElse() {
        Reading whole = cranking("starter-case", "post-minus", "3.21", 154);
        Reading across = cranking("block", "strap-engine", "3.02", 154);
        Reading supply = cranking("post-plus", "motor-stud", "0.178", 154);
        CaseRecord record = record(List.of(base("12.6"), whole, across, supply), repair(STRAP_END, supply));
        assertThat(record.stateOf(RecordedReading.of(whole))).isEqualTo(ReadingState.BEFORE_REPAIR);
        assertThat(record.stateOf(RecordedReading.of(across))).isEqualTo(ReadingState.BEFORE_REPAIR);
        assertThat(record.stateOf(RecordedReading.of(supply))).isEqualTo(ReadingState.COUNTS);
        assertThat(record.acrossBefore(STRAP_END)).contains(across);
        assertThat(record.acrossSince(STRAP_END)).isEmpty();
        Reading again = cranking("block", "strap-engine", "0.020", 160);
        CaseRecord later = record(List.of(whole, across, supply, again), repair(STRAP_END, supply));
        assertThat(later.acrossSince(STRAP_END)).contains(again);
    }

    @Test
    void theNewestOfAPairCountsWhicheverWayTheLeadsWere() {
        Reading first = cranking("starter-case", "post-minus", "0.31", 150);
        Reading turned = cranking("post-minus", "starter-case", "-0.28", 150);
        CaseRecord record = record(List.of(turned, first));
        PointId starterCase = PointId.of("starter-case");
        assertThat(record.newest(starterCase, VAN.minusPost(), Condition.CRANKING))
                .map(Reading::id)
                .contains(turned.id());
        assertThat(record.newest(starterCase, VAN.minusPost(), Condition.RAISED))
                .isEmpty();
    }

    @Test
    void theOrderOfArrivalChangesNothing() {
        List<Reading> taken = new ArrayList<>(List.of(
                base("12.6"),
                cranking("post-plus", "post-minus", "11.57", 154),
                cranking("starter-case", "post-minus", "0.30", 154),
                cranking("starter-case", "post-minus", "0.28", 154)));
        CaseRecord inOrder = record(taken);
        Collections.shuffle(taken, new Random(3));
        assertThat(record(taken).observed()).isEqualTo(inOrder.observed());
        assertThat(record(taken).posts(Condition.CRANKING)).isEqualTo(inOrder.posts(Condition.CRANKING));
    }

    @ParameterizedTest
    @CsvSource({
        "starter-cable, CRANKING, 150, true",
        "ground-cable, CRANKING, 150, false",
        "starter-cable, CRANKING, -150, false",
        "charge-cable, RAISED_LOADED, 40, true",
        "charge-cable, CRANKING, 40, false"
    })
    void aCurrentIsTheLoopsOnlyWhereAllOfItFlows(String in, Condition condition, double amps, boolean whole) {
        Current measured = new Current.Measured(amps, Current.How.CLAMP, Optional.of(PartId.of(in)));
        Reading reading = SampleReadings.of("starter-case", "post-minus", condition, "0.30", measured);
        Current onTheWay = record(List.of(reading)).onItsWay(reading).current();
        assertThat(onTheWay).isEqualTo(whole ? Current.of(amps, Current.How.CLAMP) : Current.unknown());
    }

    @Test
    void whatStoodBeforeARepairIsTheRecordUntilThen() {
        Reading before = cranking("block", "strap-engine", "3.02", 154);
        Repair repair = repair(STRAP_END, before);
        Reading after = cranking("block", "strap-engine", "0.02", 160);
        CaseRecord record = record(List.of(before, after), repair);
        CaseRecord then = record.before(repair);
        assertThat(then.repairs()).isEmpty();
        assertThat(then.observed().all()).containsExactly(before);
    }

    @Test
    void aTestOfTheComplaintCountsOnlyAfterTheLastRepair() {
        Reading reading = base("12.6");
        Repair repair = repair(STRAP_END, reading);
        ComplaintTest early = new ComplaintTest(UUID.randomUUID(), true, "", repair.doneAtMillis());
        ComplaintTest late = new ComplaintTest(UUID.randomUUID(), false, "", repair.doneAtMillis() + 1);
        assertThat(tested(repair, early).lastTest()).isEmpty();
        assertThat(tested(repair, early, late).lastTest()).contains(late);
    }

    @Test
    void aClosingWithoutProofHoldsUntilSomethingNewIsRead() {
        Reading reading = base("12.6");
        Statement closed = new Statement(
                UUID.randomUUID(), Topic.CLOSED_UNVERIFIED, "the owner took it", "", reading.takenAtMillis() + 1);
        CaseRecord record = record(List.of(reading)).with(Statements.of(List.of(closed)));
        assertThat(record.ended()).contains(closed);
        Reading further = new Reading(
                UUID.randomUUID(),
                reading.red(),
                reading.black(),
                reading.condition(),
                reading.typed(),
                reading.statistic(),
                reading.current(),
                Optional.empty(),
                false,
                closed.saidAtMillis() + 1);
        assertThat(record(List.of(reading, further))
                        .with(Statements.of(List.of(closed)))
                        .ended())
                .isEmpty();
    }

    @Test
    void aTemperatureThatIsNoNumberIsRefused() {
        assertThatThrownBy(() -> CaseRecord.of(VAN, Double.NaN, List.of(), List.of(), List.of()))
                .hasMessage("The temperature (NaN °C) must be a number.");
    }

    private static Repair repair(PartId part, Reading after) {
        return new Repair(UUID.randomUUID(), part, Repair.Action.CLEANED, "", after.takenAtMillis());
    }

    private static CaseRecord record(List<Reading> readings, Repair... repairs) {
        return CaseRecord.of(VAN, 20, readings.stream().map(RecordedReading::of).toList(), List.of(repairs), List.of());
    }

    private static CaseRecord tested(Repair repair, ComplaintTest... tests) {
        return CaseRecord.of(VAN, 20, List.of(), List.of(repair), List.of(tests));
    }
}
