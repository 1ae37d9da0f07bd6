package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.ending.SafeToDrive;
import app.dantro.core.finding.Standing;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Jobs without a fault, read with a meter alone, unsigned, each to the end that its readings allow. */
class EndingsTest extends SaidCases {
    private static final Statement NO_CLAMP = said(Topic.CLAMP, "NO");
    private static final Statement TURNED = said(Topic.CRANKS, "NORMALLY");
    private static final List<Reading> GOOD_START = List.of(
            base("12.61"),
            bump("post-plus", "post-minus", "10.92"),
            bump("post-plus", "motor-stud", "0.31"),
            bump("starter-case", "post-minus", "0.17"));
    private static final List<Reading> GOOD_CHARGE = List.of(
            base("12.58"),
            running("post-plus", "post-minus", Condition.IDLE, "14.31"),
            running("post-plus", "post-minus", Condition.RAISED_LOADED, "14.02"),
            running("bplus", "post-plus", Condition.RAISED_LOADED, "0.14"),
            running("post-minus", "alternator-case", Condition.RAISED_LOADED, "0.04"));
    private static final List<Reading> CRANKED = with(GOOD_CHARGE, bump("post-plus", "post-minus", "10.92"));

    @Test
    void aSlowCrankThatIsNotSlowTodayEndsInFourReadingsALookAtTheOtherSideAndAnAnswer() {
        Statement slow = said(Topic.SYMPTOM, "SLOW");
        Assessment asked = assess(GOOD_START, slow, NO_CLAMP);
        assertThat(asked.next().kind()).isEqualTo(Step.Kind.PROVE);
        assertThat(asked.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.CRANKS);

        Assessment other = assess(GOOD_START, slow, NO_CLAMP, TURNED);
        assertThat(other.next().kind()).isEqualTo(Step.Kind.MEASURE);
        assertThat(other.next().probe().orElseThrow().condition()).isEqualTo(Condition.RAISED_LOADED);
        List<Reading> both = with(GOOD_START, running("post-plus", "post-minus", Condition.RAISED_LOADED, "14.02"));
        Assessment due = assess(both, slow, NO_CLAMP, TURNED);
        assertThat(due.next().kind()).isEqualTo(Step.Kind.CLOSE);
        assertThat(due.next().ending().orElseThrow().as()).hasValue(Answer.NOT_REPRODUCED);
        assertThat(due.next().ending().orElseThrow().safe()).isEqualTo(SafeToDrive.NOT_JUDGED);
        assertThat(due.findings().headline())
                .isEqualTo("Both sides good while this starter turned: 0.48 V lost together.");

        Assessment ended = assess(both, slow, NO_CLAMP, TURNED, tapped(Answer.NOT_REPRODUCED));
        assertThat(ended.stage()).isEqualTo(Stage.NOT_REPRODUCED);
        assertThat(ended.next().kind()).isEqualTo(Step.Kind.DONE);
    }

    @Test
    void aStarterHeardTurningSlowlyIsNotGoodHoweverGoodItsCables() {
        Assessment slow = assess(GOOD_START, said(Topic.SYMPTOM, "SLOW"), NO_CLAMP, said(Topic.CRANKS, "SLOWLY"));
        assertThat(slow.next().kind()).isNotEqualTo(Step.Kind.CLOSE);
        assertThat(slow.next().ending().filter(e -> !e.as().equals(Optional.of(Answer.HANDED_ON))))
                .isEmpty();
    }

    @Test
    void slowOnGoodVoltsIsStarterOrEngineAndAHandOnTheEngineTellsWhich() {
        Statement[] slow = {said(Topic.SYMPTOM, "SLOW"), NO_CLAMP, said(Topic.CRANKS, "SLOWLY")};
        Assessment heard = assess(GOOD_START, slow);
        assertThat(heard.findings().standing(STARTER)).isEqualTo(Standing.SUSPECT);
        assertThat(heard.findings().headline()).contains("slowly with 10.4 V left for the motor");
        assertThat(heard.next().toSee())
                .extracting(Step.ToSee::topic)
                .containsExactly(Topic.ENGINE_TURNS, Topic.CRANKS);

        Assessment hard = assess(GOOD_START, with(slow, said(Topic.ENGINE_TURNS, "HARD")));
        assertThat(hard.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
        assertThat(hard.next().kind()).isEqualTo(Step.Kind.LOOK_ELSEWHERE);

        Statement[] free = with(slow, said(Topic.ENGINE_TURNS, "FREELY"));
        assertThat(assess(GOOD_START, free).next().toSee())
                .extracting(Step.ToSee::topic)
                .containsExactly(Topic.STARTER_BENCH);
        Assessment failed = assess(GOOD_START, with(free, said(Topic.STARTER_BENCH, "FAILS")));
        assertThat(failed.next().kind()).isEqualTo(Step.Kind.REPAIR);
        assertThat(failed.next().part()).contains(STARTER);
        assertThat(assess(GOOD_START, with(free, said(Topic.STARTER_BENCH, "PASSES")))
                        .findings()
                        .standing(STARTER))
                .isEqualTo(Standing.CLEARED);
    }

    @Test
    void slowOnTooFewVoltsSaysNothingOfTheStarter() {
        List<Reading> weak = new ArrayList<>(GOOD_START);
        weak.set(1, bump("post-plus", "post-minus", "9.7"));
        assertThat(assess(weak, said(Topic.SYMPTOM, "SLOW"), NO_CLAMP, said(Topic.CRANKS, "SLOWLY"))
                        .findings()
                        .standing(STARTER))
                .isEqualTo(Standing.NOT_PROVEN);
    }

    @Test
    void aDrainIsFoundBranchByBranchAndThroughTheAlternatorWhereLiftingItStops() {
        Statement[] flat = {said(Topic.CHARGING_SYMPTOM, "FLAT_MORNING"), said(Topic.STANDING_CURRENT, "310")};
        Assessment drawn = charging(GOOD_CHARGE, flat);
        assertThat(drawn.findings().headline()).contains("310 mA are drawn asleep");
        assertThat(drawn.next().title()).isEqualTo("Find what draws");
        assertThat(drawn.findings().doubts()).isEmpty();

        Assessment lifted = charging(GOOD_CHARGE, with(flat, said(Topic.DRAIN_LIFTED, "STOPS")));
        assertThat(lifted.findings().standing(PartId.of("alternator"))).isEqualTo(Standing.SUSPECT);
        Assessment found = charging(GOOD_CHARGE, with(flat, said(Topic.DRAIN_FOUND, "YES")));
        assertThat(found.next().kind()).isEqualTo(Step.Kind.REPAIR);
    }

    @Test
    void anEndIsOnlyWhatItsReadingsSayAndANewReadingOpensIt() {
        Assessment unearned = assess(List.of(base("12.61")), tapped(Answer.GOOD));
        assertThat(unearned.stage().closed()).isFalse();

        Statement early = new Statement(new UUID(5, 5), Topic.ENDED, "NOT_REPRODUCED", "", 0);
        assertThat(assess(GOOD_START, NO_CLAMP, TURNED, early).stage().closed()).isFalse();
    }

    @Test
    void aMereCheckReadsBothSidesAndIsThenGood() {
        Statement check = said(Topic.CHARGING_SYMPTOM, "CHECK");
        Assessment half = charging(GOOD_CHARGE, check, NO_CLAMP);
        assertThat(half.next().probe().orElseThrow().condition()).isEqualTo(Condition.CRANKING);

        Assessment whole = charging(both(), check, NO_CLAMP, TURNED);
        assertThat(whole.next().kind()).isEqualTo(Step.Kind.CLOSE);
        assertThat(whole.next().title()).isEqualTo("Starting and charging are good");
        assertThat(whole.next().ending().orElseThrow().safe()).isEqualTo(SafeToDrive.YES);
        assertThat(charging(both(), check, NO_CLAMP, TURNED, tapped(Answer.GOOD))
                        .stage())
                .isEqualTo(Stage.GOOD);
    }

    @Test
    void aCheckHeardTurningSlowlyIsNoGoodVehicleOnWhateverVolts() {
        List<Reading> few = new ArrayList<>(both());
        few.set(GOOD_CHARGE.size(), bump("post-plus", "post-minus", "9.7"));
        Assessment slow = charging(few, said(Topic.CHARGING_SYMPTOM, "CHECK"), NO_CLAMP, said(Topic.CRANKS, "SLOWLY"));
        assertThat(slow.next().kind()).isNotEqualTo(Step.Kind.CLOSE);
    }

    @Test
    void aLampOverGoodChargingIsHandedOn() {
        Assessment lamp = charging(CRANKED, said(Topic.CHARGING_SYMPTOM, "LAMP_ON"), TURNED);
        assertThat(lamp.next().ending().orElseThrow().as()).hasValue(Answer.HANDED_ON);
        assertThat(lamp.next().ending().orElseThrow().open())
                .anyMatch(r -> r.words().contains("lamp"));
    }

    @Test
    void flatInTheMorningAsksWhatItDrawsAsleepBeforeItEnds() {
        Statement flat = said(Topic.CHARGING_SYMPTOM, "FLAT_MORNING");
        Assessment asked = charging(GOOD_CHARGE, flat);
        assertThat(asked.next().toSee()).extracting(Step.ToSee::topic).containsExactly(Topic.STANDING_CURRENT);
        assertThat(charging(CRANKED, flat, said(Topic.STANDING_CURRENT, "28"), TURNED)
                        .next()
                        .kind())
                .isEqualTo(Step.Kind.CLOSE);
        assertThat(charging(GOOD_CHARGE, flat, said(Topic.STANDING_CURRENT, "310"))
                        .next()
                        .kind())
                .isNotEqualTo(Step.Kind.CLOSE);
    }

    @Test
    void aLowBaseIsChargedBeforeTheVehicleGoes() {
        List<Reading> low = new ArrayList<>(CRANKED);
        low.set(0, base("12.31"));
        Statement flat = said(Topic.CHARGING_SYMPTOM, "DIES_DRIVING");
        assertThat(charging(low, flat, TURNED).next().kind()).isEqualTo(Step.Kind.CHARGE);
    }

    @Test
    void moreRippleThanAnyHealthyMachineIsNoGoodEnd() {
        Assessment rippled =
                charging(GOOD_CHARGE, said(Topic.CHARGING_SYMPTOM, "UNDERCHARGES"), said(Topic.RIPPLE_LOADED, "0.34"));
        assertThat(rippled.next().kind()).isNotEqualTo(Step.Kind.CLOSE);
        assertThat(rippled.findings().headline()).contains("alternator");
    }

    @Test
    void whatTheCustomerDeclinesEndsWithoutBeingVerified() {
        Statement declined = new Statement(new UUID(5, 6), Topic.LEFT, "DECLINED", "", Long.MAX_VALUE);
        assertThat(assess(dragging, declined).stage()).isEqualTo(Stage.DECLINED);
    }

    private static List<Reading> with(List<Reading> before, Reading more) {
        return Stream.concat(before.stream(), Stream.of(more)).toList();
    }

    private static Statement[] with(Statement[] before, Statement more) {
        return Stream.concat(Arrays.stream(before), Stream.of(more)).toArray(Statement[]::new);
    }

    private Assessment charging(List<Reading> readings, Statement... statements) {
        return order.assess(Loop.CHARGING, evidence(readings, statements), PREPARED);
    }

    private static List<Reading> both() {
        return Stream.concat(GOOD_CHARGE.stream(), GOOD_START.stream().skip(1)).toList();
    }

    private static Statement tapped(Answer as) {
        return new Statement(new UUID(5, 4), Topic.ENDED, as.name(), "", Long.MAX_VALUE);
    }

    private static Reading bump(String red, String black, String typed) {
        return of(red, black, Condition.CRANKING, typed, Current.unknown());
    }

    private static Reading running(String red, String black, Condition condition, String typed) {
        return of(red, black, condition, typed, Current.unknown());
    }
}
