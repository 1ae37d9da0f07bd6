package app.dantro.server.job;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.OneServer;
import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** The Bay says what each case says, however often it is opened. */
class BayTest extends OneServer {
    @Test
    void aCardFollowsItsCaseAndTheOthersStay() throws Exception {
        String one = server.openCase();
        String other = server.openCase();
        server.put(other + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
        Map<String, JsonNode> before = cards();
        server.put(one + fresh("readings"), reading("post-plus", "post-minus", "REST", "11.80"));
        Map<String, JsonNode> after = cards();
        assertThat(after.get(id(other))).isEqualTo(before.get(id(other)));
        assertThat(after.get(id(one))).isNotEqualTo(before.get(id(one)));
        String strike = one + fresh("strikes");
        String reading = server.get(one).body().at("/readings/0/id").asText();
        Answer struck = server.put(
                strike, Map.of("target", reading, "restores", false, "reason", "slipped", "by", "t", "struckAtMs", 9));
        assertThat(struck.status()).isEqualTo(201);
        assertThat(cards().get(id(one)).path("headline"))
                .isEqualTo(before.get(id(one)).path("headline"));
    }

    /** Once the circuit of a case was worked out its card is judged, whichever case asked for it. */
    @Test
    void aCardSaysWhatTheOpenedCaseSays() throws Exception {
        String path = server.openCase();
        server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
        server.put(path + fresh("readings"), cranking("post-plus", "post-minus", "11.57", 154));
        server.put(path + fresh("readings"), cranking("starter-case", "post-minus", "3.21", 154));
        cards();
        String headline = "";
        for (int i = 0; i < 100; i++) {
            JsonNode shown = server.get(path).body();
            headline = shown.path("headline").asText();
            if (!shown.at("/judgement/preparing").asBoolean()) {
                break;
            }
            Thread.sleep(100);
        }
        assertThat(cards().get(id(path)).path("headline").asText()).isEqualTo(headline);
    }

    @Test
    void moreCasesThanAreKeptJudgedAreStillToldApart() throws Exception {
        Map<String, String> bases = new HashMap<>();
        for (int i = 0; i < 70; i++) {
            String path = server.openCase();
            String typed = "12.%02d".formatted(40 + i % 40);
            server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", typed));
            bases.put(id(path), typed);
        }
        Map<String, JsonNode> first = cards();
        Map<String, JsonNode> second = cards();
        assertThat(second).isEqualTo(first).containsKeys(bases.keySet().toArray(String[]::new));
    }

    private Map<String, JsonNode> cards() throws Exception {
        Map<String, JsonNode> all = new HashMap<>();
        server.get("/api/cases").body().forEach(card -> all.put(card.path("id").asText(), card));
        return all;
    }

    private static String id(String path) {
        return UUID.fromString(path.substring(path.lastIndexOf('/') + 1)).toString();
    }
}
