package app.dantro.server;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;

/** What only the Proof shows is worked out when it is looked at, and says what the judgement came to. */
class ProofApiTest extends JudgedCases {
    @Test
    void aSuspectPartIsToldInDetailAndAnAnswerToASaveCarriesNoneOfIt() throws Exception {
        String path = server.openCase();
        server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.6"));
        server.put(path + fresh("readings"), cranking("post-plus", "post-minus", "10.4", 150));
        server.put(path + fresh("readings"), cranking("post-plus", "motor-stud", "0.15", 150));
        JsonNode saved = server.put(path + fresh("readings"), cranking("starter-case", "block", "0.90", 150))
                .body();
        JsonNode view = judged(path);
        assertThat(saved.findValues("influences")).isEmpty();
        assertThat(saved.findValues("resistance")).isEmpty();

        JsonNode proof = server.get(path + "/proof").body();
        JsonNode mount = part(proof, "starter-mount");
        assertThat(mount.at("/resistance/medianOhms").asDouble()).isBetween(0.005, 0.007);
        assertThat(mount.at("/influences/0/without").asDouble())
                .as("one reading carries it, the one across it")
                .isLessThan(
                        part(view, "starter-mount", "id").path("probability").asDouble());
        assertThat(mount.at("/influences/0/reading").asText())
                .isEqualTo(saved.at("/readings").findValuesAsText("id").get(3));
        assertThat(part(proof, "battery").path("resistance").isMissingNode())
                .as("no wiring")
                .isTrue();
        assertThat(proof.has("learned")).as("this shop has none yet").isFalse();
        assertThat(server.get(path + "/proof").body()).isEqualTo(proof);
    }

    @Test
    void beforeAnythingIsReadThereIsNothingToTell() throws Exception {
        String path = server.openCase();
        judged(path);
        JsonNode proof = server.get(path + "/proof").body();
        assertThat(proof.path("parts")).isNotEmpty();
        assertThat(proof.findValues("resistance")).isEmpty();
        assertThat(proof.findValuesAsText("reading")).isEmpty();
        assertThat(server.get("/api/cases/00000000-0000-0000-0000-000000000001/proof")
                        .status())
                .isEqualTo(404);
    }

    private static JsonNode part(JsonNode proof, String id) {
        return part(proof, id, "part");
    }

    private static JsonNode part(JsonNode in, String id, String field) {
        return StreamSupport.stream(in.path("parts").spliterator(), false)
                .filter(p -> p.path(field).asText().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
