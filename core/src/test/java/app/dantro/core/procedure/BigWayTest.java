package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A side that loses its volts is walked while they are lost, and what was read is said as read. */
class BigWayTest extends SaidCases {
    private static final Statement SLOW = said(Topic.SYMPTOM, "SLOW");
    private static final Statement NO_CLAMP = said(Topic.CLAMP, "NO");

    private static List<Reading> slow(String back, String supply) {
        return List.of(
                base("12.58"),
                crankingWithoutAmps("post-plus", "post-minus", "11.65"),
                crankingWithoutAmps("starter-case", "post-minus", back),
                crankingWithoutAmps("post-plus", "motor-stud", supply));
    }

    private static Reading loaded(String red, String black, String typed) {
        return SampleReadings.of(red, black, Condition.RAISED_LOADED, typed, Current.unknown());
    }

    /** Millivolts of the ignition's current would save a crank and convince nobody. */
    @Test
    void aReturnSideThatLosesThreeVoltsIsWalkedWhileItCranks() {
        ProbePlan next =
                assess(slow("2.97", "0.184"), SLOW, NO_CLAMP).next().probe().orElseThrow();
        assertThat(next.condition()).isEqualTo(Condition.CRANKING);
        next.outcomes()
                .forEach(o -> assertThat(o.result().words())
                        .as("tells apart what a meter shows")
                        .doesNotMatch("[\\w ]*0\\.00\\d.*"));
    }

    @Test
    void chargingThatWasReadInPartIsSaidSo() {
        List<Reading> both = new ArrayList<>(slow("0.17", "0.31"));
        both.add(loaded("post-plus", "post-minus", "14.02"));
        Assessment due = assess(both, SLOW, NO_CLAMP, said(Topic.CRANKS, "NORMALLY"));
        assertThat(due.next().ending().orElseThrow().open())
                .anyMatch(r -> r.words().contains("14.02 V at the posts"))
                .noneMatch(r -> r.words().contains("nothing was read"));
    }

    /** The words for it stand under charging; whoever then asks about starting complains of nothing all the same. */
    @Test
    void aCheckIsOneWhicheverSideItIsAbout() {
        List<Reading> both = new ArrayList<>(slow("0.17", "0.31"));
        both.add(loaded("post-plus", "post-minus", "14.02"));
        both.add(SampleReadings.of("post-plus", "post-minus", Condition.IDLE, "13.9", Current.unknown()));
        both.add(loaded("bplus", "post-plus", "0.13"));
        both.add(loaded("alternator-case", "post-minus", "0.03"));
        Assessment due = assess(both, said(Topic.CHARGING_SYMPTOM, "CHECK"), NO_CLAMP, said(Topic.CRANKS, "NORMALLY"));
        assertThat(due.next().ending().orElseThrow().as()).hasValue(Answer.GOOD);
    }
}
