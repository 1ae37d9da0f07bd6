package app.dantro.server.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.server.OneServer;
import app.dantro.server.RunningServer;
import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What the visits of one vehicle tell of it. */
class VehiclePageTest extends OneServer {
    @Test
    void theStrapThatCameBackIsSaidAndItsMilliohmsAreDrawn() throws Exception {
        String vehicle = "";
        for (long years = 0; years < 3; years++) {
            long at = System.currentTimeMillis() - (3 - years) * 200L * 24 * 3600 * 1000;
            String path = "/api/cases/" + UUID.randomUUID();
            Map<String, Object> body = body(vehicle);
            body.put("openedAtMs", at);
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
        Map<String, Object> noted = body("");
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

    /** @param vehicle a known one; empty for a new one */
    private static Map<String, Object> body(String vehicle) {
        Map<String, Object> body = RunningServer.newCase();
        if (!vehicle.isEmpty()) {
            body.put("onVehicle", vehicle);
        }
        return body;
    }
}
