package app.dantro.server.db;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A database as the release before wrote it, with two visits of one van: nothing of it is lost. */
class KeptDatabaseTest {
    private static final String VAN = "11111111-0000-4000-8000-000000000001";
    private static final String AGAIN = "11111111-0000-4000-8000-000000000002";

    private static void lay(String kept, Path as) throws IOException {
        try (InputStream in = new GZIPInputStream(KeptDatabaseTest.class.getResourceAsStream("/kept/" + kept))) {
            Files.copy(in, as);
        }
    }

    @Test
    void schemaTwelveIsTakenOverWhole(@TempDir Path folder) throws Exception {
        lay("schema-12.db.gz", folder.resolve("dantro.db"));
        lay("schema-12.seal.gz", folder.resolve("dantro.seal"));
        try (RunningServer server = RunningServer.on(folder)) {
            JsonNode first = server.get("/api/cases/" + VAN).body();
            assertThat(first.path("readings").findValuesAsText("typed")).containsExactly("12.62", "10.10", "1.90");
            assertThat(first.at("/repairs/0/note").asText()).isEqualTo("Green under the ring.");
            assertThat(server.get("/api/cases/" + AGAIN).body().path("readings"))
                    .hasSize(1);
            JsonNode vehicle = server.get("/api/vehicles/" + VAN).body();
            assertThat(vehicle.path("here").asInt()).isEqualTo(2);
            assertThat(vehicle.at("/details/0/value").asText()).isEqualTo("CV 08 ABC");
            assertThat(vehicle.path("joints").findValuesAsText("part")).contains("strap-end-block");
            JsonNode log = server.get("/api/log?words=08abc").body();
            for (int i = 0; i < 100 && log.path("settling").asBoolean(); i++) {
                Thread.sleep(100);
                log = server.get("/api/log?words=08abc").body();
            }
            assertThat(log.path("cases").findValuesAsText("id")).containsExactly(AGAIN, VAN);
        }
        assertThat(folder).isDirectoryContaining(f -> f.getFileName().toString().contains("dantro-before-"));
    }
}
