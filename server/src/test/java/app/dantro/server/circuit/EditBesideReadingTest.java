package app.dantro.server.circuit;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.AtOnce;
import app.dantro.server.OneServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** One phone reads at a point while another takes it out of the circuit: one of the two is told, and the case stays whole. */
class EditBesideReadingTest extends OneServer {
    private static final Map<String, Object> WITHOUT_BRACKET =
            Map.of("edits", List.of(Map.of("operation", "LEAVE_OUT", "point", "bracket")), "by", "t", "changedAtMs", 5);

    @Test
    void noPointIsTakenOutThatAReadingCameInOn() throws Exception {
        List<String> cases = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            String path = server.openCase();
            cases.add(path);
            assertThat(AtOnce.both(
                            () -> server.put(path + "/circuit/2", WITHOUT_BRACKET)
                                    .status(),
                            () -> server.put(path + fresh("readings"), reading("bracket", "post-minus", "REST", "0.01"))
                                    .status()))
                    .as("one is taken, the other refused with its reason")
                    .isIn(List.of(200, 400), List.of(400, 201));
        }
        for (String path : cases) {
            assertThat(server.get(path).status()).isEqualTo(200);
            JsonNode circuit = server.get(path + "/circuit").body();
            boolean there = circuit.toString().contains("\"bracket\"");
            assertThat(server.get(path).body().path("readings").isEmpty()).isNotEqualTo(there);
        }
        assertThat(server.get("/api/cases").status()).isEqualTo(200);
    }
}
