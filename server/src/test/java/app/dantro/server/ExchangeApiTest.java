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
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Open formats over HTTP. */
class ExchangeApiTest extends OneServer {
    private static final Path EXAMPLES = Path.of("..", "docs", "formats", "examples");

    private static final ObjectMapper MAPPER = new ObjectMapper();

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
            String path = StreamSupport.stream(workshop.get("/api/cases").body().spliterator(), false)
                    .filter(card -> card.path("vehicle").asText().startsWith("Tamblin"))
                    .map(card -> "/api/cases/" + card.path("id").asText())
                    .findFirst()
                    .orElseThrow();
            assertThat(workshop.get(path + "/file").body().path("faults")).isEmpty();
            assertThat(workshop.get(path + "/netlist?condition=CRANKING").raw().body())
                    .contains("Rstrap_end_block n_block n_strap_engine 1.5E-4");
        }
    }
}
