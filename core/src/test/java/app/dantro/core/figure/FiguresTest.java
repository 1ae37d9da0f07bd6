package app.dantro.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures beside the volts, by their written marks. */
class FiguresTest extends CarFigures {
    @ParameterizedTest
    @CsvSource({"0.04, GOOD", "0.1, SUSPECT", "0.5, SUSPECT", "0.51, FAILS"})
    void rippleByItsTwoMarks(String volts, Sign sign) {
        say(Topic.RIPPLE_LOADED, volts);
        assertThat(verdict("Ripple loaded").sign()).isEqualTo(sign);
    }

    @ParameterizedTest
    @CsvSource({
        "960, OL, GOOD, TWO_JUNCTIONS",
        "480, OL, SUSPECT, HALF_A_JUNCTION",
        "20, OL, FAILS, CONDUCTS_BOTH_WAYS",
        "960, 930, FAILS, CONDUCTS_BOTH_WAYS",
        "OL, OL, SAYS_LITTLE, OPEN_BOTH_WAYS",
        "1900, OL, SUSPECT, TEST_CABLE_OFF"
    })
    void diodesByBothDirections(String forward, String reverse, Sign sign, FigureReason why) {
        say(Topic.DIODES_FORWARD, forward);
        say(Topic.DIODES_REVERSE, reverse);
        FigureVerdict verdict = verdict("Diode test");
        assertThat(verdict.sign()).isEqualTo(sign);
        assertThat(verdict.because()).extracting(Reason::kind).containsExactly(why);
    }

    /** Between the two lists in use the maker's figure would decide; without it the other one stands beside the chosen. */
    @ParameterizedTest
    @CsvSource({
        "4, HIGHER, 170, GOOD, there it falls out otherwise",
        "4, LOWER, 170, SUSPECT, there it falls out otherwise",
        "4, HIGHER, 300, SUSPECT, the starter drags",
        "6, , 190, GOOD, 160 A to 200 A",
        "8, LOWER, 205, GOOD, 170 A to 230 A"
    })
    void aDrawByTheChosenListOfCylinders(String cylinders, String list, double amps, Sign sign, String says) {
        say(Topic.CYLINDERS, cylinders);
        if (list != null) {
            say(Topic.DRAW_LIST, list);
        }
        read("post-plus", "post-minus", Condition.CRANKING, "10.8", amps);
        FigureVerdict draw = verdict("Starter's draw");
        assertThat(draw.sign()).isEqualTo(sign);
        assertThat(draw.says()).contains(says);
        say(Topic.MAKER_DRAW, "170");
        assertThat(verdict("Starter's draw").says()).startsWith("%.0f %%".formatted(amps / 170 * 100));
    }

    @ParameterizedTest
    @CsvSource({
        "41200, 196854, SAYS_LITTLE, 155654 km",
        "190000, 196854, SUSPECT, 6854 km",
        "196854, 41200, SUSPECT, 196854"
    })
    void theOldUnitsLifeByBothOdometers(String fitted, String now, Sign sign, String shown) {
        say(Topic.OLD_ODOMETER, fitted);
        say(Topic.ODOMETER, now);
        FigureVerdict life = verdict("Life of the old unit");
        assertThat(life.sign()).isEqualTo(sign);
        assertThat(life.shown()).startsWith(shown);
    }

    @Test
    void twoTestsElsewhereThatDisagreeCountForNothing() {
        say(Topic.OUTSIDE_FIRST, "PASSES");
        assertThat(Figures.of(CaseRecord.of(CAR, 25, read, List.of(), List.of()).with(Statements.of(said))))
                .as("one alone says nothing")
                .isEmpty();
        say(Topic.OUTSIDE_SECOND, "FAILS");
        assertThat(verdict("Tests elsewhere").says()).contains("They disagree");
    }

    /** With the cable on, whatever hangs on it is tested too. */
    @Test
    void halfAJunctionFailsOnlyOnceTheCableWasLifted() {
        say(Topic.OUTPUT_LIFTED, "OPEN");
        say(Topic.DIODES_FORWARD, "0.475");
        say(Topic.DIODES_REVERSE, ".OL");
        assertThat(verdict("Diode test").sign()).isEqualTo(Sign.FAILS);
    }

    @Test
    void aLowRippleAtIdleIsNotEnough() {
        say(Topic.RIPPLE_IDLE, "0.03");
        assertThat(verdict("Ripple at idle").sign()).isEqualTo(Sign.SAYS_LITTLE);
        assertThat(verdict("Ripple at idle").says()).contains("Repeat it loaded");
        say(Topic.RIPPLE_LOADED, "40 mV");
        assertThat(verdict("Ripple at idle").sign()).isEqualTo(Sign.GOOD);
    }

    /** The new machine is not condemned by the old one's figures. */
    @Test
    void aRepairOutdatesWhatWasMeasuredButNotWhatAPlateSays() {
        say(Topic.RIPPLE_LOADED, "0.8");
        say(Topic.OUTPUT_LIFTED, "OPEN");
        say(Topic.DIODES_FORWARD, "480");
        say(Topic.DIODES_REVERSE, "OL");
        say(Topic.RATED_AMPS, "90");
        CaseRecord before =
                CaseRecord.of(CAR, 25, List.of(), List.of(), List.of()).with(Statements.of(said));
        assertThat(Figures.diodesFail(before)).isTrue();
        Repair replaced = new Repair(new UUID(4, 4), PartId.of("alternator"), Repair.Action.REPLACED, "", 2_000);
        CaseRecord after =
                CaseRecord.of(CAR, 25, List.of(), List.of(replaced), List.of()).with(Statements.of(said));
        assertThat(Figures.diodesFail(after)).isFalse();
        assertThat(after.statements().measuredAfter(2_000).figure(Topic.RATED_AMPS))
                .hasValue(90);
    }

    /** Read against the side that is switched. */
    @ParameterizedTest
    @CsvSource({
        "FED, 12.2, asks all the time, the machine",
        "FED, 0.3, does not ask, the computer",
        "GROUNDED, 0.4, asks all the time, the machine",
        "GROUNDED, 12.2, does not ask, the computer"
    })
    void theFieldCommandIsReadAgainstTheSwitchedSide(String side, String volts, String command, String then) {
        read("post-plus", "post-minus", Condition.RAISED_LOADED, "12.3", null);
        read("bplus", "alternator-case", Condition.RAISED_LOADED, "12.4", null);
        say(Topic.FIELD_SIDE, side);
        say(Topic.FIELD_VOLTS, volts);
        assertThat(verdict("Field command").says()).contains(command).contains(then);
    }

    /** 12.6 full, 12.4 three quarters, 12.2 half, 12.0 a quarter, for a flooded block. */
    @ParameterizedTest
    @CsvSource({"12.6, 1.0", "12.4, 0.75", "12.2, 0.5", "12.0, 0.25", "11.7, 0"})
    void stateOfChargeOfAFloodedBlock(double volts, double share) {
        assertThat(StateOfCharge.FLOODED.share(volts, 25)).isCloseTo(share, within(0.005));
    }

    @Test
    void surfaceChargeGoesByTheChemistry() {
        read("post-plus", "post-minus", Condition.REST, "12.88", null);
        say(Topic.CHEMISTRY, "FLOODED");
        assertThat(verdict("State of charge").says()).contains("surface charge");
        say(Topic.CHEMISTRY, "AGM");
        assertThat(verdict("State of charge").sign()).isEqualTo(Sign.GOOD);
    }

    @Test
    void aNumberInAnotherUnitOrNoNumberIsRefusedWithWhatWouldBeRight() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> say(Topic.RIPPLE_IDLE, "120"))
                .withMessageContaining("0 … 30 V AC")
                .withMessageContaining("another unit");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> say(Topic.CRANK_SPEED, "slow"))
                .withMessageContaining("1/min");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> say(Topic.RIPPLE_IDLE, "OL"))
                .withMessageContaining("OL says nothing here");
    }
}
