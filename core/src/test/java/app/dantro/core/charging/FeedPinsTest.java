package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Topic;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pins of the plug, with the key on and loaded. */
class FeedPinsTest extends ChargingCase {
    @Test
    void whatArrivesWithTheKeyOnIsContinuityOnly() {
        FeedCheck check = FeedCheck.of(
                        evidence(keyOn("post-plus", "post-minus", "12.52"), keyOn("bplus", "post-minus", "12.51")))
                .orElseThrow();
        FeedCheck.Pin stud = check.pins().get(0);
        assertThat(stud.sign()).isEqualTo(Sign.GOOD);
        assertThat(stud.because().kind()).isEqualTo(ChargingReason.ARRIVES);
        assertThat(check.because().words()).startsWith("1 of").contains("Continuity only");
    }

    @ParameterizedTest
    @CsvSource({"12.30, SUSPECT, BELOW_ALLOWED", "11.20, FAILS, DOES_NOT_ARRIVE", "12.49, GOOD, ARRIVES"})
    void aPinBelowTheBatteryIsAFindingAlthoughASchoolAllowsIt(String typed, Sign sign, ChargingReason why) {
        FeedCheck check = FeedCheck.of(
                        evidence(keyOn("post-plus", "post-minus", "12.52"), keyOn("bplus", "alternator-case", typed)))
                .orElseThrow();
        assertThat(check.pins().get(1).sign()).isEqualTo(sign);
        assertThat(check.pins().get(1).because().kind()).isEqualTo(why);
    }

    /** The key's own load takes a tenth of a volt off the posts: that is not the pin's. */
    @Test
    void aPinHeldAgainstTheBatteryAtRestIsNoFindingYet() {
        say(Topic.PIN_FEED, "12.5", 1);
        FeedCheck check = FeedCheck.of(evidence(base("12.61"))).orElseThrow();
        FeedCheck.Pin feed = pin(check, ChargingReason.FEED_PIN);
        assertThat(feed.sign()).isEqualTo(Sign.SAYS_LITTLE);
        assertThat(feed.because().kind()).isEqualTo(ChargingReason.BELOW_AT_REST);
    }

    @Test
    void aPinThatFallsUnderATestLampHasResistanceBehindIt() {
        say(Topic.PIN_FEED, "12.4", 1);
        say(Topic.PIN_FEED_LOADED, "9.1", 2);
        FeedCheck check = FeedCheck.of(evidence(keyOn("post-plus", "post-minus", "12.45")))
                .orElseThrow();
        assertThat(pin(check, ChargingReason.FEED_PIN_LOADED).sign()).isEqualTo(Sign.FAILS);
        assertThat(check.because().words()).contains("3.30 V less than without the lamp");
    }

    @Test
    void whatSensesOverItsOwnGroundIsReadThere() {
        Circuit chassis = ReadyMadeCircuits.reference("reference-car", Sensing.COMPUTER_CHASSIS);
        CaseRecord evidence = CaseRecord.of(
                chassis,
                20,
                List.of(RecordedReading.of(keyOn("computer-ground", "post-minus", "0.31"))),
                List.of(),
                List.of());
        FeedCheck check = FeedCheck.of(evidence).orElseThrow();
        assertThat(check.because().words()).contains("above battery −", "charge too high");
    }

    private static FeedCheck.Pin pin(FeedCheck check, ChargingReason name) {
        return check.pins().stream().filter(p -> p.name().is(name)).findFirst().orElseThrow();
    }

    private static Reading keyOn(String red, String black, String typed) {
        return of(red, black, Condition.KEY_ON, typed, NONE);
    }
}
