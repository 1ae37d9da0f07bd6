package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.finding.Standing;
import app.dantro.core.inference.Complaint;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.CaseInference;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What was said and seen beside readings, and what follows from it. */
class SaidAndSeenTest extends SaidCases {
    @Test
    void aStarterIsFaultyOnlyOnceTheEngineIsKnownToTurnFreelyAndWasHeardTurningSlowly() {
        Assessment unseen = assess(dragging);
        assertThat(unseen.findings().standing(STARTER)).isEqualTo(Standing.SUSPECT);
        assertThat(unseen.next().kind()).isEqualTo(Step.Kind.PROVE);
        assertThat(unseen.next().toSee())
                .containsExactly(
                        new Step.ToSee(
                                Topic.ENGINE_TURNS,
                                Optional.empty(),
                                "the engine turns freely by hand, or the starter fails off it too"),
                        new Step.ToSee(
                                Topic.CRANKS,
                                Optional.empty(),
                                "that it turns slowly, or not at all: much current alone condemns no starter"));

        Statement freely = said(Topic.ENGINE_TURNS, "FREELY");
        Assessment well = assess(dragging, freely, said(Topic.CRANKS, "NORMALLY"));
        assertThat(well.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
        Assessment free = assess(dragging, freely, said(Topic.CRANKS, "SLOWLY"));
        assertThat(free.findings().standing(STARTER)).isEqualTo(Standing.FAULTY);
        assertThat(free.next().kind()).isEqualTo(Step.Kind.REPAIR);
    }

    @Test
    void anEngineThatTurnsHardCondemnsNoStarter() {
        Assessment tight = assess(dragging, said(Topic.ENGINE_TURNS, "HARD"));
        assertThat(tight.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
        assertThat(tight.findings().of(STARTER).says()).contains("turns hard");
        assertThat(tight.next().kind()).isNotEqualTo(Step.Kind.REPAIR);
    }

    @Test
    void anEngineThatTurnsHardIsNamedBeforeTheStarter() {
        Assessment hard = assess(dragging, said(Topic.ENGINE_TURNS, "HARD"));
        assertThat(hard.findings().standing(STARTER)).isEqualTo(Standing.NOT_PROVEN);
        assertThat(hard.findings().headline()).contains("turns hard").contains("starter is not proven bad");
    }

    /** Little is drawn at full stud volts: worn brushes or an engine that turns easily. The speed tells which. */
    @Test
    void theCrankingSpeedTellsWornBrushesFromAnEasyEngine() {
        List<Reading> easy = List.of(
                base("12.65"),
                cranking("post-plus", "post-minus", "11.86", 143),
                cranking("motor-stud", "starter-case", "11.57", 143));
        double without = probability(easy);
        assertThat(probability(easy, said(Topic.CRANK_SPEED, "90"))).isGreaterThan(without);
        assertThat(probability(easy, said(Topic.CRANK_SPEED, "250"))).isLessThan(without);
    }

    private double probability(List<Reading> readings, Statement... statements) {
        return assess(readings, statements).verdict().orElseThrow().probability(STARTER);
    }

    @Test
    void aClickTellsTheInferenceThatTheEngineDoesNotStart() {
        assertThat(starts(said(Topic.SYMPTOM, "CLICK"))).contains(false);
        assertThat(starts(said(Topic.SYMPTOM, "STARTS"))).contains(true);
        assertThat(starts(said(Topic.SYMPTOM, "SLOW"))).isEmpty();
    }

    private Optional<Boolean> starts(Statement... statements) {
        return CaseInference.of(evidence(dragging, statements), Complaint.STARTING)
                .starts();
    }
}
