package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Circuits of cases, and case files, over HTTP. */
class CircuitApiTest {
    private static final Path EXAMPLES = Path.of("..", "docs", "formats", "examples");
    private static final ObjectMapper MAPPER = new ObjectMapper();

    @TempDir
    static Path folder;

    private static RunningServer server;

    @BeforeAll
    static void start() throws Exception {
        server = RunningServer.on(folder);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

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

    @Test
    void aCaseFileOpensACaseOnceAndComesBackWithItsForeignData() throws Exception {
        for (String example : List.of("petrol-car.json", "spelled-out.json", "truck-24v.json")) {
            JsonNode file = MAPPER.readTree(Files.readString(EXAMPLES.resolve(example)));
            String path = "/api/cases/" + UUID.randomUUID();
            Answer opened = server.put(path + "/file?by=t", file);
            assertThat(opened.status()).as(opened.text("detail")).isEqualTo(200);
            assertThat(opened.body().path("vehicle").asText())
                    .isEqualTo(file.at("/vehicle/name").asText());
            assertThat(server.put(path + "/file?by=t", file).status()).isEqualTo(200);
            JsonNode back = server.get(path + "/file").body();
            assertThat(back.path("circuit")).isEqualTo(file.path("circuit"));
            assertThat(back.path("faults")).isEqualTo(file.path("faults"));
            assertThat(back.path("extensions")).isEqualTo(file.path("extensions"));
            assertThat(back.path("readings")).hasSameSizeAs(file.path("readings"));
        }
    }

    @Test
    void aChargingCaseWithoutAnAlternatorCanBeOpenedAndLeavesTheBayWhole() throws Exception {
        ObjectNode file = (ObjectNode) MAPPER.readTree(Files.readString(EXAMPLES.resolve("spelled-out.json")));
        ((ObjectNode) file.path("vehicle")).put("concern", "charging");
        ArrayNode devices = (ArrayNode) file.at("/circuit/devices");
        devices.remove(3);
        ArrayNode parts = (ArrayNode) file.at("/circuit/parts");
        parts.remove(5);
        parts.remove(4);
        ArrayNode points = (ArrayNode) file.at("/circuit/points");
        points.remove(6);
        points.remove(5);
        Answer opened = server.put("/api/cases/" + UUID.randomUUID() + "/file?by=t", file);
        assertThat(opened.status()).as(opened.text("detail")).isEqualTo(200);
        assertThat(opened.body().has("otherProfile")).isFalse();
        assertThat(server.get("/api/cases").status()).isEqualTo(200);
    }

    @Test
    void aBadCaseFileIsRefusedWithItsPath() throws Exception {
        String text = Files.readString(EXAMPLES.resolve("petrol-car.json")).replace("length_metres", "lenght_metres");
        Answer refused = server.put("/api/cases/" + UUID.randomUUID() + "/file?by=t", MAPPER.readTree(text));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().at("/fields/0/field").asText()).isEqualTo("$.circuit.changes.parts[0].lenght_metres");
    }

    @Test
    void predictsAndExportsWhatAFileStates() throws Exception {
        JsonNode file = MAPPER.readTree(Files.readString(EXAMPLES.resolve("motorcycle.json")));
        Answer prediction = server.post("/api/predict", file);
        assertThat(prediction.body().at("/conditions/raised_loaded/solved").asBoolean())
                .isTrue();
        assertThat(server.post("/api/netlist?condition=RAISED_LOADED", file)
                        .raw()
                        .body())
                .contains("Rframe_ground", ".end");
        assertThat(server.get(server.openCase() + "/netlist?condition=CRANKING")
                        .raw()
                        .body())
                .contains("Rstarter_cable");
    }

    @Test
    void aSimulatedVehiclesHiddenFaultIsInNoFile(@TempDir Path demo) throws Exception {
        try (RunningServer workshop = RunningServer.on(demo, "--dantro.demo=true")) {
            String path = "/api/cases/"
                    + workshop.get("/api/cases").body().at("/0/id").asText();
            assertThat(workshop.get(path + "/file").body().path("faults")).isEmpty();
            assertThat(workshop.get(path + "/netlist?condition=CRANKING").raw().body())
                    .contains("Rstrap_end_block n_block n_strap_engine 1.5E-4");
        }
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
