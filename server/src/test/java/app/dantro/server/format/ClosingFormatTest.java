package app.dantro.server.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.circuit.Loop;
import app.dantro.core.finding.Standing;
import app.dantro.core.procedure.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a case file says it was judged by, and what it said at its closing. */
class ClosingFormatTest {
    private static final String BASIS = "{'judgement': 1, 'priors': 1, 'limits': 1, 'meters': 1}";

    @Test
    void basisAndClosingComeBackAsTheyWent() {
        CaseDocument read = CaseFormat.parse(
                file(
                        "'basis': {'judgement': 0, 'priors': 2, 'limits': 3, 'meters': 4, 'own_limits': [{'loop': 'charging',"
                                + " 'name': 'Strict', 'version': 2, 'supply_volts': 0.1, 'source': 'ours', 'since_ms': 5}]},"
                                + " 'closing': {'stage': 'verified', 'headline': 'It held.', 'parts': [{'part': 'starter',"
                                + " 'name': 'starter', 'standing': 'cleared', 'says': 'turns'}], 'figures': [{'topics':"
                                + " ['ripple_loaded'], 'what': 'Ripple', 'shown': '0.05 V', 'sign': 'good', 'says': 'healthy'}]}"));
        assertThat(read.basis().orElseThrow().meters()).isEqualTo(4);
        assertThat(read.basis()
                        .orElseThrow()
                        .own()
                        .newest(Loop.CHARGING, "Strict")
                        .orElseThrow()
                        .number())
                .isEqualTo(2);
        assertThat(read.closing().orElseThrow().stage()).isEqualTo(Stage.VERIFIED);
        assertThat(read.closing().orElseThrow().parts().get(0).standing()).isEqualTo(Standing.CLEARED);
        assertThat(CaseFormat.parse(CaseFormat.write(read))).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "'basis': {'judgement': -1, 'priors': 1, 'limits': 1, 'meters': 1} | $.basis.judgement | whole number",
                "'basis': {'judgement': 1.5, 'priors': 1, 'limits': 1, 'meters': 1} | $.basis.judgement | whole number",
                "'basis': {'judgement': 1, 'priors': 1, 'limits': 1} | $.basis.meters | missing",
                "'basis': 'x' | $.basis | must be an object",
                "'closing': {'stage': 'closed', 'headline': 'x'} | $.basis | what it was judged by"
            })
    void whatIsWrongWithABasisIsNamed(String member, String path, String says) {
        refused(file(member), path, says);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "'stage': 'walk', 'headline': 'x' | $.closing.stage | verified or closed",
                "'stage': 'closed' | $.closing.headline | missing",
                "'stage': 'closed', 'headline': 'x', 'parts': [{'part': 'starter', 'name': 'n', 'standing': 'broken', 'says': 'x'}]"
                        + " | $.closing.parts[0].standing | cleared, suspect, faulty, not_proven",
                "'stage': 'closed', 'headline': 'x', 'parts': [{'part': 'starter', 'name': 'n', 'standing': 'cleared', 'says': 'x'},"
                        + " {'part': 'starter', 'name': 'n', 'standing': 'faulty', 'says': 'x'}]"
                        + " | $.closing.parts[1].part | a standing already",
                "'stage': 'closed', 'headline': 'x', 'figures': [{'topics': ['weather'], 'what': 'w', 'shown': 's', 'sign': 'good', 'says': 'x'}]"
                        + " | $.closing.figures[0].topics[0] | There is no (weather)"
            })
    void whatIsWrongWithAClosingIsNamed(String closing, String path, String says) {
        refused(file("'basis': " + BASIS + ", 'closing': {" + closing + "}"), path, says);
    }

    @Test
    void aClosingSaysNoNovel() {
        refused(
                file("'basis': " + BASIS + ", 'closing': {'stage': 'closed', 'headline': '" + "x".repeat(2001) + "'}"),
                "$.closing.headline",
                "2001 characters");
    }

    private static void refused(String json, String path, String says) {
        assertThatThrownBy(() -> CaseFormat.parse(json))
                .isInstanceOf(BadFile.class)
                .satisfies(e -> {
                    assertThat(((BadFile) e).path()).isEqualTo(path);
                    assertThat(((BadFile) e).line()).contains(says);
                });
    }

    private static String file(String members) {
        return ("{'format': 'dantro-case', 'version': 1, 'circuit': {'ready_made': 'petrol-car'}, " + members + "}")
                .replace('\'', '"');
    }
}
