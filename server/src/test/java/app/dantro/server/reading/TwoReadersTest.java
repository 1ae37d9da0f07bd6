package app.dantro.server.reading;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.AtOnce;
import app.dantro.server.OneServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Two phones on one case. A page fetches nothing after its own entry, so the answer to it holds all that came on record before
 * it, and of two answers the one with more entries is the newer.
 */
class TwoReadersTest extends OneServer {
    @Test
    void ofTwoReadingsInTheSameMomentTheLaterOnesAnswerHoldsBoth() throws Exception {
        for (int i = 0; i < 30; i++) {
            String path = server.openCase();
            List<JsonNode> answers = AtOnce.both(() -> saved(path, "12.60"), () -> saved(path, "12.61"));
            assertThat(answers).extracting(a -> a.path("readings").size()).contains(2);
            assertThat(answers.stream().map(a -> a.path("entries").asInt()).distinct())
                    .hasSameSizeAs(answers.stream()
                            .map(a -> a.path("readings").toString())
                            .distinct()
                            .toList());
        }
    }

    private static JsonNode saved(String path, String typed) throws Exception {
        return server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", typed))
                .body();
    }
}
