package app.dantro.core.starting;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.fact.DropAnswer;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.figure.FigureName;
import app.dantro.core.figure.FigureReason;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.schools.Row;
import app.dantro.core.schools.Ruling;
import app.dantro.core.schools.SchoolReason;
import app.dantro.core.schools.SchoolTable;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class PileAndTwoCranksTest {
    private static final Circuit TRUCK =
            ReadyMadeCircuits.named("reference-truck").orElseThrow();
    private static final Circuit CAR = ReadyMadeCircuits.named("reference-car").orElseThrow();
    private static final Current PILE = Current.of(500, How.CLAMP);

    private final Reading rest = base("12.58");
    private final Reading posts = cranking("post-plus", "post-minus", "11.50", 160);

    /** 0.45 V + 0.42 V at 500 A stay under the 1.0 V that 24 V systems are allowed. */
    @Test
    void theSumWithThePileIsHeldAgainstItsSchoolAndTheConductors() {
        Row row = sum(TRUCK, pile("post-plus", "battery-stud", "0.45"), pile("starter-case", "post-minus", "0.42"));
        assertThat(row.shown()).isEqualTo("0.87 V at 500 A");
        assertThat(row.rulings()).extracting(Ruling::verdict).containsExactly(SchoolVerdict.PASSES);
        Row more = sum(TRUCK, pile("post-plus", "battery-stud", "0.85"), pile("starter-case", "post-minus", "0.42"));
        assertThat(more.rulings()).extracting(Ruling::verdict).containsExactly(SchoolVerdict.FAILS);
    }

    /** A healthy small car loses 0.7 V at 500 A: the school's total is not for it. */
    @Test
    void aHealthyCarFailsTheTotalAndTheRowSaysWhy() {
        Row row = sum(CAR, pile("post-plus", "battery-stud", "0.42"), pile("starter-case", "post-minus", "0.30"));
        assertThat(row.rulings()).extracting(Ruling::verdict).containsExactly(SchoolVerdict.FAILS);
        assertThat(row.own().orElseThrow().verdict()).isEqualTo(SchoolVerdict.PASSES);
        assertThat(row.parting()).extracting(Reason::kind).contains(SchoolReason.MEANT_FOR_HEAVY);
    }

    @Test
    void underThePileADropIsJudgedByThePilesCurrentOrNotAtAll() {
        Reading measured = pile("starter-case", "post-minus", "0.30");
        assertThat(verdicts(measured)).extracting(DropVerdict::answer).containsExactly(DropAnswer.CERTIFIED);
        assertThat(verdicts(of("starter-case", "post-minus", Condition.PILE_STARTER, "0.30", Current.unknown())))
                .isEmpty();
        assertThat(verdicts(pile("post-plus", "motor-stud", "12.4"))).isEmpty();
    }

    @Test
    void twoCranksWarnOfABadWayBack() {
        FigureVerdict bad = twoCranks("10.20");
        assertThat(bad.sign()).isEqualTo(Sign.SUSPECT);
        assertThat(bad.shown()).startsWith("1.30 V ± 0.");
        assertThat(bad.because()).extracting(Reason::kind).contains(FigureReason.MUCH_LOST);
    }

    @Test
    void twoCranksSayLittleWhereTheyAreTooCoarse() {
        assertThat(twoCranks("11.41").sign()).isEqualTo(Sign.SAYS_LITTLE);
    }

    @Test
    void twoCranksNeedBothAndNeverTouchAStanding() {
        assertThat(twoCranks(evidence(CAR, rest, posts))).isEmpty();
        Findings found = StartingRules.of(evidence(CAR, rest, posts, cranking("post-plus", "block", "10.20", 160)));
        assertThat(found.withStanding(Standing.FAULTY)).isEmpty();
    }

    private FigureVerdict twoCranks(String metal) {
        return twoCranks(evidence(CAR, rest, posts, cranking("post-plus", "block", metal, 160)))
                .orElseThrow();
    }

    private static Optional<FigureVerdict> twoCranks(CaseRecord record) {
        return Figures.of(record).stream()
                .filter(v -> v.what().is(FigureName.TWO_CRANKS))
                .findFirst();
    }

    private static Reading pile(String red, String black, String typed) {
        return of(red, black, Condition.PILE_STARTER, typed, PILE);
    }

    private static List<DropVerdict> verdicts(Reading reading) {
        return StartingRules.of(evidence(CAR, reading)).verdicts();
    }

    private static Row sum(Circuit circuit, Reading... readings) {
        return SchoolTable.of(StartingRules.of(evidence(circuit, readings)), OwnSets.none()).rows().stream()
                .filter(r -> r.what().is(SchoolReason.PILE_BOTH))
                .findFirst()
                .orElseThrow();
    }

    private static CaseRecord evidence(Circuit circuit, Reading... readings) {
        return CaseRecord.of(
                circuit, 20, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of());
    }
}
