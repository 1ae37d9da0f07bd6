package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A vehicle that comes again brings along what is known of it. */
class VehicleApiTest extends OneServer {
    private static long opened = 1;

    private static final String NAME = "Hob_bing 100% tipper";

    @Test
    void aNewCaseOfAKnownVehicleTakesItsFiguresOverAndNotItsReadings() throws Exception {
        String first = open(Optional.empty());
        state(first, "RATED_AMPS", "95", 10);
        state(first, "RATED_AMPS", "110", 20);
        state(first, "SET_POINT", "14.4", 20);
        String cylinders = state(first, "CYLINDERS", "8", 20);
        state(first, "CRANK_SPEED", "180", 20);
        strike(first, cylinders);

        Answer known = server.get("/api/vehicles?name=" + "b_bing%20100%25");
        assertThat(known.body()).hasSize(1);
        assertThat(known.body().at("/0/figures").findValuesAsText("words")).containsExactly("110 A", "14.4 V");
        assertThat(known.body().at("/0/lastCase").asText()).isEqualTo(first);
        assertThat(server.get("/api/vehicles?name=b-bing").body()).isEmpty();

        String vehicle = known.body().at("/0/id").asText();
        String second = open(Optional.of(vehicle));
        assertThat(stated(second, "RATED_AMPS")).isEqualTo("110");
        assertThat(stated(second, "SET_POINT")).isEqualTo("14.4");
        assertThat(stated(second, "CYLINDERS")).isEmpty();
        assertThat(stated(second, "CRANK_SPEED")).isEmpty();
        assertThat(server.get("/api/vehicles?name=Hob_bing")
                        .body()
                        .at("/0/lastCase")
                        .asText())
                .isEqualTo(second);
    }

    @Test
    void theStrapThatCameBackIsSaidAndItsMilliohmsAreDrawn() throws Exception {
        String vehicle = "";
        for (long years = 0; years < 3; years++) {
            long at = System.currentTimeMillis() - (3 - years) * 200L * 24 * 3600 * 1000;
            String path = "/api/cases/" + UUID.randomUUID();
            Map<String, Object> body = body(Optional.of(vehicle).filter(v -> !v.isEmpty()));
            body.putAll(Map.of("vehicle", "Tamblin", "circuit", "petrol-body-return", "openedAtMs", at));
            server.put(path, body);
            vehicle = vehicle.isEmpty() ? path.substring(path.lastIndexOf('/') + 1) : vehicle;
            drop(path, "0.%d00".formatted(4 + years), at + 1000);
            server.put(
                    path + RunningServer.fresh("repairs"),
                    Map.of(
                            "part",
                            "strap-end-block",
                            "action",
                            "CLEANED",
                            "note",
                            "",
                            "by",
                            "t",
                            "doneAtMs",
                            at + 2000));
            drop(path, "0.030", at + 3000);
        }
        JsonNode page = server.get("/api/vehicles/" + vehicle).body();
        assertThat(page.path("here").asInt()).isEqualTo(3);
        assertThat(page.at("/again/0").asText()).contains("repaired for the third time in two years");
        JsonNode joint = page.at("/joints/0");
        assertThat(joint.path("part").asText()).isEqualTo("strap-end-block");
        assertThat(joint.path("repairs")).hasSize(3);
        assertThat(joint.at("/points/0/milliohms").asDouble()).isCloseTo(4.0, within(0.05));
        assertThat(joint.at("/points/1/milliohms").asDouble()).isCloseTo(0.3, within(0.01));
        assertThat(joint.path("points")).hasSize(6);
        String last = page.at("/visits/0/caseId").asText();
        JsonNode before = server.get("/api/vehicles/of-case/" + last).body();
        assertThat(before.at("/done/0").asText()).contains("repaired 2 times in two years");
        assertThat(server.get("/api/vehicles/of-case/" + UUID.randomUUID()).status())
                .isEqualTo(404);
    }

    private static void drop(String path, String typed, long at) throws Exception {
        Map<String, Object> drop = RunningServer.cranking("block", "strap-engine", typed, 100);
        drop.put("takenAtMs", at);
        assertThat(server.put(path + RunningServer.fresh("readings"), drop).status())
                .isEqualTo(201);
    }

    @Test
    void whatIsNotedOfAVehicleIsCheckedAndTheNewestCounts() throws Exception {
        Map<String, Object> noted = body(Optional.empty());
        noted.put("vehicle", "Noted van");
        String first = UUID.randomUUID().toString();
        server.put("/api/cases/" + first, noted);
        String details = "/api/vehicles/" + first + RunningServer.fresh("details");
        assertThat(server.put(details, detail("YEAR", "2014", 1)).status()).isEqualTo(201);
        assertThat(server.put(details, detail("YEAR", "2014", 1)).status()).isEqualTo(200);
        assertThat(server.put(details, detail("YEAR", "2015", 1)).status()).isEqualTo(409);
        String again = "/api/vehicles/" + first + RunningServer.fresh("details");
        server.put(again, detail("YEAR", "2016", 2));
        assertThat(server.get("/api/vehicles/" + first).body().path("details").findValuesAsText("value"))
                .contains("2016");
        for (String wrong :
                new String[] {"YEAR:14", "VIN:ABC", "VIN:1OOOOOOOOOOOOOOOO", "PLATE:😀", "PLATE:" + "x".repeat(21)}) {
            String[] said = wrong.split(":");
            Answer refused =
                    server.put("/api/vehicles/" + first + RunningServer.fresh("details"), detail(said[0], said[1], 3));
            assertThat(refused.status()).as(wrong).isEqualTo(400);
        }
        assertThat(server.put(
                                "/api/vehicles/" + UUID.randomUUID() + RunningServer.fresh("details"),
                                detail("YEAR", "2014", 1))
                        .status())
                .isEqualTo(404);
    }

    private static Map<String, Object> detail(String field, String value, long at) {
        return Map.of("field", field, "value", value, "by", "t", "saidAtMs", at);
    }

    @Test
    void aVehicleThatNobodyKnowsIsRefusedByItsField() throws Exception {
        Answer refused = server.put(
                "/api/cases/" + UUID.randomUUID(),
                body(Optional.of(UUID.randomUUID().toString())));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().toString()).contains("onVehicle");
    }

    private static Map<String, Object> body(Optional<String> vehicle) {
        Map<String, Object> body = new HashMap<>(
                Map.of("vehicle", NAME, "complaint", "a check", "circuit", "petrol-car", "concern", "CHARGING"));
        body.putAll(Map.of("celsius", 20, "by", "t", "openedAtMs", opened++));
        vehicle.ifPresent(v -> body.put("onVehicle", v));
        return body;
    }

    private static String open(Optional<String> vehicle) throws Exception {
        String id = UUID.randomUUID().toString();
        assertThat(server.put("/api/cases/" + id, body(vehicle)).status()).isEqualTo(201);
        return id;
    }

    private static String state(String caseId, String topic, String value, long at) throws Exception {
        String id = UUID.randomUUID().toString();
        Answer added = server.put(
                "/api/cases/%s/statements/%s".formatted(caseId, id),
                Map.of("topic", topic, "value", value, "note", "", "by", "t", "saidAtMs", at));
        assertThat(added.status()).isEqualTo(201);
        return id;
    }

    private static void strike(String caseId, String target) throws Exception {
        server.put(
                "/api/cases/%s/strikes/%s".formatted(caseId, UUID.randomUUID()),
                Map.of("target", target, "restores", false, "reason", "wrong car", "by", "t", "struckAtMs", 30));
    }

    private static String stated(String caseId, String topic) throws Exception {
        for (JsonNode statement : server.get("/api/cases/" + caseId).body().path("statements")) {
            if (statement.path("topic").asText().equals(topic)) {
                return statement.at("/stated/value").asText();
            }
        }
        throw new AssertionError("The case has no topic (%s).".formatted(topic));
    }
}
