package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.slip.Slip;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** No step contradicts a caution of its own card. */
class SafetyFirstTest extends SaidCases {
    @ParameterizedTest
    @EnumSource(
            value = Topic.class,
            names = {"BATTERY_LIFTED", "OUTPUT_LIFTED", "FUSE_PULLED", "ENGINE_DISABLED"})
    void nothingRunsWhileSomethingIsUndone(Topic undone) {
        Assessment lifted = charging("12.6", said(undone, "OPEN"));
        assertThat(lifted.next().kind()).isEqualTo(Step.Kind.RESTORE);
        assertThat(lifted.next().toSee()).extracting(Step.ToSee::topic).containsExactly(undone);
        assertThat(lifted.standby()).noneMatch(p -> p.condition().running());

        Assessment back = charging("12.6", said(undone, "OPEN"), said(undone, "CLOSED"));
        assertThat(back.next().probe().orElseThrow().condition().running()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(
            value = Topic.class,
            names = {"BATTERY_LIFTED", "OUTPUT_LIFTED", "FUSE_PULLED", "PILE_ON"})
    void nothingCranksWhileSomethingIsLiftedOrUnderAPile(Topic undone) {
        assertThat(assess(List.of(base("12.6")), said(undone, "OPEN")).next().kind())
                .isEqualTo(Step.Kind.RESTORE);
    }

    @Test
    void anEngineThatOverchargesIsStoppedNotRevved() {
        for (String typed : List.of("16.3", "17.2")) {
            Assessment high = order.assess(
                    Loop.CHARGING,
                    evidence(List.of(
                            base("12.6"), of("post-plus", "post-minus", Condition.IDLE, typed, Current.unknown()))),
                    PREPARED);
            boolean runs =
                    high.next().probe().filter(p -> p.condition().running()).isPresent();
            assertThat(runs).as(typed).isFalse();
            assertThat(high.standby()).noneMatch(p -> p.condition().running());
        }
    }

    @Test
    void aVoltageThatStillRisesIsNotRevvedForTheNextReading() {
        assertThat(revved("15.1", "15.6")).isFalse();
        assertThat(revved("14.2", "14.6")).isTrue();
    }

    private boolean revved(String idle, String raised) {
        Assessment rising = order.assess(
                Loop.CHARGING,
                evidence(List.of(
                        base("12.6"),
                        of("post-plus", "post-minus", Condition.IDLE, idle, Current.unknown()),
                        of("post-plus", "post-minus", Condition.RAISED, raised, Current.unknown()))),
                PREPARED);
        return Stream.concat(rising.next().probe().stream(), rising.standby().stream())
                .anyMatch(p -> p.condition().running());
    }

    @Test
    void aFlatBatteryInTheFrostIsLookedAtBeforeItIsCharged() {
        Step asked = frost("11.4").next();
        assertThat(asked.kind()).isEqualTo(Step.Kind.PROVE);
        assertThat(asked.toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.BATTERY_FROZEN);
        assertThat(frost("11.4", said(Topic.BATTERY_FROZEN, "YES")).next().title())
                .startsWith("Let it thaw");
        assertThat(frost("11.4", said(Topic.BATTERY_FROZEN, "NO")).next().kind())
                .isEqualTo(Step.Kind.CHARGE);
        assertThat(frost("12.1").next().kind()).isEqualTo(Step.Kind.CHARGE);
    }

    private Assessment frost(String base, Statement... said) {
        CaseRecord record = CaseRecord.of(CAR, -12, List.of(RecordedReading.of(base(base))), List.of(), List.of())
                .with(Statements.of(List.of(said)));
        return order.assess(Loop.STARTING, record);
    }

    @Test
    void whatTheRecordSaysIsLiftedIsAskedAboutWhereTheEngineRuns() {
        CaseRecord lifted = evidence(List.of(base("12.6")), said(Topic.BATTERY_LIFTED, "OPEN"));
        Reading running = of("post-plus", "post-minus", Condition.IDLE, "14.1", Current.unknown());
        assertThat(lifted.asked(running).map(Slip::kind)).contains(Slip.Kind.UNDONE);
        assertThat(lifted.asked(of("post-plus", "post-minus", Condition.REST, "12.5", Current.unknown())))
                .isEmpty();
        CaseRecord confirmed = CaseRecord.of(
                        CAR,
                        20,
                        List.of(
                                RecordedReading.of(base("12.6")),
                                new RecordedReading(
                                        running, lifted.asked(running), Optional.of(Slip.Answer.AS_READ), false)),
                        List.of(),
                        List.of())
                .with(Statements.of(List.of(said(Topic.BATTERY_LIFTED, "OPEN"))));
        assertThat(confirmed.asked(of("post-plus", "post-minus", Condition.RAISED, "14.3", Current.unknown())))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"petrol-car, false", "truck-24v, true", "motorcycle, false"})
    void theCardOfADieselSaysHowItIsKeptFromStarting(String name, boolean diesel) {
        Circuit circuit = ReadyMadeCircuits.named(name).orElseThrow();
        List<RecordedReading> bases = Stream.concat(
                        Stream.of(posts(circuit.plusPost(), circuit.minusPost(), 12.6 * circuit.blocks())),
                        circuit.batteries().stream().map(b -> posts(b.positivePost(), b.negativePost(), 12.6)))
                .toList();
        Step crank = order.assess(Loop.STARTING, CaseRecord.of(circuit, 20, bases, List.of(), List.of()))
                .next();
        assertThat(crank.probe().orElseThrow().condition().starterCalled()).isTrue();
        assertThat(crank.cautions().stream().anyMatch(c -> c.contains("fuel cut-off")))
                .isEqualTo(diesel);
    }

    private static RecordedReading posts(PointId plus, PointId minus, double volts) {
        return RecordedReading.of(
                of(plus.value(), minus.value(), Condition.REST, "%.1f".formatted(volts), Current.unknown()));
    }

    private Assessment charging(String base, Statement... said) {
        return order.assess(Loop.CHARGING, evidence(List.of(base(base)), said), PREPARED);
    }
}
