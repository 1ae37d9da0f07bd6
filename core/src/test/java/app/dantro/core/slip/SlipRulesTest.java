package app.dantro.core.slip;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.SampleReadings;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is asked at entry because other readings of the case speak against it. */
class SlipRulesTest extends VanSlips {
    @Test
    void asksNothingAboutAHealthyCase() {
        assertThat(check(base("12.58"))).isEmpty();
        assertThat(check(cranking("post-plus", "post-minus", "11.55", 155), base("12.58")))
                .isEmpty();
        assertThat(check(cranking("starter-case", "post-minus", "0.177", 155))).isEmpty();
        assertThat(check(cranking("post-plus", "motor-stud", "0.20", 155))).isEmpty();
    }

    @Test
    void asksAboutAPointThatSlippedAgainstTheLimit() {
        Slip slip = check(cranking("post-plus", "motor-stud", "2.00", 155)).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(meant(slip)).isCloseTo(0.2, within(1e-9));
        assertThat(slip.sentence()).contains("2.00 V").contains("healthy");
    }

    @Test
    void doesNotAskAboutAFaultThatTheWholeSideBearsOut() {
        Reading whole = cranking("starter-case", "post-minus", "2.75", 131);
        assertThat(check(cranking("block", "strap-engine", "2.60", 131), whole)).isEmpty();
    }

    @Test
    void saysStopAboutAnOverchargeOnceAndThenBelievesIt() {
        Reading over = SampleReadings.of("post-plus", "post-minus", Condition.RAISED, "16.4", Current.unknown());
        Slip slip = check(over).orElseThrow();
        assertThat(slip.sentence()).contains("above 16 V stop the engine");
        assertThat(slip.choices()).extracting(Slip.Choice::answer).containsExactly(Answer.AS_READ, Answer.REPEAT);
        assertThat(check(
                        SampleReadings.of("bplus", "alternator-case", Condition.RAISED, "16.5", Current.unknown()),
                        over))
                .isEmpty();
    }

    @Test
    void asksAboutAPartThatLosesMoreThanTheStretchAroundIt() {
        Reading whole = cranking("starter-case", "post-minus", "0.28", 131);
        Slip slip = check(cranking("block", "strap-engine", "2.60", 131), whole).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(meant(slip)).isCloseTo(0.26, within(1e-9));
    }

    @Test
    void asksAboutAStretchThatLosesLessThanAPieceOfIt() {
        Reading piece = cranking("block", "strap-engine", "2.60", 131);
        Slip slip = check(cranking("starter-case", "post-minus", "0.275", 131), piece)
                .orElseThrow();
        assertThat(meant(slip)).isCloseTo(2.75, within(1e-9));
    }

    @Test
    void comparesOnlyAfterCarryingADropToTheSameCurrent() {
        // before the repair 131 A flowed, after it 190 A: the healthy side now loses more than before
        Reading before = cranking("post-plus", "motor-stud", "0.158", 131);
        assertThat(check(cranking("post-plus", "motor-stud", "0.228", 190), before))
                .isEmpty();
        assertThat(check(cranking("battery-stud", "motor-stud", "0.60", 190), before))
                .isPresent();
    }

    @Test
    void readingsOffTheStartingLoopAreHeldAgainstTheSystemVoltageOnly() {
        assertThat(check(SampleReadings.of("bplus", "post-plus", Condition.RAISED_LOADED, "0.9", Current.unknown())))
                .isEmpty();
        Slip slip = check(SampleReadings.of("post-plus", "post-minus", Condition.RAISED, "141", Current.unknown()))
                .orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
    }

    @Test
    void asksAboutAReadingBelowWhatCopperMustLose() {
        Slip slip = check(cranking("starter-case", "post-minus", "0.018", 155)).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(meant(slip)).isCloseTo(0.18, within(1e-9));
    }

    @Test
    void findsTheSlipThatClosesTheLoop() {
        Reading upper = cranking("post-plus", "battery-stud", "0.12", 155);
        Reading contacts = cranking("battery-stud", "motor-stud", "0.90", 155);
        Slip slip = check(cranking("post-plus", "motor-stud", "10.2", 155), upper, contacts)
                .orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(meant(slip)).isCloseTo(1.02, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"126, 12.6", "1.26, 12.6", "1260, 12.6"})
    void asksAboutABaseVoltageThatFitsNoBattery(String typed, double meant) {
        Slip slip = check(base(typed.equals("1260") ? "126.0" : typed)).orElseThrow();
        assertThat(slip.kind()).isEqualTo(Kind.DECIMAL);
        assertThat(meant(slip)).isCloseTo(meant, within(1e-9));
    }
}
