package app.dantro.server.log;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.OneServer;
import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What the shop's cases add up to. */
class FiguresApiTest extends OneServer {
    private static final long DAY = 24L * 3600 * 1000;
    private static final long FIRST = 1_700_000_000_000L;

    /** A case that takes two readings and is closed without a test. @return the vehicle */
    private static String visit(String vehicle, long at) throws Exception {
        String id = UUID.randomUUID().toString();
        Map<String, Object> body = RunningServer.newCase();
        body.put("openedAtMs", at);
        if (!vehicle.isEmpty()) {
            body.put("onVehicle", vehicle);
        }
        server.put("/api/cases/" + id, body);
        for (int i = 1; i <= 2; i++) {
            Map<String, Object> base = new HashMap<>(reading("post-plus", "post-minus", "REST", "12.6" + i));
            base.put("takenAtMs", at + i * 60_000L);
            server.put("/api/cases/" + id + fresh("readings"), base);
        }
        server.put(
                "/api/cases/" + id + fresh("statements"),
                Map.of("topic", "CLOSED_UNVERIFIED", "value", "no time", "note", "", "by", "t", "saidAtMs", at + DAY));
        return vehicle.isEmpty() ? id : vehicle;
    }

    private static JsonNode figures(String query) throws Exception {
        JsonNode page = server.get("/api/figures" + query).body();
        for (int i = 0; i < 100 && page.path("settling").asBoolean(); i++) {
            Thread.sleep(100);
            page = server.get("/api/figures" + query).body();
        }
        return page.path("figures");
    }

    @Test
    void casesAreCountedByWhenTheyWereOpenedAndThoseThatCameBackByVehicle() throws Exception {
        String back = visit("", FIRST);
        visit(back, FIRST + 60 * DAY);
        visit(back, FIRST + 400 * DAY);
        visit("", FIRST + 61 * DAY);
        JsonNode all = figures("");
        assertThat(all.path("cases").asInt()).isEqualTo(4);
        assertThat(all.path("ended").asInt()).isEqualTo(4);
        assertThat(all.path("returned").asInt()).isEqualTo(1);
        assertThat(all.path("readings").asDouble()).isEqualTo(2);
        assertThat(all.path("cranks").asDouble()).isZero();
        // Nothing was repaired: no repair was left unverified.
        assertThat(all.path("tried").asInt()).isZero();
        assertThat(all.path("verified").asInt()).isZero();
        assertThat(all.path("months")).hasSizeGreaterThan(2);
        JsonNode later = figures("?fromMs=" + (FIRST + DAY) + "&untilMs=" + (FIRST + 100 * DAY));
        assertThat(later.path("cases").asInt()).isEqualTo(2);
        assertThat(later.path("returned").asInt()).isZero();
    }
}
