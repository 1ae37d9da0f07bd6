package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import org.junit.jupiter.api.Test;

/** Supply, off, return, off, sum: a carbon pile at either end, where practice allows half a volt for both. */
class PileTestTest extends ChargingCase {
    @Test
    void thePlatesAmpsAreSetAndTheSupplySideComesFirst() {
        assertThat(alternator().because().words()).startsWith("Leads on the supply side first");
        assertThat(alternator().estimated()).isTrue();
        say(Topic.RATED_AMPS, "140", 1);
        assertThat(alternator().setAmps()).isEqualTo(140);
        assertThat(alternator().estimated()).isFalse();
    }

    @Test
    void afterTheFirstSideItRestsAndTheOtherIsSetAgain() {
        PileTest one = alternator(at("bplus", "post-plus", "-0.18"));
        assertThat(one.because().words()).contains("rested").contains("return side");
        assertThat(one.sign()).isEqualTo(Sign.SAYS_LITTLE);
    }

    /** 0.18 and 0.12 V add up to 0.30 V of 0.5 V; the minus of the current's own way is ignored. */
    @Test
    void bothTogetherAreHeldAgainstHalfAVoltWhateverTheirSigns() {
        PileTest both = alternator(at("bplus", "post-plus", "-0.18"), at("post-minus", "alternator-case", "0.12"));
        assertThat(both.sign()).isEqualTo(Sign.GOOD);
        assertThat(both.because().words()).contains("0.30 V");
    }

    @Test
    void beyondItTheLargerShareIsNamed() {
        PileTest back = alternator(at("bplus", "post-plus", "0.21"), at("post-minus", "alternator-case", "0.62"));
        assertThat(back.sign()).isEqualTo(Sign.SUSPECT);
        assertThat(back.because().words()).contains("the return side first");
        PileTest near = alternator(at("bplus", "post-plus", "0.30"), at("post-minus", "alternator-case", "0.20"));
        assertThat(near.sign()).isEqualTo(Sign.SAYS_LITTLE);
    }

    private PileTest alternator(Reading... readings) {
        return PileTest.of(evidence(readings)).stream()
                .filter(p -> p.where() == Condition.PILE_ALTERNATOR)
                .findFirst()
                .orElseThrow();
    }

    private static Reading at(String red, String black, String typed) {
        return of(red, black, Condition.PILE_ALTERNATOR, typed, Current.of(110, How.CLAMP));
    }
}
