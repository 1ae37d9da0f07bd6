package app.dantro.server;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Own limits by version, pictures, and currents by other ways than a plain clamp. */
class ShopApiTest extends OneRestedCase {
    @Test
    void aReadingKeepsTheVersionOfAnOwnSetThatWasInForce() throws Exception {
        server.put("/api/shop/limit-sets/" + UUID.randomUUID(), set("Our vans", 0.15));
        Map<String, Object> read = cranking("starter-case", "post-minus", "0.18", 155);
        read.put("takenAtMs", System.currentTimeMillis() + 1);
        server.put(path + fresh("readings"), read);
        Thread.sleep(5);
        Answer second = server.put("/api/shop/limit-sets/" + UUID.randomUUID(), set("Our vans", 0.30));
        assertThat(second.body().at("/0/version").asInt()).isEqualTo(2);
        JsonNode kept = ruling("Our vans, version 1");
        assertThat(kept.path("verdict").asText()).isEqualTo("FAILS");
        Map<String, Object> later = cranking("starter-case", "post-minus", "0.18", 155);
        later.put("takenAtMs", System.currentTimeMillis() + 60_000);
        server.put(path + fresh("readings"), later);
        assertThat(ruling("Our vans, version 2").path("verdict").asText()).isEqualTo("PASSES");
        Map<String, Object> withdrawn = set("Our vans", 0.30);
        withdrawn.remove("returnVolts");
        assertThat(server.put("/api/shop/limit-sets/" + UUID.randomUUID(), withdrawn)
                        .body())
                .isEmpty();
    }

    @Test
    void oneIdIsOneEntry() throws Exception {
        String id = "/api/shop/limit-sets/" + UUID.randomUUID();
        assertThat(server.put(id, set("Once", 0.21)).status()).isEqualTo(200);
        assertThat(server.put(id, set("Once", 0.21)).status()).as("sent again").isEqualTo(200);
        assertThat(server.put(id, set("Once", 0.22)).status()).isEqualTo(409);
        Map<String, Object> withdrawn = set("Once", 0.21);
        withdrawn.remove("returnVolts");
        server.put("/api/shop/limit-sets/" + UUID.randomUUID(), withdrawn);
        String choice = "/api/shop/schools/" + UUID.randomUUID();
        Map<String, Object> none = Map.of("loop", "STARTING", "school", "", "reason", "", "by", "t", "chosenAtMs", 5);
        assertThat(server.put(choice, none).status()).isEqualTo(200);
        assertThat(server.put(choice, none).status()).as("sent again").isEqualTo(200);
        Map<String, Object> other = Map.of("loop", "CHARGING", "school", "", "reason", "", "by", "t", "chosenAtMs", 5);
        assertThat(server.put(choice, other).status()).isEqualTo(409);
    }

    @Test
    void anOwnSetThatCannotBeSaysWhatWouldBeRight() throws Exception {
        Answer taken = server.put("/api/shop/limit-sets/" + UUID.randomUUID(), set("By size, car", 0.2));
        assertThat(taken.status()).isEqualTo(400);
        assertThat(taken.text("detail")).contains("called (By size, car) already");
        Answer large = server.put("/api/shop/limit-sets/" + UUID.randomUUID(), set("Ours", 25));
        assertThat(large.text("detail")).contains("must lie in 0.005 … 3 V");
    }

    @Test
    void aClampOnAMeterAndAKnownCableBothBecomeAmperes() throws Exception {
        Map<String, Object> clamp = cranking("starter-case", "post-minus", "0.18", 1550.4);
        clamp.put("ammeter", Map.of("how", "CLAMP", "millivoltsPerAmp", 10, "zero", 0.4));
        assertThat(server.put(path + fresh("readings"), clamp)
                        .body()
                        .at("/readings/1/amps")
                        .asDouble())
                .isEqualTo(155);
        Map<String, Object> shunt = cranking("starter-case", "post-minus", "0.18", 80);
        shunt.put("ammeter", Map.of("how", "CABLE_AS_SHUNT", "in", "starter-cable"));
        JsonNode saved = server.put(path + fresh("readings"), shunt).body().at("/readings/2");
        assertThat(saved.path("ampsKnownBy").asText()).isEqualTo("drop of a known cable: starter cable");
        assertThat(saved.at("/drop/answer").asText()).isEqualTo("CERTIFIED");
        Map<String, Object> joint = cranking("starter-case", "post-minus", "0.18", 80);
        joint.put("ammeter", Map.of("how", "CLAMP", "in", "strap-end-block"));
        assertThat(server.put(path + fresh("readings"), joint).text("detail")).contains("Choose a cable or strap");
    }

    @Test
    void theCaseFileTellsAllThatTheJudgementRestsOn() throws Exception {
        server.put(path + fresh("readings"), cranking("starter-case", "post-minus", "3.20", 150));
        server.put(path + fresh("readings"), cranking("block", "strap-engine", "3.03", 150));
        server.put(
                path + fresh("repairs"),
                Map.of(
                        "part",
                        "strap-end-block",
                        "action",
                        "CLEANED",
                        "note",
                        "green",
                        "by",
                        "test",
                        "doneAtMs",
                        1_790_000_000_000L));
        server.put(
                path + fresh("statements"),
                Map.of("topic", "CHEMISTRY", "value", "AGM", "note", "", "by", "test", "saidAtMs", 1_790_000_000_001L));
        String file = server.get(path + "/file").raw().body();
        assertThat(file).contains("\"action\" : \"cleaned\"", "\"topic\" : \"chemistry\"");
        JsonNode diagnosis =
                server.post("/api/diagnose", new ObjectMapper().readTree(file)).body();
        assertThat(diagnosis.at("/next/title").asText()).isEqualTo("Retest across the strap end on the block");
        JsonNode onScreen = server.get(path).body();
        while (onScreen.at("/judgement/preparing").asBoolean()) {
            Thread.sleep(50);
            onScreen = server.get(path).body();
        }
        assertThat(diagnosis.path("headline")).isEqualTo(onScreen.path("headline"));
        assertThat(diagnosis.at("/next/title")).isEqualTo(onScreen.at("/next/title"));
    }

    private JsonNode ruling(String school) throws Exception {
        JsonNode rows = server.get(path + "/limits").body().at("/table/rows");
        for (JsonNode row : rows) {
            for (JsonNode ruling : row.path("rulings")) {
                if (ruling.path("school").asText().equals(school)) {
                    return ruling;
                }
            }
        }
        throw new AssertionError("No ruling by (%s) in %s".formatted(school, rows));
    }

    private static Map<String, Object> set(String name, double returnVolts) {
        return new HashMap<>(Map.of(
                "loop",
                "STARTING",
                "name",
                name,
                "returnVolts",
                returnVolts,
                "source",
                "measured on ten good ones",
                "by",
                "test"));
    }
}
