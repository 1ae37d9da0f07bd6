package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A side walked with one lead left on the − post, as the schools that read from one point do. */
class PostWalkTest extends ChargingCase {
    @Test
    void whatEachStepLosesIsTheDifferenceAlongOneWay() {
        PostWalk walk = walk(
                raised("clamp-minus", "0.01", NONE),
                raised("block", "0.03", NONE),
                raised("alternator-case", "0.26", NONE));
        assertThat(walk.stops())
                .extracting(s -> s.point().value())
                .containsExactly("clamp-minus", "block", "alternator-case");
        assertThat(says(walk, "clamp-minus")).isEmpty();
        assertThat(says(walk, "alternator-case").get(0)).contains("0.23 V more than at the engine block");
    }

    /** Two hundredths apart on a display that shows hundredths: nothing was found there, nor anything cleared. */
    @Test
    void aStepUnderWhatTheMeterTellsIsSaidToBeSo() {
        PostWalk walk = walk(raised("clamp-minus", "0.02", NONE), raised("block", "0.03", NONE));
        assertThat(says(walk, "block")).singleElement().asString().contains("less than these readings can tell");
    }

    /** The body hangs beside the block: its reading stands by itself. */
    @Test
    void branchesBesideEachOtherAreNotSubtracted() {
        PostWalk walk = walk(raised("block", "0.03", NONE), raised("body", "0.14", NONE));
        assertThat(says(walk, "body")).isEmpty();
    }

    @Test
    void theSameDropInTwoConditionsIsComparedAtOneCurrent() {
        PostWalk walk = walk(
                raised("block", "0.03", NONE),
                of("alternator-case", "post-minus", Condition.IDLE, "0.040", clamp(20)),
                of("alternator-case", "post-minus", Condition.RAISED_LOADED, "0.121", clamp(60)));
        assertThat(says(walk, "alternator-case"))
                .last()
                .asString()
                .contains("At 60 A the first would be 0.120 V")
                .contains("the same path");
        PostWalk opens = walk(
                raised("block", "0.03", NONE),
                of("alternator-case", "post-minus", Condition.IDLE, "0.040", clamp(20)),
                of("alternator-case", "post-minus", Condition.RAISED_LOADED, "0.310", clamp(60)));
        assertThat(says(opens, "alternator-case")).last().asString().contains("a joint moves");
    }

    /** Along one way volts only add up: less further out is a lead without contact, or another current. */
    @Test
    void aStepBackwardsIsNoFaultButAReadingToRepeat() {
        PostWalk walk = walk(raised("block", "0.20", NONE), raised("alternator-case", "0.02", NONE));
        assertThat(says(walk, "alternator-case")).singleElement().asString().contains("had no contact");
    }

    @Test
    void oneReadingIsNoWalkAndAcrossASourceNothingIsLost() {
        assertThat(PostWalk.of(evidence(raised("block", "0.03", NONE), raised("bplus", "14.1", NONE))))
                .isEmpty();
    }

    private static Reading raised(String point, String typed, Current current) {
        return of(point, "post-minus", Condition.RAISED, typed, current);
    }

    private static Current clamp(double amps) {
        return Current.of(amps, How.CLAMP);
    }

    private PostWalk walk(Reading... readings) {
        return PostWalk.of(evidence(readings)).get(0);
    }

    private static List<String> says(PostWalk walk, String point) {
        return walk.stops().stream()
                .filter(s -> s.point().equals(PointId.of(point)))
                .flatMap(s -> s.because().stream())
                .map(Reason::words)
                .toList();
    }
}
