package app.dantro.server;

import static app.dantro.server.RunningServer.fresh;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
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
        Map<String, String> groups = new HashMap<>();
        view.path("parts")
                .forEach(p ->
                        groups.put(p.path("id").asText(), p.at("/group/name").asText()));
        assertThat(groups).containsEntry("battery-b", "Battery").containsEntry("starter-cable", "Supply side");
        assertThat(groups).containsEntry("charge-cable", "Charging, grounds and control");
    }

    @Test
    void whoeverWorksAloneSeesWhatIsIn() throws Exception {
        String path = server.openCase();
        JsonNode before = server.get(path).body().path("alone");
        assertThat(before).hasSize(5).noneMatch(leg -> leg.path("taken").asBoolean());
        assertThat(before.at("/2/cranks").asBoolean()).isTrue();
        Map<String, Object> lowest = RunningServer.reading("post-plus", "post-minus", "CRANKING", "9.8");
        lowest.put("statistic", "MINIMUM");
        JsonNode after = server.put(path + fresh("readings"), lowest).body().path("alone");
        assertThat(after.at("/2/taken").asBoolean()).isTrue();
        assertThat(after.at("/0/taken").asBoolean()).isFalse();
    }

    @Test
    void whatCustomersSayGoesOnRecordAsOffered() throws Exception {
        JsonNode intake = server.get("/api/intake").body();
        assertThat(intake.path("complaints").size()).isGreaterThan(10);
        for (JsonNode said : intake.path("complaints")) {
            Map<String, Object> opened = new HashMap<>(RunningServer.newCase());
            opened.put("complaint", said.path("words").asText());
            opened.put("concern", said.path("concern").asText());
            String path = "/api/cases/" + UUID.randomUUID();
            server.put(path, opened);
            Map<String, Object> statement = Map.of(
                    "topic",
                    said.path("topic").asText(),
                    "value",
                    said.path("value").asText(),
                    "note",
                    "",
                    "by",
                    "test",
                    "saidAtMs",
                    1);
            assertThat(server.put(path + fresh("statements"), statement).status())
                    .isLessThan(300);
        }
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

    @Test
    void whatWasAskedAndAnsweredGoesWithTheFile() throws Exception {
        String path = server.openCase();
        answered(path, RunningServer.reading("post-plus", "post-minus", "REST", "126"), "MEANT");
        answered(path, RunningServer.reading("post-plus", "motor-stud", "CRANKING", "0.02"), "NOT_CALLED");
        answered(path, RunningServer.reading("block", "post-minus", "CRANKING", "0.02"), "");
        server.put(path + fresh("readings"), RunningServer.cranking("post-plus", "post-minus", "11.57", 154));
        server.put(path + fresh("readings"), RunningServer.cranking("starter-case", "post-minus", "3.21", 154));
        JsonNode screen = judged(path);
        JsonNode file = server.get(path + "/file").body();
        assertThat(file.at("/readings/0/question/answer").asText()).isEqualTo("meant");
        assertThat(file.at("/readings/2/question").has("answer"))
                .as("left open")
                .isFalse();
        assertThat(server.post("/api/diagnose", file).body().path("headline")).isEqualTo(screen.path("headline"));
        String copied = file.toString();
        for (JsonNode reading : file.path("readings")) {
            copied = copied.replace(
                    reading.path("id").asText(), UUID.randomUUID().toString());
        }
        String other = "/api/cases/" + UUID.randomUUID();
        assertThat(server.putRaw(other + "/file?by=test", copied, "application/json", server.base())
                        .status())
                .isEqualTo(200);
        JsonNode taken = judged(other);
        assertThat(taken.path("headline")).isEqualTo(screen.path("headline"));
        assertThat(states(taken)).isEqualTo(states(screen));
        assertThat(states(taken)).containsExactly("COUNTS", "CONTROL", "ASKED", "COUNTS", "COUNTS");
    }

    private static void answered(String path, Map<String, Object> reading, String answer) throws Exception {
        String at = path + fresh("readings");
        JsonNode view = server.put(at, reading).body();
        JsonNode last = view.path("readings").get(view.path("readings").size() - 1);
        assertThat(last.path("state").asText()).as("%s is asked about", reading).isEqualTo("ASKED");
        if (!answer.isEmpty()) {
            assertThat(server.put(at + "/answer", Map.of("answer", answer, "by", "test"))
                            .status())
                    .isEqualTo(200);
        }
    }

    private static List<String> states(JsonNode view) {
        return StreamSupport.stream(view.path("readings").spliterator(), false)
                .map(r -> r.path("state").asText())
                .toList();
    }
}
