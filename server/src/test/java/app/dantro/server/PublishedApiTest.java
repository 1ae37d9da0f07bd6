package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The interface's types are generated from ui/openapi.json; this keeps that file what the code publishes. */
class PublishedApiTest {
    private static final Path PUBLISHED = Path.of("..", "ui", "openapi.json");

    @Test
    void theCommittedDescriptionIsTheOneTheCodePublishes(@TempDir Path folder) throws Exception {
        ObjectMapper json = new ObjectMapper()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);
        try (RunningServer server = RunningServer.on(folder)) {
            ObjectNode now = (ObjectNode) server.get("/api/openapi").body();
            now.remove("servers");
            if (Boolean.getBoolean("dantro.openapi.write")) {
                Files.writeString(PUBLISHED, json.writeValueAsString(now) + "\n");
            }
            assertThat(json.readTree(PUBLISHED.toFile()))
                    .as("ui/openapi.json is out of date: run the tests once with -Ddantro.openapi.write=true")
                    .isEqualTo(json.readTree(json.writeValueAsString(now)));
            assertThat(now.at("/components/schemas/CaseView/required").toString())
                    .contains("headline");
            assertThat(now.at("/components/schemas/ReadingView/required").toString())
                    .doesNotContain("\"amps\"");
        }
    }
}
