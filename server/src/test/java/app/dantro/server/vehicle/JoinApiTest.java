package app.dantro.server.vehicle;

import static app.dantro.server.RunningServer.fresh;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.OneServer;
import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A vehicle that was entered twice, and is taken apart again. */
class JoinApiTest extends OneServer {
    private static String vehicle(String name, String figure) throws Exception {
        String id = UUID.randomUUID().toString();
        Map<String, Object> body = RunningServer.newCase();
        body.put("vehicle", name);
        server.put("/api/cases/" + id, body);
        server.put(
                "/api/cases/" + id + fresh("statements"),
                Map.of(
                        "topic",
                        "MAKER_DRAW",
                        "value",
                        figure,
                        "note",
                        "",
                        "by",
                        "t",
                        "saidAtMs",
                        body.get("openedAtMs")));
        return id;
    }

    private static int join(String vehicle, String into) throws Exception {
        return server.put("/api/vehicles/" + vehicle + fresh("joins"), Map.of("into", into, "by", "t", "saidAtMs", 5))
                .status();
    }

    private static int plate(String vehicle, String plate, boolean evenSo) throws Exception {
        return server.put(
                        "/api/vehicles/" + vehicle + fresh("details"),
                        Map.of("field", "PLATE", "value", plate, "evenSo", evenSo, "by", "t", "saidAtMs", 1))
                .status();
    }

    private static JsonNode named(String piece) throws Exception {
        return server.get("/api/vehicles?name=" + piece).body();
    }

    /** The vehicles of the cases with a word, once every line is made. */
    private static List<String> logged(String word) throws Exception {
        JsonNode page = server.get("/api/log?words=" + word).body();
        for (int i = 0; i < 100 && page.path("settling").asBoolean(); i++) {
            Thread.sleep(100);
            page = server.get("/api/log?words=" + word).body();
        }
        return page.path("cases").findValuesAsText("vehicle");
    }

    private static int here(String vehicle) throws Exception {
        return server.get("/api/vehicles/" + vehicle).body().path("here").asInt();
    }

    @Test
    void theSamePlateIsAskedAboutAndJoinedVehiclesAreOne() throws Exception {
        String quad = vehicle("Quarry quad", "140");
        String again = vehicle("Quad of the quarry", "150");
        assertThat(plate(quad, "QQ 12 ABC", false)).isEqualTo(201);
        assertThat(plate(again, "qq-12abc", false)).isEqualTo(409);
        assertThat(plate(again, "qq-12abc", true)).isEqualTo(201);
        JsonNode alike = server.get("/api/vehicles/" + quad).body().path("alike");
        assertThat(alike.findValuesAsText("id")).containsExactly(again);
        assertThat(join(again, quad)).isEqualTo(201);

        JsonNode page = server.get("/api/vehicles/" + again).body();
        assertThat(page.path("id").asText()).isEqualTo(quad);
        assertThat(page.path("name").asText()).isEqualTo("Quarry quad");
        assertThat(page.path("here").asInt()).isEqualTo(2);
        assertThat(page.at("/joined/0/id").asText()).isEqualTo(again);
        assertThat(page.path("alike")).isEmpty();
        assertThat(page.path("stated").toString()).contains("150 A");
        assertThat(named("Quad%20of").findValuesAsText("id")).containsExactly(quad);
        assertThat(logged("qq12")).containsExactly("Quarry quad", "Quarry quad");

        assertThat(join(again, again)).isEqualTo(201);
        assertThat(here(quad)).isEqualTo(1);
        assertThat(here(again)).isEqualTo(1);
        assertThat(named("Quad%20of").findValuesAsText("id")).containsExactly(again);
    }

    @Test
    void whatWasJoinedBeforeGoesAlongAndComesBackAlong() throws Exception {
        String one = vehicle("Mill tipper", "1" + "60");
        String two = vehicle("Mill tipper II", "160");
        String three = vehicle("Mill tipper III", "160");
        join(one, two);
        assertThat(join(one, three)).isEqualTo(409);
        assertThat(join(three, one)).isEqualTo(400);
        assertThat(join(two, three)).isEqualTo(201);
        assertThat(here(one)).isEqualTo(3);
        assertThat(join(two, two)).isEqualTo(201);
        assertThat(here(one)).isEqualTo(2);
        assertThat(here(three)).isEqualTo(1);
        assertThat(join(three, three)).isEqualTo(409);
        assertThat(join(UUID.randomUUID().toString(), three)).isEqualTo(404);
    }

    @Test
    void anOdometerThatRunsBackwardsIsAskedAboutUntilSomebodySaysWhy() throws Exception {
        String first = vehicle("Dale loader", "300");
        String second = UUID.randomUUID().toString();
        Map<String, Object> body = RunningServer.newCase();
        body.put("openedAtMs", (long) body.get("openedAtMs") + 1000);
        body.put("onVehicle", first);
        server.put("/api/cases/" + second, body);
        state(first, "ODOMETER", "60000 mi");
        state(second, "ODOMETER", "90 000");
        String before = "/api/vehicles/of-case/" + second;
        assertThat(server.get(before).body().path("odometer").asText())
                .contains("96561 km (60000 mi)")
                .contains("90000 km now");
        state(second, "ODOMETER_REPLACED", "YES");
        assertThat(server.get(before).body().path("odometer").asText()).isEmpty();
    }

    private static void state(String caseId, String topic, String value) throws Exception {
        assertThat(server.put(
                                "/api/cases/" + caseId + fresh("statements"),
                                Map.of("topic", topic, "value", value, "note", "", "by", "t", "saidAtMs", 9))
                        .status())
                .isEqualTo(201);
    }
}
