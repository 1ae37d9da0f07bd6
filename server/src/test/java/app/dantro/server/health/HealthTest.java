package app.dantro.server.health;

import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import app.dantro.server.RunningServer.Answer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the owner is told of the program itself, and what stands in its log. */
class HealthTest {
    @TempDir
    Path folder;

    @Test
    void whatThereIsToSeeToIsSaidInWords() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            Answer first = server.get("/api/health");
            assertThat(first.status()).isEqualTo(200);
            assertThat(first.body().path("well").asBoolean())
                    .as("no backup yet")
                    .isFalse();
            assertThat(first.body().path("seeTo").toString()).contains("There is no backup yet");
            assertThat(first.body().at("/database/writable").asBoolean()).isTrue();
            assertThat(first.body().at("/database/bytes").asLong()).isPositive();
            assertThat(first.body().path("eventLines").asInt()).isZero();

            server.post("/api/backups", Map.of());
            Answer kept = server.get("/api/health");
            assertThat(kept.body().path("well").asBoolean())
                    .as(kept.body().toString())
                    .isTrue();
            assertThat(kept.body().at("/backups/kept").asInt()).isEqualTo(1);
            assertThat(folder.resolve("write-trial")).doesNotExist();
        }
    }

    @Test
    void aDatabaseThatTakesNothingIsNotWritable() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            Files.createDirectory(folder.resolve("write-trial"));
            Answer refused = server.get("/api/health");
            assertThat(refused.body().at("/database/writable").asBoolean()).isFalse();
            assertThat(refused.body().path("seeTo").toString()).contains("cannot be written");
        }
    }

    @Test
    void theLogSaysWhatMattersInALineEachAndNamesNobody() throws Exception {
        String vehicle = "KX 12 of Mrs Example";
        try (RunningServer server = RunningServer.on(folder)) {
            String path = "/api/cases/" + UUID.randomUUID();
            Map<String, Object> opened = RunningServer.newCase();
            opened.put("vehicle", vehicle);
            server.put(path, opened);
            server.put(path + "/readings/" + UUID.randomUUID(), reading("post-plus", "post-minus", "REST", "12.6"));
            server.post("/api/backups", Map.of());
        }
        List<String> lines = Files.readAllLines(folder.resolve("logs").resolve("dantro.log"));
        assertThat(lines).anyMatch(l -> l.contains("Started on"));
        assertThat(lines).anyMatch(l -> l.contains("Backup dantro-") && l.contains("with 1 cases"));
        assertThat(lines).last().asString().contains("Stopped");
        assertThat(lines).noneMatch(l -> l.contains("Example"));
    }
}
