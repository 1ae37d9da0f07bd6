package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What two batteries hide behind each other, and how the work brings it out. */
class SeveralBatteriesTest {
    private static final Circuit TWIN =
            ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
    private static final Circuit TRUCK = ReadyMadeCircuits.named("truck-24v").orElseThrow();
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(TWIN, 20);
    private static final long HOUR_MILLIS = 3_600_000;
    private final OrderOfWork order = new OrderOfWork();

    @Test
    void aDeadCellOfAPairIsFoundByWhatFlowsIntoItAndProvenApart() {
        List<Reading> bases =
                List.of(rest("post-plus", "post-minus", "12.48"), rest("post-plus-b", "post-minus-b", "12.51"));
        Step due = judged(bases).next();
        assertThat(due.probe().orElseThrow().red().value()).isEqualTo("post-plus");
        assertThat(due.probe().orElseThrow().black().value()).isEqualTo("post-plus-b");
        assertThat(due.probe().orElseThrow().condition()).isEqualTo(Condition.REST);

        List<Reading> fed = with(bases, rest("post-plus", "post-plus-b", "-0.0121"));
        Assessment suspected = judged(fed);
        assertThat(suspected.findings().standing(PartId.of("battery-a"))).isEqualTo(Standing.SUSPECT);
        assertThat(suspected.next().kind()).isEqualTo(Kind.PROVE);
        assertThat(suspected.next().cautions()).as("they are taken off").anyMatch(c -> c.contains("−"));
        assertThat(suspected.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.LOWER_APART);

        Assessment apart = judged(fed, said("FIRST"));
        assertThat(apart.findings().standing(PartId.of("battery-a"))).isEqualTo(Standing.FAULTY);
        assertThat(apart.findings().of(PartId.of("battery-b")).alarmed()).isFalse();
        assertThat(apart.next().kind()).isEqualTo(Kind.REPAIR);

        Assessment alike = judged(fed, said("ALIKE"));
        assertThat(alike.findings().of(PartId.of("battery-a")).alarmed()).isFalse();
        assertThat(alike.next().toSee()).extracting(Step.ToSee::topic).doesNotContain(Topic.LOWER_APART);
    }

    @Test
    void whatAMeterCannotTellFromNothingIsNothing() {
        List<Reading> bases =
                List.of(rest("post-plus", "post-minus", "12.51"), rest("post-plus-b", "post-minus-b", "12.50"));
        for (String none : List.of("0.0004", "0.002", "0.01")) {
            Assessment quiet = judged(with(bases, rest("post-plus", "post-plus-b", none)));
            assertThat(quiet.findings().of(PartId.of("battery-a")).alarmed())
                    .as(none)
                    .isFalse();
        }
    }

    @Test
    void aLowBlockOfATruckIsChargedThoughTheSumIsEnough() {
        Reading whole = rest("post-plus", "post-minus", "24.90");
        Reading lower = rest("post-plus-a", "post-minus", "12.19");
        Step charge = truck(List.of(whole, lower)).next();
        assertThat(charge.kind()).isEqualTo(Kind.CHARGE);
        assertThat(charge.why()).contains("12.19 V");
        Step hidden = truck(List.of(whole, rest("post-plus-a", "post-minus", "12.75")))
                .next();
        assertThat(hidden.why()).as("the other one, by what the sum leaves").contains("12.15 V");
        assertThat(truck(List.of(whole, lower, rest("post-plus", "post-minus", "25.4")))
                        .next()
                        .kind())
                .isEqualTo(Kind.MEASURE);
    }

    @Test
    void whatHoursOfChargingDidNotRaiseIsNotChargedOnceMore() {
        Reading flat = rest("post-plus", "post-minus", "11.80");
        assertThat(judged(List.of(flat, rest("post-plus-b", "post-minus-b", "11.80")))
                        .next()
                        .kind())
                .isEqualTo(Kind.CHARGE);
        Reading still = SampleReadings.takenAt(rest("post-plus", "post-minus", "11.85"), 8 * HOUR_MILLIS);
        assertThat(judged(List.of(flat, rest("post-plus-b", "post-minus-b", "11.80"), still))
                        .next()
                        .kind())
                .isNotEqualTo(Kind.CHARGE);
    }

    /** What is low goes by the chemistry: lithium at 12.7 V is nearly empty, and asked to be charged once. */
    @Test
    void aLithiumBatteryThatStaysLowIsNotChargedForEver() {
        Circuit motorcycle = ReadyMadeCircuits.named("motorcycle").orElseThrow();
        Statement lithium = new Statement(UUID.randomUUID(), Topic.CHEMISTRY, "LITHIUM", "", 0);
        Reading low = rest("post-plus", "post-minus", "12.70");
        Reading still = SampleReadings.takenAt(rest("post-plus", "post-minus", "12.75"), 8 * HOUR_MILLIS);
        assertThat(order.assess(Loop.STARTING, on(motorcycle, List.of(low), lithium))
                        .next()
                        .kind())
                .isEqualTo(Kind.CHARGE);
        assertThat(order.assess(Loop.STARTING, on(motorcycle, List.of(low, still), lithium))
                        .next()
                        .kind())
                .isNotEqualTo(Kind.CHARGE);
    }

    private Assessment judged(List<Reading> readings, Statement... said) {
        return order.assess(Loop.STARTING, on(TWIN, readings, said), PREPARED);
    }

    private Assessment truck(List<Reading> readings) {
        return order.assess(Loop.STARTING, on(TRUCK, readings));
    }

    private static CaseRecord on(Circuit circuit, List<Reading> readings, Statement... said) {
        return CaseRecord.of(
                        circuit, 20, readings.stream().map(RecordedReading::of).toList(), List.of(), List.of())
                .with(Statements.of(List.of(said)));
    }

    private static Statement said(String lower) {
        return new Statement(UUID.randomUUID(), Topic.LOWER_APART, lower, "", Long.MAX_VALUE);
    }

    private static Reading rest(String red, String black, String typed) {
        return SampleReadings.of(red, black, Condition.REST, typed, Current.unknown());
    }

    private static List<Reading> with(List<Reading> all, Reading more) {
        return Stream.concat(all.stream(), Stream.of(more)).toList();
    }
}
