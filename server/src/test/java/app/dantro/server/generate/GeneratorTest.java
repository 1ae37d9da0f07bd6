package app.dantro.server.generate;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A made-up workshop is one like any other: its cases can be opened, found and counted, and the same seed makes the same. */
class GeneratorTest {
    private static final int VISITS = 3 * 2 * 10;

    private static List<String> plates(Path folder) throws Exception {
        try (RunningServer server = RunningServer.on(
                folder, "--dantro.generate.vehicles=3", "--dantro.generate.years=2", "--dantro.generate.seed=11")) {
            JsonNode figures = server.get("/api/figures?simulated=true").body();
            for (int i = 0; i < 200 && figures.path("settling").asBoolean(); i++) {
                Thread.sleep(100);
                figures = server.get("/api/figures?simulated=true").body();
            }
            assertThat(figures.at("/figures/cases").asInt()).isEqualTo(VISITS);
            assertThat(figures.at("/figures/ended").asInt()).isEqualTo(VISITS - 1);
            assertThat(server.get("/api/figures").body().at("/figures/cases").asInt())
                    .isZero();
            assertThat(server.get("/api/cases").body()).hasSize(1);
            String newest = server.get("/api/log").body().at("/cases/0/id").asText();
            assertThat(server.get("/api/cases/" + newest).body().path("readings"))
                    .isNotEmpty();
            return server.get("/api/vehicles").body().findValuesAsText("plate");
        }
    }

    @Test
    void theSameSeedMakesTheSameVehiclesAndAllButTheOpenOnesAreOver(@TempDir Path one, @TempDir Path other)
            throws Exception {
        List<String> plates = plates(one);
        assertThat(plates).hasSize(3).doesNotHaveDuplicates();
        assertThat(plates(other)).containsExactlyInAnyOrderElementsOf(plates);
        // Nothing is added to a folder that holds something.
        plates(one);
    }
}
