package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Whichever door a case is looked at through, the same follows from it. */
class DoorsTest extends JudgedCases {
    private static final ObjectMapper JSON = new ObjectMapper();

    private static final Path SPELLED_OUT = Path.of("..", "docs", "formats", "examples", "spelled-out.json");

    @Test
    void everyTwelfthWrittenCaseIsTheSameAtEveryDoor() throws Exception {
        List<String> lines = WrittenCases.lines();
        for (int i = 0; i < lines.size(); i += 12) {
            agree(lines.get(i).split(" \\| ")[0], WrittenCases.file(lines.get(i)));
        }
    }

    @Tag("long")
    @Test
    void everyWrittenCaseIsTheSameAtEveryDoor() throws Exception {
        for (String line : WrittenCases.lines()) {
            agree(line.split(" \\| ")[0], WrittenCases.file(line));
        }
    }

    @Test
    void aCircuitThatIsSpelledOutIsJudgedToo() throws Exception {
        agree("spelled out", (ObjectNode) JSON.readTree(Files.readString(SPELLED_OUT)));
    }

    private static void agree(String name, ObjectNode file) throws Exception {
        String path = "/api/cases/" + UUID.randomUUID();
        Answer opened = server.put(path + "/file?by=test", file);
        assertThat(opened.status()).as(name + ": " + opened.body()).isEqualTo(200);
        same(name + ", as it came in", path);
        if (takeAsRead(path, opened.body())) {
            same(name + ", questions answered", path);
        }
    }

    private static void same(String name, String path) throws Exception {
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

    /** Answers what was asked; false if nothing was. */
    private static boolean takeAsRead(String path, JsonNode view) throws Exception {
        boolean asked = false;
        for (JsonNode reading : view.path("readings")) {
            for (JsonNode choice : reading.at("/slip/choices")) {
                String answer = choice.path("answer").asText();
                if (answer.equals("AS_READ") || answer.equals("CALLED")) {
                    server.put(
                            path + "/readings/" + reading.path("id").asText() + "/answer",
                            Map.of("answer", answer, "by", "test"));
                    asked = true;
                }
            }
        }
        return asked;
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
}
