package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Circuits of cases, and case files, over HTTP. */
class CircuitApiTest extends OneServer {
    @Test
    void aPreviewCountsWithAChangeAndKeepsNothing() throws Exception {
        String path = server.openCase();
        Answer before = server.get(path + "/circuit");
        Answer preview = server.post(
                path + "/circuit/preview",
                Map.of(
                        "edits",
                        List.of(Map.of("operation", "CHANGE_PART", "part", "starter-cable", "lengthMetres", 4))));
        assertThat(preview.status()).isEqualTo(200);
        assertThat(cranking(preview, "starter-cable")).isGreaterThan(3.5 * cranking(before, "starter-cable"));
        assertThat(server.get(path + "/circuit").body()).isEqualTo(before.body());
    }

    @Test
    void aSavedChangeIsANewVersionThatTheWorkbenchCountsWith() throws Exception {
        String path = server.openCase();
        String expectation = path + "/expectation?red=battery-stud&black=post-plus&condition=CRANKING";
        double before = server.get(expectation).body().at("/expected/volts").asDouble();
        Map<String, Object> body = Map.of(
                "edits",
                List.of(Map.of("operation", "CHANGE_PART", "part", "starter-cable", "areaSquareMetres", 16e-6)),
                "by",
                "t",
                "changedAtMs",
                5);
        Answer saved = server.put(path + "/circuit/2", body);
        assertThat(saved.status()).isEqualTo(200);
        assertThat(saved.body().path("version").asInt()).isEqualTo(2);
        assertThat(server.get(path).body().path("circuitVersion").asInt()).isEqualTo(2);
        assertThat(server.get(expectation).body().at("/expected/volts").asDouble())
                .isLessThan(1.3 * before);
        assertThat(server.put(path + "/circuit/2", body).status()).isEqualTo(409);
    }

    @Test
    void aVehicleThatCameBeforeComesWithTheCircuitItHadThen() throws Exception {
        String first = server.openCase();
        server.put(
                first + "/circuit/2",
                Map.of(
                        "edits",
                        List.of(Map.of("operation", "CHANGE_PART", "part", "starter-cable", "lengthMetres", 4)),
                        "by",
                        "t",
                        "changedAtMs",
                        5));
        String again = "/api/cases/" + UUID.randomUUID();
        Map<String, Object> body = Map.of(
                "vehicle", "same van",
                "complaint", "slow",
                "circuit", "petrol-car",
                "circuitOf", first.substring(first.lastIndexOf('/') + 1),
                "concern", "STARTING",
                "celsius", 20,
                "by", "t",
                "openedAtMs", 9);
        assertThat(server.put(again, body).status()).isEqualTo(201);
        assertThat(server.put(again, body).status()).isEqualTo(200);
        assertThat(cranking(server.get(again + "/circuit"), "starter-cable"))
                .isEqualTo(cranking(server.get(first + "/circuit"), "starter-cable"));
    }

    @Test
    void refusesWhatCannotWorkAndNamesIt() throws Exception {
        String path = server.openCase();
        assertThat(previewed(path, Map.of("operation", "CHANGE_PART", "part", "starter-cable", "lengthMetres", -1)))
                .contains("length (-1.0 m)");
        assertThat(previewed(path, Map.of("operation", "CHANGE_PART", "part", "moon", "lengthMetres", 1)))
                .contains("(moon)");
        assertThat(previewed(path, Map.of("operation", "LEAVE_OUT", "point", "clamp-minus")))
                .doesNotContain("clamp-minus) cannot");
        assertThat(previewed(path, Map.of("operation", "LEAVE_OUT", "point", "motor-stud")))
                .contains("the starter is connected there");
        server.put(
                path + RunningServer.fresh("readings"),
                RunningServer.reading("cable-end-battery", "post-minus", "REST", "12.6"));
        assertThat(previewed(path, Map.of("operation", "LEAVE_OUT", "point", "cable-end-battery")))
                .contains("has readings in this case and stays");
        assertThat(server.get("/api/cable-size?metres=-1&amps=100&allowedVolts=0.2&celsius=20")
                        .text("detail"))
                .contains("length");
    }

    @Test
    void sizesACable() throws Exception {
        Answer sized = server.get("/api/cable-size?metres=1.2&amps=350&allowedVolts=0.15&celsius=20");
        // 1.724e-8 · 1.2 · 350 / 0.15
        assertThat(sized.body().path("leastSquareMetres").asDouble()).isBetween(48.2e-6, 48.4e-6);
        assertThat(sized.body().at("/sizes/0/squareMetres").asDouble()).isEqualTo(50e-6);
        assertThat(sized.body().at("/sizes/0/gauge").asText()).isEqualTo("AWG 1/0");
    }

    private static String previewed(String path, Map<String, Object> edit) throws Exception {
        return server.post(path + "/circuit/preview", Map.of("edits", List.of(edit)))
                .text("detail");
    }

    private static double cranking(Answer circuit, String part) {
        for (JsonNode run : circuit.body().path("runs")) {
            for (JsonNode line : run.path("parts")) {
                if (line.path("id").asText().equals(part)) {
                    return line.at("/cranking/volts").asDouble();
                }
            }
        }
        throw new AssertionError("no part " + part);
    }
}
