package app.dantro.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A case file is taken whole or not at all. */
class CaseImportTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @TempDir
    Path folder;

    @Test
    void aFileThatFailsHalfwayLeavesNothing() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String other = server.openCase();
            UUID taken = UUID.randomUUID();
            server.put(
                    other + "/statements/" + taken,
                    Map.of("topic", "CHEMISTRY", "value", "AGM", "note", "", "by", "test", "saidAtMs", 1));
            ObjectNode file = file();
            file.putArray("statements")
                    .addObject()
                    .put("id", taken.toString())
                    .put("topic", "chemistry")
                    .put("value", "FLOODED")
                    .put("note", "")
                    .put("said_at_ms", 5);
            String path = "/api/cases/" + UUID.randomUUID();
            Answer refused = server.put(path + "/file?by=test", file);
            assertThat(refused.status()).isEqualTo(409);
            assertThat(server.get(path).status()).isEqualTo(404);
            file.putArray("statements");
            assertThat(server.put(path + "/file?by=test", file).status()).isEqualTo(200);
            Answer again = server.put(path + "/file?by=test", file);
            assertThat(again.status()).as("the same file does no harm").isEqualTo(200);
            assertThat(again.body().path("readings")).hasSize(1);
        }
    }

    private static ObjectNode file() {
        ObjectNode file = JSON.createObjectNode().put("format", "dantro-case").put("version", 1);
        file.putObject("vehicle").put("name", "Half").put("complaint", "slow").put("concern", "starting");
        file.putObject("state").put("celsius", 20);
        file.putObject("circuit").put("ready_made", "petrol-car");
        file.putArray("readings")
                .addObject()
                .put("id", UUID.randomUUID().toString())
                .put("red", "post-plus")
                .put("black", "post-minus")
                .put("condition", "rest")
                .put("typed", "12.61")
                .put("taken_at_ms", 1_790_000_000_000L);
        return file;
    }
}
