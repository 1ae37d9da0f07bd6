package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.figure.Figures;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.StartingRules;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChargingSideTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("reference-car").orElseThrow();
    private static final Current NONE = Current.unknown();

    private final List<Statement> said = new ArrayList<>();

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

    /** An engine block held by its ground cable and, over the body, by strap and lead: one of them is the parallel branch. */
    @Test
    void theGroundTreeHoldsEveryGroundPartOnceAndMarksTheParallelBranch() {
        GroundTree tree = GroundTree.of(StartingRules.of(evidence(
                        of("starter-case", "post-minus", Condition.RAISED_LOADED, "0.012", NONE),
                        of(
                                "body",
                                "post-minus",
                                Condition.RAISED_LOADED,
                                "0.131",
                                Current.in(PartId.of("body-lead"), 9, How.CLAMP)))))
                .orElseThrow();
        assertThat(tree.branches())
                .extracting(b -> b.part().value())
                .containsExactlyInAnyOrder(
                        "post-joint-minus",
                        "crimp-ground",
                        "ground-cable",
                        "ground-joint-block",
                        "starter-mount",
                        "alternator-mount",
                        "bracket-joint",
                        "engine-strap",
                        "body-lead");
        assertThat(tree.branches().stream().filter(GroundTree.Branch::joins)).hasSize(1);
        GroundTree.Branch lead = branch(tree, "body-lead");
        assertThat(lead.readAmps()).hasValue(9.0);
        assertThat(lead.liftVolts()).hasValue(0.131);
        assertThat(lead.lifted()).isTrue();
        assertThat(lead.hangs()).contains("loads on the body");
        assertThat(branch(tree, "post-joint-minus").depth()).isZero();
    }

    /** What flows into the clamp over the post, cable and lead adds up: Kirchhoff's current law. */
    @Test
    void theHealthyCurrentsOfTheTreeAddUpAtTheClamp() {
        GroundTree tree = GroundTree.of(StartingRules.of(evidence())).orElseThrow();
        double post = branch(tree, "post-joint-minus").healthyAmps();
        double cable = branch(tree, "ground-cable").healthyAmps();
        double lead = branch(tree, "body-lead").healthyAmps();
        assertThat(Stream.of(post + cable - lead, post - cable + lead, cable + lead - post)
                        .mapToDouble(Math::abs)
                        .min()
                        .orElseThrow())
                .isCloseTo(0, within(1e-6));
    }

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
        // 95 % of 110 A at 2000 rpm, half of it at idle (docs/physics.md, parameters)
        assertThat(steps.steps().get(1).mostAmps()).isCloseTo(104.5, within(0.1));
        assertThat(steps.steps().get(0).mostAmps()).isCloseTo(55, within(0.1));
        assertThat(steps.healthy()).hasSizeGreaterThanOrEqualTo(10);
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

    private static FeedCheck.Pin pin(FeedCheck check, ChargingReason name) {
        return check.pins().stream().filter(p -> p.name().is(name)).findFirst().orElseThrow();
    }

    private static GroundTree.Branch branch(GroundTree tree, String part) {
        return tree.branches().stream()
                .filter(b -> b.part().equals(PartId.of(part)))
                .findFirst()
                .orElseThrow();
    }

    private static Reading keyOn(String red, String black, String typed) {
        return of(red, black, Condition.KEY_ON, typed, NONE);
    }

    private void say(Topic topic, String value, long atMillis) {
        said.add(new Statement(new UUID(9, said.size()), topic, value, "", atMillis));
    }

    private CaseRecord evidence(Reading... readings) {
        return CaseRecord.of(
                        CAR, 20, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of())
                .with(Statements.of(said));
    }
}
