package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.figure.Figures;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cold against warm, the steps of the output, loads, a new unit: what the charging side tells beside the drops. */
class ChargingSideTest extends ChargingCase {
    /** 0.080 V at 40 A are 0.160 V at 80 A; warm copper may add a quarter. */
    @ParameterizedTest
    @CsvSource({"0.170, GOOD, WITHIN_COPPER", "0.420, SUSPECT, OPENS_WARM", "0.060, SUSPECT, CLOSES_WARM"})
    void coldAndWarmAreComparedAtOneCurrent(String warm, Sign sign, ChargingReason why) {
        Reading cold = of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.080", Current.of(40, How.CLAMP));
        say(Topic.ENGINE, "COLD", cold.takenAtMillis() - 1);
        Reading later = of("post-minus", "alternator-case", Condition.RAISED_LOADED, warm, Current.of(80, How.CLAMP));
        say(Topic.ENGINE, "WARM", later.takenAtMillis());
        List<ColdAndWarm.Compared> all = ColdAndWarm.of(evidence(cold, later));
        assertThat(all).hasSize(1);
        assertThat(all.get(0).scaled()).isEqualTo("0.160 V");
        assertThat(all.get(0).sign()).isEqualTo(sign);
        assertThat(all.get(0).because().kind()).isEqualTo(why);
    }

    @Test
    void withoutTheEngineStatedOrTheCurrentNothingIsCompared() {
        Reading cold = of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.080", Current.of(40, How.CLAMP));
        say(Topic.ENGINE, "WARM", cold.takenAtMillis() + 1);
        Reading warm = of("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.17", NONE);
        assertThat(ColdAndWarm.of(evidence(cold, warm))).isEmpty();
    }

    @Test
    void theStepsOfTheOutputStandBesideAHealthyOnes() {
        say(Topic.RATED_AMPS, "120", 1);
        OutputSteps steps = OutputSteps.of(evidence(
                        of("bplus", "alternator-case", Condition.RAISED_LOADED, "14.10", Current.of(60, How.CLAMP)),
                        of("bplus", "alternator-case", Condition.RAISED_LOADED, "14.12", Current.of(60, How.CLAMP)),
                        of("post-plus", "post-minus", Condition.IDLE, "14.20", Current.of(18, How.CLAMP)),
                        of("post-plus", "post-minus", Condition.RAISED, "14.20", NONE)))
                .orElseThrow();
        assertThat(steps.steps()).extracting(OutputSteps.Step::volts).containsExactly(14.20, 14.12);
        assertThat(steps.steps().get(1).share()).isEqualTo(0.5);
        // 95 % of what its plate says at 2000 rpm, half of it at idle (docs/physics.md, parameters)
        assertThat(steps.steps().get(1).mostAmps()).isCloseTo(114, within(0.1));
        assertThat(steps.steps().get(0).mostAmps()).isCloseTo(60, within(0.1));
        assertThat(steps.healthy()).hasSizeGreaterThanOrEqualTo(10);
    }

    /** A regulator holds until the machine gives all it can: the line is level up to there, and only then falls. */
    @Test
    void aHealthyLineHoldsTheSetPointUntilTheLimit() {
        List<OutputSteps.Step> idle = OutputSteps.of(evidence()).orElseThrow().healthy().stream()
                .filter(s ->
                        s.atOutput() && (s.condition() == Condition.IDLE || s.condition() == Condition.IDLE_LOADED))
                .toList();
        assertThat(idle).hasSize(3);
        assertThat(idle.get(1).volts()).isEqualTo(idle.get(0).volts());
        assertThat(idle.get(1).amps())
                .isEqualTo(idle.get(2).amps())
                .isGreaterThan(idle.get(0).amps());
        assertThat(idle.get(2).volts()).isLessThan(idle.get(1).volts() - 0.5);
    }

    /** Load by load: every step stands with its own current, and none is taken for the clamp's error. */
    @Test
    void someLoadsOnAreStepsOfTheirOwn() {
        OutputSteps steps = OutputSteps.of(evidence(
                        of("bplus", "alternator-case", Condition.RAISED_SOME, "14.22", Current.of(20, How.CLAMP)),
                        of("bplus", "alternator-case", Condition.RAISED_SOME, "14.20", Current.of(33, How.CLAMP)),
                        of("bplus", "alternator-case", Condition.RAISED_SOME, "14.18", Current.of(47, How.CLAMP))))
                .orElseThrow();
        assertThat(steps.steps()).extracting(OutputSteps.Step::amps).containsExactly(20.0, 33.0, 47.0);
    }

    @ParameterizedTest
    @CsvSource({
        "14.20, , GOOD, It charges",
        "12.80, , SUSPECT, B+ to case decides",
        "12.80, SMART, SAYS_LITTLE, force it with headlights",
        "15.40, , FAILS, First what the regulator senses",
        "15.40, CALCIUM, SUSPECT, More than usual"
    })
    void theRiseOverTheBaseIsHeldAgainstTheStrategy(String volts, String strategy, Sign sign, String says) {
        if (strategy != null) {
            say(Topic.STRATEGY, strategy, 1);
        }
        FigureVerdict rise = figure(
                "Rise over the base voltage",
                base("12.60"),
                of("post-plus", "post-minus", Condition.RAISED, volts, NONE));
        assertThat(rise.sign()).isEqualTo(sign);
        assertThat(rise.says()).contains(says);
    }

    @Test
    void aVoltageThatClimbsWithTheSpeedIsASignOfItsOwn() {
        FigureVerdict climb = figure(
                "With the speed",
                of("post-plus", "post-minus", Condition.IDLE, "14.10", NONE),
                of("post-plus", "post-minus", Condition.RAISED, "14.95", NONE));
        assertThat(climb.sign()).isEqualTo(Sign.SUSPECT);
        assertThat(climb.shown()).isEqualTo("+0.85 V");
    }

    @Test
    void whatIsNotMadeIsNotCalledRegulated() {
        FigureVerdict dead = figure(
                "With the speed",
                base("12.50"),
                of("post-plus", "post-minus", Condition.IDLE, "12.05", NONE),
                of("post-plus", "post-minus", Condition.RAISED, "12.03", NONE));
        assertThat(dead.sign()).isEqualTo(Sign.SAYS_LITTLE);
        assertThat(dead.says()).contains("Nothing is made");
    }

    @Test
    void loadsAreAddedUpAndWhatPulsesIsFlagged() {
        say(Topic.LOADS_ON, "HIGH_BEAM,REAR_WINDOW,WIPERS", 1);
        FigureVerdict loads = figure("Loads on");
        assertThat(loads.shown()).isEqualTo("24 A to 38 A, typically");
        assertThat(loads.says()).contains("Wipers: the meter jumps");
    }

    @Test
    void aNewUnitThatDoesNotFitIsNamedAndABenchPassSpeaksAgainstTheVerdict() {
        say(Topic.OLD_AMPS, "110", 1);
        say(Topic.NEW_AMPS, "90", 2);
        say(Topic.OLD_PULLEY, "55", 3);
        say(Topic.NEW_PULLEY, "60", 4);
        say(Topic.OLD_BENCH, "PASSES", 5);
        FigureVerdict fitted = figure("New unit against the old");
        assertThat(fitted.sign()).isEqualTo(Sign.FAILS);
        assertThat(fitted.says()).contains("rated lower", "pulley differs");
        assertThat(figure("Bench tests").says()).contains("on the bench the wiring is not in the circuit");
    }

    @Test
    void aDrainThatStopsWithTheCableLiftedFlowedThroughTheAlternator() {
        say(Topic.DRAIN_LIFTED, "STOPS", 1);
        assertThat(figure("Overnight drain").says()).contains("a leaking diode");
        said.clear();
        say(Topic.DRAIN_LIFTED, "STAYS", 1);
        say(Topic.DRAIN_BRANCH, "F12 radio", 2);
        assertThat(figure("Overnight drain").says()).contains("“F12 radio”", "Not the alternator");
    }

    private FigureVerdict figure(String what, Reading... readings) {
        return Figures.of(evidence(readings)).stream()
                .filter(f -> f.what().words().equals(what))
                .findFirst()
                .orElseThrow();
    }
}
