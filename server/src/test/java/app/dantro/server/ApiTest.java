package app.dantro.server;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Readings, repairs and cases over HTTP: what is sent is kept once and comes back with what follows. */
class ApiTest extends OneCase {
    @Test
    void aSavedReadingComesBackWithFindingsAndTheNextProbe() throws Exception {
        Answer answer = server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.body().at("/readings/0/typed").asText()).isEqualTo("12.60");
        assertThat(answer.body().at("/readings/0/state").asText()).isEqualTo("COUNTS");
        assertThat(answer.body().at("/next/kind").asText()).isEqualTo("MEASURE");
        assertThat(answer.body().at("/next/probe/red/id").asText()).isNotEmpty();
        assertThat(server.get(path).body().at("/readings"))
                .isEqualTo(answer.body().at("/readings"));
    }

    @Test
    void aRepeatedSendDoesNoHarmAndAnotherContentIsAConflict() throws Exception {
        String readingPath = path + fresh("readings");
        Map<String, Object> body = cranking("starter-case", "post-minus", "0.18", 155);
        assertThat(server.put(readingPath, body).status()).isEqualTo(201);
        Answer again = server.put(readingPath, body);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().path("readings")).hasSize(1);
        body.put("typed", "0.19");
        Answer other = server.put(readingPath, body);
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.text("code")).isEqualTo("conflict");
        assertThat(server.get(path).body().at("/readings/0/typed").asText()).isEqualTo("0.18");
    }

    @Test
    void theOrderOfArrivalChangesNothing() throws Exception {
        Map<String, Object> base = reading("post-plus", "post-minus", "REST", "12.60");
        Map<String, Object> crank = cranking("post-plus", "post-minus", "11.60", 155);
        String other = server.openCase();
        server.put(path + fresh("readings"), base);
        server.put(path + fresh("readings"), crank);
        server.put(other + fresh("readings"), crank);
        server.put(other + fresh("readings"), base);
        JsonNode inOrder = JudgedCases.judged(path);
        JsonNode reversed = JudgedCases.judged(other);
        assertThat(reversed.path("parts").findValuesAsText("standing"))
                .isEqualTo(inOrder.path("parts").findValuesAsText("standing"));
        assertThat(reversed.path("headline")).isEqualTo(inOrder.path("headline"));
    }

    @Test
    void aRealVehicleHasNothingForTheSimulatedMeter() throws Exception {
        Answer answer = server.get(path + "/simulated-meter?red=post-plus&black=post-minus&condition=REST");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.text("detail")).contains("real vehicle");
    }

    @Test
    void anyTwoPointsHaveAnExpectation() throws Exception {
        Answer answer = server.get(path + "/expectation?red=block&black=strap-engine&condition=CRANKING");
        assertThat(answer.body().path("goodVolts").asDouble()).isBetween(0.01, 0.05);
        assertThat(server.get(path + "/expectation?red=block&black=block&condition=CRANKING")
                        .status())
                .isEqualTo(400);
    }
}
