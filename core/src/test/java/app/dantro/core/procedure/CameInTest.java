package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.ending.SafeToDrive;
import app.dantro.core.finding.Standing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What the state a vehicle came in with, and what comes and goes on it, means for the job. */
class CameInTest extends SaidCases {
    private static final Statement NO_CLAMP = said(Topic.CLAMP, "NO");
    private static final List<Reading> GOOD_START = List.of(
            base("12.61"),
            crankingWithoutAmps("post-plus", "post-minus", "10.92"),
            crankingWithoutAmps("post-plus", "motor-stud", "0.31"),
            crankingWithoutAmps("starter-case", "post-minus", "0.17"),
            SampleReadings.of("post-plus", "post-minus", Condition.RAISED_LOADED, "14.02", Current.unknown()));

    private Assessment charging(List<Reading> readings, Statement... said) {
        return order.assess(Loop.CHARGING, evidence(readings, said), PREPARED);
    }

    @Test
    void onAJumpPackItsPostsShowNoBase() {
        Step next = assess(List.of(), said(Topic.SYMPTOM, "SLOW"), said(Topic.ARRIVED, "JUMPED"))
                .next();
        assertThat(next.kind()).isEqualTo(Step.Kind.CHARGE);
        assertThat(next.why()).contains("on a jump pack");
    }

    @Test
    void whatRunsIsMeasuredAsItRunsAndItsBaseComesLast() {
        Statement undercharges = said(Topic.CHARGING_SYMPTOM, "UNDERCHARGES");
        Statement running = said(Topic.ARRIVED, "RUNNING");
        Step first = charging(List.of(), undercharges, running, NO_CLAMP).next();
        assertThat(first.probe().orElseThrow().condition()).isEqualTo(Condition.IDLE);
        Step else_ = charging(List.of(), undercharges, NO_CLAMP).next();
        assertThat(else_.probe().orElseThrow().condition()).isEqualTo(Condition.REST);
    }

    /** A flat battery is charged before an engine runs on it, surface charge removed once; what runs already goes on. */
    @Test
    void theBaseVoltageIsAGateOnTheChargingSideToo() {
        Statement undercharges = said(Topic.CHARGING_SYMPTOM, "UNDERCHARGES");
        assertThat(charging(List.of(base("12.10")), undercharges).next().kind()).isEqualTo(Step.Kind.CHARGE);
        Step surface = charging(List.of(base("13.02")), undercharges).next();
        assertThat(surface.why()).contains("surface charge");
        assertThat(surface.probe().orElseThrow().condition()).isEqualTo(Condition.REST);
        assertThat(charging(List.of(base("12.30")), undercharges)
                        .next()
                        .probe()
                        .orElseThrow()
                        .condition())
                .isEqualTo(Condition.IDLE);
        Reading idle = SampleReadings.of("post-plus", "post-minus", Condition.IDLE, "14.1", Current.unknown());
        assertThat(charging(List.of(base("12.10"), idle), undercharges).next().kind())
                .as("it runs already")
                .isEqualTo(Step.Kind.MEASURE);
    }

    /** What is searched with the engine off after it ran away says first that it is not to run. */
    @Test
    void anEngineThatRanAwayIsNotRevvedWhateverIsReadNext() {
        Reading high = SampleReadings.of("post-plus", "post-minus", Condition.IDLE, "17.2", Current.unknown());
        Step next = charging(List.of(base("12.58"), high), said(Topic.CHARGING_SYMPTOM, "OVERCHARGES"), NO_CLAMP)
                .next();
        assertThat(next.probe().map(p -> p.condition().running()).orElse(false)).isFalse();
        assertThat(next.why()).contains("17.2 V while running is more than any regulator may hold");
    }

    /** Glow plugs still pull the volts down; once somebody said that they have finished it is not asked again. */
    @Test
    void glowPlugsAreAskedAboutBeforeADieselsRunningVolts() {
        Circuit diesel = ReadyMadeCircuits.named("diesel-glow").orElseThrow();
        assertThat(runningStep(diesel).toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.GLOW_DONE);
        assertThat(runningStep(diesel, said(Topic.GLOW_DONE, "YES")).toSee()).isEmpty();
        assertThat(runningStep(CAR).toSee()).isEmpty();
    }

    private Step runningStep(Circuit circuit, Statement... more) {
        List<Statement> said = new ArrayList<>(List.of(more));
        said.add(said(Topic.CHARGING_SYMPTOM, "UNDERCHARGES"));
        CaseRecord record = CaseRecord.of(circuit, 20, List.of(RecordedReading.of(base("12.58"))), List.of(), List.of())
                .with(Statements.of(said));
        Step next = order.assess(Loop.CHARGING, record).next();
        assertThat(next.probe().orElseThrow().condition().running()).isTrue();
        return next;
    }

    @Test
    void whatWasCleanedBeforeAnythingWasReadEndsAsGoodSince() {
        Statement slow = said(Topic.SYMPTOM, "SLOW");
        Statement turned = said(Topic.CRANKS, "NORMALLY");
        Step end = assess(GOOD_START, slow, NO_CLAMP, turned, said(Topic.CLEANED, "YES"))
                .next();
        assertThat(end.ending().orElseThrow().as()).hasValue(Answer.GOOD);
        assertThat(end.ending().orElseThrow().safe()).isEqualTo(SafeToDrive.YES);
        assertThat(end.ending().orElseThrow().open()).anyMatch(r -> r.words().contains("no reading from before"));
        Step uncleaned = assess(GOOD_START, slow, NO_CLAMP, turned).next();
        assertThat(uncleaned.ending().orElseThrow().as()).hasValue(Answer.NOT_REPRODUCED);
    }

    /** No single reading shows it: somebody watches while everything is moved, and the joint that moves the volts is bad. */
    @Test
    void whatComesAndGoesIsMovedBeforeTheJobEnds() {
        Statement nowAndThen = said(Topic.SYMPTOM, "INTERMITTENT");
        Statement turned = said(Topic.CRANKS, "NORMALLY");
        Assessment asked = assess(GOOD_START, nowAndThen, NO_CLAMP, turned);
        assertThat(asked.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.MOVED);

        Assessment nothing = assess(GOOD_START, nowAndThen, NO_CLAMP, turned, said(Topic.MOVED, "-"));
        assertThat(nothing.next().ending().orElseThrow().as()).hasValue(Answer.NOT_REPRODUCED);

        Assessment moved = assess(GOOD_START, nowAndThen, NO_CLAMP, turned, said(Topic.MOVED, "strap-end-block"));
        assertThat(moved.findings().standing(PartId.of("strap-end-block"))).isEqualTo(Standing.FAULTY);
        assertThat(moved.next().kind()).isEqualTo(Step.Kind.REPAIR);
    }
}
