package app.dantro.server.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import org.junit.jupiter.api.Test;

/** What version 2 of the case file adds. */
class CaseVersionTest {
    @Test
    void anEndedCaseComesThroughAsItEnded() throws IOException {
        String text = """
                {"format": "dantro-case", "version": 2, "circuit": {"ready_made": "petrol-car"},
                 "readings": [{"id": "00000000-0000-4000-8000-000000000001", "red": "post-plus", "black": "post-minus",
                               "condition": "start_attempt", "typed": "0.01", "taken_at_ms": 1,
                               "question": {"kind": "no_current", "says": "Did current flow?",
                                            "choices": [{"answer": "held", "label": "Key held, nothing turned"}],
                                            "answer": "held"}}],
                 "statements": [{"id": "00000000-0000-4000-8000-000000000002", "topic": "left", "value": "DECLINED",
                                 "note": "", "said_at_ms": 2}]}""";
        assertThat(CaseFormatTest.schema("case-v2.schema.json").validate(JsonFields.tree(text)))
                .isEmpty();
        CaseDocument ended = CaseFormat.parse(text);
        String written = CaseFormat.write(ended);
        assertThat(CaseFormat.parse(written)).isEqualTo(ended);
        assertThat(JsonFields.tree(written).at("/readings/0/question/answer").asText())
                .isEqualTo("held");
        assertThatThrownBy(() -> CaseFormat.parse(text.replace("\"version\": 2", "\"version\": 3")))
                .hasMessageContaining("versions 1 and 2 are understood");
    }
}
