package app.dantro.core.slip;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Kind;
import org.junit.jupiter.api.Test;

/** What a meter, its range or its leads cannot have shown. */
class MeterSlipsTest extends VanSlips {
    @Test
    void takesAReadingAgainstTheFlowForSwappedLeads() {
        Slip slip = check(cranking("starter-case", "post-minus", "-0.18", 155)).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.SIGN);
        assertThat(meant(slip)).isCloseTo(0.18, within(1e-9));
        assertThat(check(cranking("post-minus", "starter-case", "-0.18", 155))).isEmpty();
    }

    @Test
    void knowsWhatARangeCannotShow() {
        Reading fourMillivolts = cranking("block", "strap-engine", "0.004", 155);
        Slip slip = check(SampleReadings.onRange(fourMillivolts, MeterRange.VOLTS_20))
                .orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.RESOLUTION);
        assertThat(slip.sentence()).contains("20 V range").contains("10.0 mV");
        assertThat(check(SampleReadings.onRange(cranking("block", "strap-engine", "0.020", 155), MeterRange.VOLTS_2)))
                .isEmpty();
        assertThat(check(SampleReadings.onRange(base("12.6"), MeterRange.VOLTS_2))
                        .orElseThrow()
                        .kind())
                .isEqualTo(Kind.RESOLUTION);
    }

    @Test
    void refusesToBelieveADropAboveTheSource() {
        Slip slip = check(cranking("starter-case", "post-minus", "18", 155), base("12.6"))
                .orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.ABOVE_SOURCE);
        assertThat(meant(slip)).isCloseTo(0.18, within(1e-9));
    }

    @Test
    void asksWhetherAnythingTurnedWhenNoCurrentIsKnown() {
        Slip slip =
                check(crankingWithoutAmps("starter-case", "post-minus", "0.02")).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.NO_CURRENT);
        assertThat(slip.choices())
                .extracting(Slip.Choice::answer)
                .containsExactly(Answer.CALLED, Answer.HELD, Answer.NOT_CALLED, Answer.REPEAT);
    }

    @Test
    void takesSaggingPostsAsProofThatCurrentFlowed() {
        Reading cranked = crankingWithoutAmps("post-plus", "post-minus", "11.5");
        assertThat(check(crankingWithoutAmps("starter-case", "post-minus", "0.12"), base("12.6"), cranked))
                .isEmpty();
    }

    @Test
    void aDropAtRestIsNotAskedAboutWhatItProvesTheDropsOwnAnswerSays() {
        Reading rest = SampleReadings.of("starter-case", "post-minus", Condition.REST, "0.00", Current.unknown());
        assertThat(check(rest)).isEmpty();
    }
}
