package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DemoTest {

    @Test
    void hasACaseInEachStageAndTheVanLeadsToItsHiddenFault(@TempDir Path folder) throws Exception {
        try (RunningServer server = RunningServer.on(folder, "--dantro.demo=true")) {
            Answer cases = server.get("/api/cases");
            assertThat(cases.body().findValuesAsText("stage")).contains("FRESH", "WALK", "RETEST");
            assertThat(server.get("/api/log").body().path("cases").findValuesAsText("stageWords"))
                    .contains("Verified");
            // What is due comes first.
            assertThat(cases.body().at("/0/onVehicle/due").asText()).isNotEmpty();
            String path = van(server);
            Answer now = server.get(path);
            for (int i = 0; i < 20 && now.body().at("/next/kind").asText().equals("MEASURE"); i++) {
                now = measure(server, path, now);
            }
            assertThat(now.body().at("/next/part").asText()).isEqualTo("strap-end-block");
            assertThat(now.body().path("readings")).hasSizeLessThanOrEqualTo(8);
            assertThat(now.body().at("/readings/0/source").asText()).isEqualTo("SIMULATED");
        }
    }

    @Test
    void theSameCaseWithAsManyReadingsShowsTheSameDisplay(@TempDir Path folder) throws Exception {
        try (RunningServer server = RunningServer.on(folder, "--dantro.demo=true")) {
            String meter = van(server) + "/simulated-meter?red=starter-case&black=post-minus&condition=CRANKING";
            Answer display = server.get(meter);
            assertThat(server.get(meter).body()).isEqualTo(display.body());
            assertThat(display.body().path("amps").asDouble()).isBetween(100.0, 250.0);
            assertThat(display.body().has("seed")).isTrue();
        }
    }

    private static String van(RunningServer server) throws Exception {
        for (JsonNode card : server.get("/api/cases").body()) {
            if (card.path("vehicle").asText().equals("Tamblin 14 box van")) {
                return "/api/cases/" + card.path("id").asText();
            }
        }
        throw new AssertionError("The van is not in the Bay");
    }

    /** Reads the simulated meter where the program asks, and saves what it shows. */
    private static Answer measure(RunningServer server, String path, Answer now) throws Exception {
        String red = now.body().at("/next/probe/red/id").asText();
        String black = now.body().at("/next/probe/black/id").asText();
        String condition = now.body().at("/next/probe/condition").asText();
        Answer display =
                server.get(path + "/simulated-meter?red=%s&black=%s&condition=%s".formatted(red, black, condition));
        Map<String, Object> body = new HashMap<>(RunningServer.reading(red, black, condition, display.text("typed")));
        body.put("source", "SIMULATED");
        body.put("range", display.text("range"));
        if (display.body().has("amps")) {
            body.put("amps", display.body().path("amps").asDouble());
        }
        Answer saved = server.put(path + RunningServer.fresh("readings"), body);
        assertThat(saved.status()).isEqualTo(201);
        return saved;
    }
}
