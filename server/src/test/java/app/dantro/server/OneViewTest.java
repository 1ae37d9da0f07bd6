package app.dantro.server;

import static app.dantro.server.RunningServer.fresh;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What one view shows counts in every other. */
class OneViewTest extends JudgedCases {
    @Test
    void theBatteriesOfATwinAreKnownAsBatteries() throws Exception {
        String path = "/api/cases/" + UUID.randomUUID();
        Map<String, Object> opened = new HashMap<>(RunningServer.newCase());
        opened.put("circuit", "twin-battery-diesel");
        server.put(path, opened);
        JsonNode view = judged(path);
        Map<String, String> devices = new HashMap<>();
        view.path("parts")
                .forEach(
                        p -> devices.put(p.path("id").asText(), p.path("device").asText()));
        assertThat(devices).containsEntry("battery-a", "BATTERY").containsEntry("battery-b", "BATTERY");
        assertThat(devices).containsEntry("starter", "STARTER").containsEntry("alternator", "ALTERNATOR");
    }

    @Test
    void theShopsOwnSetCountsInEveryView() throws Exception {
        server.put(
                "/api/shop/limit-sets/" + UUID.randomUUID(),
                Map.of("loop", "CHARGING", "name", "Strict", "supplyVolts", 0.05, "source", "ours", "by", "test"));
        server.put(
                "/api/shop/limit-sets/" + UUID.randomUUID(),
                Map.of("loop", "STARTING", "name", "Strict", "supplyVolts", 0.05, "source", "ours", "by", "test"));
        String path = "/api/cases/" + UUID.randomUUID();
        Map<String, Object> opened = new HashMap<>(RunningServer.newCase());
        opened.put("concern", "CHARGING");
        opened.put("circuit", "petrol-car");
        opened.put("openedAtMs", 1);
        server.put(path, opened);
        Map<String, Object> supply = RunningServer.reading("bplus", "post-plus", "RAISED_LOADED", "0.130");
        supply.put("amps", 76);
        server.put(path + fresh("readings"), supply);
        server.put(path + fresh("readings"), RunningServer.cranking("post-plus", "motor-stud", "0.180", 155));
        JsonNode view = judged(path);
        assertThat(view.at("/readings").toString()).contains("Strict, version 1");
        assertThat(server.get(path + "/limits").body().path("table").toString()).contains("Strict, version 1");
        JsonNode row = row(server.get("/api/run-sheet").body(), path);
        assertThat(row.toString()).as("one passes it, the shop's own does not").contains("PARTED");
    }
}
