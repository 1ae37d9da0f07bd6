package app.dantro.core.procedure;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a closed case shows, by this program and by another version. */
class AsSaidTest extends SaidCases {
    private static final Basis NOW = Basis.with(OwnSets.none());
    private static final Basis EARLIER = new Basis(0, 1, 1, 1, OwnSets.none());

    private final List<Reading> read = List.of(
            base("12.6"),
            cranking("post-plus", "post-minus", "11.5", 155),
            cranking("starter-case", "post-minus", "0.10", 155));
    private final Assessment judged = assess(read, said(Topic.RIPPLE_LOADED, "0.05"));

    @Test
    void theSameProgramThatSaysTheSameShowsItsOwn() {
        AsSaid said = AsSaid.of(judged);
        assertThat(said.over(judged, NOW)).isSameAs(judged);
        assertThat(said.over(rules(read), NOW)).as("while it is worked out").isInstanceOf(Assessment.ByRules.class);
    }

    @Test
    void theSameProgramThatSaysOtherwiseShowsWhatWasSaid() {
        AsSaid other = said("It was the strap.");
        Assessment shown = other.over(judged, NOW);
        assertThat(shown).isInstanceOf(Assessment.AsClosed.class);
        assertThat(shown.findings().headline()).isEqualTo("It was the strap.");
        assertThat(((Assessment.AsClosed) shown).nowSays())
                .contains(judged.findings().headline());
    }

    @Test
    void underAnEarlierVersionTheClosingIsShownAtOnce() {
        AsSaid said = said("It was the strap.");
        Assessment.AsClosed waiting = (Assessment.AsClosed) said.over(rules(read), EARLIER);
        assertThat(waiting.nowSays()).as("not worked out yet").isEmpty();
        assertThat(waiting.under()).isEqualTo(EARLIER);
        assertThat(waiting.verdict()).isEmpty();
        Assessment.AsClosed same = (Assessment.AsClosed) AsSaid.of(judged).over(judged, EARLIER);
        assertThat(same.nowSays()).as("it says the same").isEmpty();
    }

    @Test
    void standingsFiguresProfileAndStepAreThoseOfTheClosing() {
        Assessment shown = said("It was the strap.").over(judged, EARLIER);
        assertThat(shown.stage()).isEqualTo(Stage.VERIFIED);
        assertThat(shown.next().kind()).isEqualTo(Step.Kind.DONE);
        assertThat(shown.findings().parts()).extracting(PartFinding::standing).containsOnly(Standing.CLEARED);
        assertThat(shown.findings().parts()).extracting(PartFinding::by).containsOnly(StandingRule.AS_SAID);
        assertThat(shown.profile().supply().steps())
                .extracting(LoopProfile.Step::standing)
                .containsOnly(Standing.CLEARED);
        assertThat(shown.profile().supply().steps())
                .extracting(LoopProfile.Step::volts)
                .isEqualTo(judged.profile().supply().steps().stream()
                        .map(LoopProfile.Step::volts)
                        .toList());
        assertThat(shown.beside().figures()).hasSize(1);
        assertThat(shown.beside().figures().get(0).says()).isEqualTo("it was fine");
        assertThat(shown.retests()).isEmpty();
    }

    /** Saying it again gives the same: what was frozen can be frozen again. */
    @Test
    void whatIsShownSaysWhatWasSaid() {
        AsSaid said = said("It was the strap.");
        assertThat(AsSaid.of(said.over(judged, EARLIER))).isEqualTo(said);
    }

    private AsSaid said(String headline) {
        AsSaid now = AsSaid.of(judged);
        return new AsSaid(
                Stage.VERIFIED,
                headline,
                now.parts().stream()
                        .map(p -> new AsSaid.Part(p.part(), p.name(), Standing.CLEARED, "it held"))
                        .toList(),
                now.figures().stream()
                        .map(f -> new AsSaid.Figure(f.topics(), f.what(), f.shown(), f.sign(), "it was fine"))
                        .toList());
    }
}
