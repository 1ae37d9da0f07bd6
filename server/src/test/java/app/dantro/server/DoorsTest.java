package app.dantro.server;

import static app.dantro.server.RunningServer.fresh;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whichever door a case is looked at through, the same follows from it. */
class DoorsTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final Path WRITTEN = Path.of(
            "..", "core", "src", "test", "resources", "app", "dantro", "core", "procedure", "written-cases.txt");
    private static final Path SPELLED_OUT = Path.of("..", "docs", "formats", "examples", "spelled-out.json");
    /** No multiple of any step that a temperature might be rounded to. */
    private static final double CELSIUS = 22.3;

    @TempDir
    static Path folder;

    private static RunningServer server;

    @BeforeAll
    static void start() {
        server = RunningServer.on(folder);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @Test
    void everySeventhWrittenCaseIsTheSameAtEveryDoor() throws Exception {
        List<String> lines = lines();
        for (int i = 0; i < lines.size(); i += 7) {
            agree(lines.get(i).split(" \\| ")[0], written(lines.get(i)));
        }
    }

    @Tag("long")
    @Test
    void everyWrittenCaseIsTheSameAtEveryDoor() throws Exception {
        for (String line : lines()) {
            agree(line.split(" \\| ")[0], written(line));
        }
    }

    /** The written cases, those on one circuit together. */
    private static List<String> lines() throws IOException {
        return Files.readAllLines(WRITTEN).stream()
                .filter(l -> !l.startsWith("#"))
                .sorted(Comparator.comparing(l -> l.split(" \\| ")[1]))
                .toList();
    }

    @Test
    void aCircuitThatIsSpelledOutIsJudgedToo() throws Exception {
        agree("spelled out", (ObjectNode) JSON.readTree(Files.readString(SPELLED_OUT)));
    }

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

    private static void agree(String name, ObjectNode file) throws Exception {
        String path = "/api/cases/" + UUID.randomUUID();
        Answer opened = server.put(path + "/file?by=test", file);
        assertThat(opened.status()).as(name + ": " + opened.body()).isEqualTo(200);
        takeAsRead(path, opened.body());
        JsonNode screen = judged(path);
        JsonNode diagnosis =
                server.post("/api/diagnose", server.get(path + "/file").body()).body();
        assertThat(diagnosis.path("headline")).as(name).isEqualTo(screen.path("headline"));
        assertThat(diagnosis.at("/next/title")).as(name).isEqualTo(screen.at("/next/title"));
        assertThat(diagnosis.path("healthy_probability").asDouble())
                .as(name)
                .isEqualTo(Math.rint(screen.at("/judgement/healthy").asDouble() * 1e6) / 1e6);
        assertThat(standings(diagnosis)).as(name).isEqualTo(standings(screen));
        JsonNode card = StreamSupport.stream(server.get("/api/cases").body().spliterator(), false)
                .filter(c -> path.endsWith(c.path("id").asText()))
                .findFirst()
                .orElseThrow();
        assertThat(card.path("headline")).as(name).isEqualTo(screen.path("headline"));
        assertThat(card.path("nextTitle")).as(name).isEqualTo(screen.at("/next/title"));
        if (screen.path("concern").asText().equals("CHARGING")) {
            JsonNode row = row(server.get("/api/run-sheet").body(), path);
            assertThat(row.toString())
                    .as(name)
                    .contains(screen.at("/next/title").asText());
        }
        assertThat(server.get(path + "/limits").status()).as(name).isEqualTo(200);
    }

    /** A file's readings are taken as they were meant; the screen asks first. */
    private static void takeAsRead(String path, JsonNode view) throws Exception {
        for (JsonNode reading : view.path("readings")) {
            for (JsonNode choice : reading.at("/slip/choices")) {
                String answer = choice.path("answer").asText();
                if (answer.equals("AS_READ") || answer.equals("CALLED")) {
                    server.put(
                            path + "/readings/" + reading.path("id").asText() + "/answer",
                            Map.of("answer", answer, "by", "test"));
                }
            }
        }
    }

    private static Map<String, String> standings(JsonNode view) {
        Map<String, String> standings = new HashMap<>();
        for (JsonNode part : view.path("parts")) {
            String id = part.path("part").isMissingNode()
                    ? part.path("id").asText()
                    : part.path("part").asText();
            standings.put(id, part.path("standing").asText().toUpperCase(Locale.ROOT));
        }
        return standings;
    }

    private static JsonNode judged(String path) throws IOException, InterruptedException {
        for (int i = 0; i < 600; i++) {
            JsonNode view = server.get(path).body();
            if (!view.at("/judgement/preparing").asBoolean()) {
                return view;
            }
            Thread.sleep(50);
        }
        throw new AssertionError("The circuit of (%s) was not ready in 30 s.".formatted(path));
    }

    private static JsonNode row(JsonNode sheet, String path) {
        JsonNode rows = sheet.isArray() ? sheet : sheet.path("rows");
        return StreamSupport.stream(rows.spliterator(), false)
                .filter(r -> r.toString().contains(path.substring(path.lastIndexOf('/') + 1)))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No row for (%s) in %s".formatted(path, sheet)));
    }

    private static ObjectNode written(String line) {
        String[] field = line.split(" \\| ");
        ObjectNode file = JSON.createObjectNode().put("format", "dantro-case").put("version", 1);
        file.putObject("vehicle")
                .put("name", field[0].substring(0, Math.min(60, field[0].length())))
                .put("complaint", "as written")
                .put("concern", field[2].toLowerCase(Locale.ROOT));
        file.putObject("state").put("celsius", CELSIUS);
        file.putObject("circuit").put("ready_made", field[1]);
        ArrayNode readings = file.putArray("readings");
        long at = 1_790_000_000_000L;
        for (String one : field[3].split("; ")) {
            String[] word = one.split(" ");
            ObjectNode reading = readings.addObject()
                    .put("red", word[0].split(">")[0])
                    .put("black", word[0].split(">")[1])
                    .put("condition", word[1].toLowerCase(Locale.ROOT))
                    .put("typed", word[2])
                    .put("taken_at_ms", at);
            at += 60_000;
            if (word.length > 3) {
                reading.put("amps", Double.parseDouble(word[3])).put("amps_known_by", "clamp");
            }
        }
        return file;
    }
}
