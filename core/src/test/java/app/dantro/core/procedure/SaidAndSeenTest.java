package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.CaseInference;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What was said and seen beside readings, and what follows from it. */
class SaidAndSeenTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 20);
    private static final PartId STARTER = PartId.of("starter");

    private final OrderOfWork order = new OrderOfWork();
    /** An engine or a starter that drags: the motor gets its volts, draws far too much and turns slowly. */
    private final List<Reading> dragging = List.of(
            base("12.59"),
            cranking("post-plus", "post-minus", "10.26", 406),
            cranking("motor-stud", "starter-case", "9.61", 406),
            cranking("motor-stud", "starter-case", "9.58", 406));

    @Test
    void aStarterIsFaultyOnlyOnceTheEngineIsKnownToTurnFreely() {
        Assessment unseen = assess(dragging);
        assertThat(unseen.findings().standing(STARTER)).isEqualTo(Standing.SUSPECT);
        assertThat(unseen.next().kind()).isEqualTo(Step.Kind.PROVE);
        assertThat(unseen.next().toSee())
                .containsExactly(new Step.ToSee(
                        Topic.ENGINE_TURNS,
                        Optional.empty(),
                        "the engine turns freely by hand, or the starter fails off it too"));

        Assessment free = assess(dragging, said(Topic.ENGINE_TURNS, "FREELY"));
        assertThat(free.findings().standing(STARTER)).isEqualTo(Standing.FAULTY);
        assertThat(free.next().kind()).isEqualTo(Step.Kind.REPAIR);
    }

    @Test
    void anEngineThatTurnsHardCondemnsNoStarter() {
        Assessment tight = assess(dragging, said(Topic.ENGINE_TURNS, "HARD"));
        assertThat(tight.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
        assertThat(tight.findings().of(STARTER).says()).contains("turns hard");
        assertThat(tight.next().kind()).isNotEqualTo(Step.Kind.REPAIR);
    }

    @Test
    void ofTwoStatementsOnOneTopicTheLaterRecordedOneCounts() {
        Assessment changed = assess(dragging, said(Topic.ENGINE_TURNS, "FREELY"), said(Topic.ENGINE_TURNS, "HARD"));
        assertThat(changed.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void noCaseClosesWhileTheEngineIsStillDisabled() {
        CaseRecord closing = new CaseRecord(
                CAR,
                CaseRecord.of(CAR, 20, List.of(), List.of(), List.of()).loop(),
                20,
                Stream.of(
                                base("12.59"),
                                cranking("post-plus", "post-minus", "11.41", 160),
                                cranking("starter-case", "post-minus", "0.15", 160),
                                cranking("post-plus", "motor-stud", "0.30", 160))
                        .map(RecordedReading::of)
                        .toList(),
                List.of(),
                List.of(new ComplaintTest(new UUID(4, 4), true, "", Long.MAX_VALUE)),
                Statements.none());
        assertThat(order.assess(Loop.STARTING, closing).stage()).isEqualTo(Stage.VERIFIED);

        CaseRecord disabled = closing.with(Statements.of(List.of(said(Topic.ENGINE_DISABLED, "OPEN"))));
        Assessment held = order.assess(Loop.STARTING, disabled);
        assertThat(held.stage()).isEqualTo(Stage.RETEST);
        assertThat(held.next().kind()).isEqualTo(Step.Kind.RESTORE);
        assertThat(held.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.ENGINE_DISABLED);

        CaseRecord restored = closing.with(
                Statements.of(List.of(said(Topic.ENGINE_DISABLED, "OPEN"), said(Topic.ENGINE_DISABLED, "CLOSED"))));
        assertThat(order.assess(Loop.STARTING, restored).stage()).isEqualTo(Stage.VERIFIED);
    }

    @Test
    void aCaseMayBeClosedUnverifiedWithItsReasonUntilSomethingNewIsRead() {
        Statement closed =
                new Statement(UUID.randomUUID(), Topic.CLOSED_UNVERIFIED, "owner took it", "", Long.MAX_VALUE);
        Assessment ended = rules(dragging, closed);
        assertThat(ended.stage()).isEqualTo(Stage.CLOSED);
        assertThat(ended.next().kind()).isEqualTo(Step.Kind.DONE);
        assertThat(ended.next().why()).contains("owner took it").contains("not passed");

        assertThat(rules(dragging, closed, said(Topic.BATTERY_LIFTED, "OPEN"))
                        .next()
                        .kind())
                .isEqualTo(Step.Kind.RESTORE);
        Statement before = new Statement(UUID.randomUUID(), Topic.CLOSED_UNVERIFIED, "owner took it", "", -1);
        assertThat(rules(dragging, before).stage()).isNotEqualTo(Stage.CLOSED);
    }

    @Test
    void aBatteryFreshFromTheChargerIsReadAgainBelowTheUsualMarkToo() {
        List<Reading> charged = List.of(base("12.68"));
        assertThat(rules(charged).next().why()).doesNotContain("surface charge");
        assertThat(rules(charged, said(Topic.CHARGER, "YES")).next().why())
                .contains("12.60 V")
                .contains("surface charge");
        assertThat(rules(charged, said(Topic.CHARGER, "YES")).next().toSee())
                .extracting(Step.ToSee::topic)
                .containsExactly(Topic.SURFACE_CHARGE);
    }

    @Test
    void anEngineThatTurnsHardIsNamedBeforeTheStarter() {
        Assessment hard = assess(dragging, said(Topic.ENGINE_TURNS, "HARD"));
        assertThat(hard.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
        assertThat(hard.findings().headline()).contains("turns hard").contains("starter is not proven bad");
    }

    /** Little is drawn at full stud volts: worn brushes or an engine that turns easily. The speed tells which. */
    @Test
    void theCrankingSpeedTellsWornBrushesFromAnEasyEngine() {
        List<Reading> easy = List.of(
                base("12.65"),
                cranking("post-plus", "post-minus", "11.86", 143),
                cranking("motor-stud", "starter-case", "11.57", 143));
        double without = probability(easy);
        assertThat(probability(easy, said(Topic.CRANK_SPEED, "90"))).isGreaterThan(without);
        assertThat(probability(easy, said(Topic.CRANK_SPEED, "250"))).isLessThan(without);
    }

    /** A flat battery and a worn one drag the same way: no reading of this crank tells them apart, charging does. */
    @Test
    void aBatteryThatMayBeFlatIsChargedApartBeforeTheStarterIsSuspected() {
        Circuit pickup = ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
        PartId second = PartId.of("battery-b");
        List<Reading> weak = List.of(
                base("12.61"),
                SampleReadings.of("post-plus-b", "post-minus-b", Condition.REST, "12.61", Current.unknown()),
                cranking("cable-end-battery", "relay-out", "0.1787", 434),
                cranking("ground-cable-battery", "post-minus-b", "0.0764", 434),
                cranking("post-plus-b", "post-minus-b", "10.70", 434),
                cranking("post-plus-b", "post-plus", "0.0292", 434),
                cranking("post-plus", "post-minus", "10.68", 434),
                cranking("starter-case", "post-minus", "0.1644", 434),
                cranking("post-plus", "motor-stud", "0.341", 434));
        PreparedCircuit prepared = PreparedCircuit.of(pickup, 6);
        Assessment before = order.assess(Loop.STARTING, on(pickup, weak), prepared);
        assertThat(before.findings().standing(second)).isEqualTo(Standing.SUSPECT);
        assertThat(before.next().title()).isEqualTo("Charge the batteries, each on its own");
        assertThat(before.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.CHARGED_APART);

        Statement charged = new Statement(UUID.randomUUID(), Topic.CHARGED_APART, "YES", "", 0);
        Assessment again =
                order.assess(Loop.STARTING, on(pickup, weak).with(Statements.of(List.of(charged))), prepared);
        assertThat(again.verdict().orElseThrow().called()).contains(second);
        assertThat(again.next().kind()).isEqualTo(Step.Kind.REPAIR);
    }

    private static CaseRecord on(Circuit circuit, List<Reading> readings) {
        return CaseRecord.of(
                circuit, 6, readings.stream().map(RecordedReading::of).toList(), List.of(), List.of());
    }

    @Test
    void rippleAndDiodesCondemnAnAlternatorOnlyThroughItsGate() {
        List<Reading> based = List.of(base("12.65"));
        Statement[] figures = {
            said(Topic.RIPPLE_LOADED, "0.8"), said(Topic.DIODES_FORWARD, "20"), said(Topic.DIODES_REVERSE, "OL")
        };
        PartId alternator = PartId.of("alternator");
        Assessment unseen = charging(based, figures);
        assertThat(unseen.findings().standing(alternator)).isEqualTo(Standing.SUSPECT);
        assertThat(unseen.next().kind()).isEqualTo(Step.Kind.PROVE);
        Statement[] seen = Stream.concat(
                        Stream.of(figures), Stream.of(said(Topic.BELT_DRIVES, "YES"), said(Topic.PLUG_FED, "YES")))
                .toArray(Statement[]::new);
        assertThat(charging(based, seen).findings().standing(alternator)).isEqualTo(Standing.FAULTY);
        assertThat(charging(based, seen).next().kind()).isEqualTo(Step.Kind.REPAIR);
    }

    private Assessment charging(List<Reading> readings, Statement... statements) {
        return order.assess(Loop.CHARGING, evidence(readings, statements), PREPARED);
    }

    private double probability(List<Reading> readings, Statement... statements) {
        return assess(readings, statements).verdict().orElseThrow().probability(STARTER);
    }

    @Test
    void aClickTellsTheInferenceThatTheEngineDoesNotStart() {
        assertThat(starts(said(Topic.SYMPTOM, "CLICK"))).contains(false);
        assertThat(starts(said(Topic.SYMPTOM, "STARTS"))).contains(true);
        assertThat(starts(said(Topic.SYMPTOM, "SLOW"))).isEmpty();
    }

    @Test
    void aValueThatIsNoneOfTheChoicesIsRefusedWithThem() {
        assertThatThrownBy(() -> said(Topic.SYMPTOM, "BROKEN"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("NOTHING, CLICK")
                .hasMessageContaining("(BROKEN)");
    }

    private Optional<Boolean> starts(Statement... statements) {
        return CaseInference.of(evidence(dragging, statements), Complaint.STARTING)
                .starts();
    }

    private Assessment assess(List<Reading> readings, Statement... statements) {
        return order.assess(Loop.STARTING, evidence(readings, statements), PREPARED);
    }

    private Assessment rules(List<Reading> readings, Statement... statements) {
        return order.assess(Loop.STARTING, evidence(readings, statements));
    }

    private static CaseRecord evidence(List<Reading> readings, Statement... statements) {
        return CaseRecord.of(CAR, 20, readings.stream().map(RecordedReading::of).toList(), List.of(), List.of())
                .with(Statements.of(List.of(statements)));
    }

    private static Statement said(Topic topic, String value) {
        return new Statement(UUID.randomUUID(), topic, value, "", 0);
    }
}
