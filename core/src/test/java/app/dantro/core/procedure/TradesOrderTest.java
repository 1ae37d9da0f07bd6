package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PointId;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The plan keeps to the trade's order, and says where it leaves it (docs/job.md, order of work). */
class TradesOrderTest extends SaidCases {
    private static final Statement NO_CLAMP = said(Topic.CLAMP, "NO");
    private static final String AHEAD = "Ahead of the usual order";

    private static Reading held(String red, String black, String typed) {
        return SampleReadings.of(red, black, Condition.START_ATTEMPT, typed, Current.unknown());
    }

    private static Reading loaded(String red, String black, String typed) {
        return SampleReadings.of(red, black, Condition.RAISED_LOADED, typed, Current.unknown());
    }

    private static Pair pair(String one, String other) {
        return Pair.of(PointId.of(one), PointId.of(other));
    }

    private static Pair pair(ProbePlan plan) {
        return Pair.of(plan.red(), plan.black());
    }

    private ProbePlan next(List<Reading> readings, String symptom) {
        return assess(readings, said(Topic.SYMPTOM, symptom), NO_CLAMP)
                .next()
                .probe()
                .orElseThrow();
    }

    /** A click: the posts, then the whole supply at once, and only then is it halved. */
    @Test
    void aClickIsReadAtThePostsThenOverTheWholeSupplyThenHalved() {
        List<Reading> readings = new ArrayList<>(List.of(base("12.58")));
        assertThat(pair(next(readings, "CLICK"))).isEqualTo(pair("post-plus", "post-minus"));
        readings.add(held("post-plus", "post-minus", "12.41"));
        assertThat(pair(next(readings, "CLICK"))).isEqualTo(pair("post-plus", "motor-stud"));
        readings.add(held("post-plus", "motor-stud", "12.30"));
        assertThat(pair(next(readings, "CLICK"))).isEqualTo(pair("post-plus", "battery-stud"));
    }

    /** Whoever said that no probe gets to the motor stud is not sent there by the usual order. */
    @Test
    void theUsualOrderSendsNobodyWhereNoProbeGets() {
        List<Reading> readings = List.of(base("12.58"), held("post-plus", "post-minus", "12.41"));
        Step next = assess(readings, said(Topic.SYMPTOM, "CLICK"), NO_CLAMP, said(Topic.OUT_OF_REACH, "motor-stud"))
                .next();
        assertThat(next.probe().orElseThrow().red()).isNotEqualTo(PointId.of("motor-stud"));
        assertThat(next.probe().orElseThrow().black()).isNotEqualTo(PointId.of("motor-stud"));
    }

    /** A return side that loses three volts holds all the weight: the whole supply would be a crank for nothing. */
    @Test
    void aSideThatLosesAllIsWalkedAtOnceAndThatIsSaid() {
        List<Reading> readings = List.of(
                base("12.58"),
                crankingWithoutAmps("post-plus", "post-minus", "11.65"),
                crankingWithoutAmps("starter-case", "post-minus", "2.97"));
        ProbePlan next = next(readings, "SLOW");
        assertThat(CAR.startingReturn()).anyMatch(part -> pair(next).equals(Pair.of(part.from(), part.to())));
        assertThat(next.why()).contains(AHEAD);
    }

    /** Nothing speaks for a side yet: both are read in their order, and no word is lost about it. */
    @Test
    void aSlowCrankIsReadAtThePostsThenOverBothSides() {
        List<Reading> readings = new ArrayList<>(List.of(base("12.58")));
        assertThat(pair(next(readings, "SLOW"))).isEqualTo(pair("post-plus", "post-minus"));
        readings.add(crankingWithoutAmps("post-plus", "post-minus", "11.4"));
        assertThat(pair(next(readings, "SLOW"))).isEqualTo(pair("starter-case", "post-minus"));
        readings.add(crankingWithoutAmps("starter-case", "post-minus", "0.14"));
        ProbePlan supply = next(readings, "SLOW");
        assertThat(pair(supply)).isEqualTo(pair("post-plus", "motor-stud"));
        assertThat(supply.why()).doesNotContain(AHEAD);
    }

    /** Without current a drop test proves nothing: neither side is asked for, and the card says what comes first. */
    @Test
    void deadChargingIsRepairedBeforeASideIsRead() {
        List<Reading> dead = List.of(
                base("12.58"),
                SampleReadings.of("post-plus", "post-minus", Condition.IDLE, "12.42", Current.unknown()),
                loaded("post-plus", "post-minus", "12.08"),
                loaded("bplus", "alternator-case", "12.09"));
        Step next = order.assess(
                        Loop.CHARGING, evidence(dead, said(Topic.CHARGING_SYMPTOM, "NOT_CHARGING"), NO_CLAMP), PREPARED)
                .next();
        ProbePlan plan = next.probe().orElseThrow();
        assertThat(next.why()).contains("Repair charging first: without current a drop test proves nothing");
        assertThat(pair(plan))
                .isNotIn(pair("bplus", "post-plus"), pair("post-minus", "alternator-case"))
                .as("a side, loaded");
    }
}
