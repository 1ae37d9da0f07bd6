package app.dantro.core.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What was said and seen, by its topics. */
class StatementsTest {
    @Test
    void whatWasRecordedLastCountsWhateverTheClocksSay() {
        Statements said =
                Statements.of(List.of(said(Topic.ENGINE_TURNS, "FREELY", 50), said(Topic.ENGINE_TURNS, "HARD", 10)));
        assertThat(said.answer(Topic.ENGINE_TURNS)).contains(Answer.HARD);
        assertThat(said.at(Topic.ENGINE_TURNS, 10)).contains(Answer.HARD);
        assertThat(said.at(Topic.ENGINE_TURNS, 9)).isEmpty();
    }

    @Test
    void aRepairOutdatesMeasuredNumbersAndLeavesPlatesAndWords() {
        Statements said = Statements.of(List.of(
                said(Topic.RIPPLE_LOADED, "0.6", 10),
                said(Topic.RATED_AMPS, "120", 10),
                said(Topic.ENGINE_TURNS, "FREELY", 10)));
        Statements after = said.measuredAfter(10);
        assertThat(after.about(Topic.RIPPLE_LOADED)).isEmpty();
        assertThat(after.figure(Topic.RATED_AMPS)).hasValue(120);
        assertThat(after.answer(Topic.ENGINE_TURNS)).contains(Answer.FREELY);
        assertThat(said.measuredAfter(9).figure(Topic.RIPPLE_LOADED)).hasValue(0.6);
    }

    @Test
    void askingATopicForAnAnswerItDoesNotOfferIsAMistake() {
        assertThatThrownBy(() -> Statements.none().says(Topic.ENGINE_TURNS, Answer.CLICK))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("ENGINE_TURNS");
        assertThat(Statements.none().says(Topic.ENGINE_TURNS, Answer.FREELY)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"CLICK, false", "NOTHING, false", "CHATTERS, false", "SLOW, "})
    void whatDoesNotCrankDoesNotStartAndASlowCrankTellsNothing(String symptom, Boolean starts) {
        assertThat(Statements.of(List.of(said(Topic.SYMPTOM, symptom, 1))).starts())
                .isEqualTo(Optional.ofNullable(starts));
        assertThat(Statements.none().starts()).isEmpty();
    }

    /** Every answer a topic offers is accepted, has words, and nothing else is accepted in its place. */
    @ParameterizedTest
    @EnumSource
    void aTopicTakesItsAnswersAndRefusesOthers(Topic topic) {
        assertThat(topic.title()).isNotBlank();
        for (Answer answer : topic.answers()) {
            assertThat(topic.refusal(answer.name())).isEmpty();
            assertThat(topic.words(answer)).isNotBlank();
        }
        boolean chosen = !topic.answers().isEmpty() || topic.figure().isPresent();
        assertThat(topic.refusal("nonsense").isPresent()).isEqualTo(chosen);
    }

    private static Statement said(Topic topic, String value, long atMillis) {
        return new Statement(UUID.randomUUID(), topic, value, "", atMillis);
    }
}
