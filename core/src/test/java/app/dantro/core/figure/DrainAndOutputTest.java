package app.dantro.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.record.Topic;
import org.junit.jupiter.api.Test;

/** Standing current, output and field: figures with a number behind them. */
class DrainAndOutputTest extends CarFigures {
    @Test
    void aDrainSaysHowLongTheBatteryLasts() {
        double ampHours = CAR.batteries().get(0).ampHours();
        say(Topic.STANDING_CURRENT, "500");
        // Half of the charge at half an ampere.
        long days = Math.round(ampHours / 2 / 0.5 / 24);
        assertThat(verdict("Standing current").says()).contains(days + " days");
        assertThat(verdict("Standing current").sign()).isEqualTo(Sign.FAILS);
    }

    @Test
    void anAlarmOnALargeBatteryIsNoDrainAndOnASmallOneIsLookedAt() {
        say(Topic.STANDING_CURRENT, "64");
        say(Topic.BATTERY_AMP_HOURS, "70");
        assertThat(verdict("Standing current").sign()).isEqualTo(Sign.GOOD);
        say(Topic.BATTERY_AMP_HOURS, "49");
        assertThat(verdict("Standing current").sign()).isEqualTo(Sign.SUSPECT);
        say(Topic.BATTERY_AMP_HOURS, "40");
        assertThat(verdict("Standing current").sign()).isEqualTo(Sign.FAILS);
    }

    @Test
    void anOutputExactlyAtItsRatingIsAskedAbout() {
        say(Topic.RATED_AMPS, "90");
        read("bplus", "alternator-case", Condition.FULL_OUTPUT, "14.1", 90.0);
        assertThat(verdict("Output current").says()).contains("which load was on");
        read("bplus", "alternator-case", Condition.FULL_OUTPUT, "14.0", 86.0);
        assertThat(verdict("Output current").sign()).isEqualTo(Sign.SAYS_LITTLE);
        read.remove(0);
        assertThat(verdict("Output current").says()).contains("96 % of its rating");
    }

    @Test
    void whatIsMadeMinusWhatGoesIntoTheBatteryIsUsed() {
        read("bplus", "post-plus", Condition.RAISED_LOADED, "0.12", 74.0);
        say(Topic.BATTERY_AMPS, "-6");
        assertThat(verdict("Loads").shown()).isEqualTo("80 A");
        assertThat(verdict("Loads").sign()).isEqualTo(Sign.SUSPECT);
        say(Topic.BATTERY_AMPS, "90");
        assertThat(verdict("Loads").says()).contains("around one cable");
    }

    @Test
    void phasesAreEqualAndClearOfTheFrame() {
        say(Topic.PHASE_ONE, "21");
        say(Topic.PHASE_TWO, "21.5");
        say(Topic.PHASE_THREE, "20.6");
        assertThat(verdict("Generator").sign()).isEqualTo(Sign.GOOD);
        say(Topic.PHASE_THREE, "12");
        assertThat(verdict("Generator").sign()).isEqualTo(Sign.FAILS);
        say(Topic.PHASE_FRAME, "9");
        assertThat(verdict("Generator").says()).contains("touches the frame");
    }
}
