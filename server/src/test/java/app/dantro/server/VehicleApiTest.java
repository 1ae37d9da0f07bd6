package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A vehicle that comes again brings along what is known of it. */
class VehicleApiTest extends OneServer {
    private static long opened = 1;

    private static final String NAME = "Hob_bing 100% tipper";

    @Test
    void aNewCaseOfAKnownVehicleTakesItsFiguresOverAndNotItsReadings() throws Exception {
        String first = open(Optional.empty());
        state(first, "RATED_AMPS", "95", 10);
        state(first, "RATED_AMPS", "110", 20);
        state(first, "SET_POINT", "14.4", 20);
        String cylinders = state(first, "CYLINDERS", "8", 20);
        state(first, "CRANK_SPEED", "180", 20);
        strike(first, cylinders);

        Answer known = server.get("/api/vehicles?name=" + "b_bing%20100%25");
        assertThat(known.body()).hasSize(1);
        assertThat(known.body().at("/0/figures").findValuesAsText("words")).containsExactly("110 A", "14.4 V");
        assertThat(known.body().at("/0/lastCase").asText()).isEqualTo(first);
        assertThat(server.get("/api/vehicles?name=b-bing").body()).isEmpty();

        String vehicle = known.body().at("/0/id").asText();
        String second = open(Optional.of(vehicle));
        assertThat(stated(second, "RATED_AMPS")).isEqualTo("110");
        assertThat(stated(second, "SET_POINT")).isEqualTo("14.4");
        assertThat(stated(second, "CYLINDERS")).isEmpty();
        assertThat(stated(second, "CRANK_SPEED")).isEmpty();
        assertThat(server.get("/api/vehicles?name=Hob_bing")
                        .body()
                        .at("/0/lastCase")
                        .asText())
                .isEqualTo(second);
    }

    @Test
    void aVehicleThatNobodyKnowsIsRefusedByItsField() throws Exception {
        Answer refused = server.put(
                "/api/cases/" + UUID.randomUUID(),
                body(Optional.of(UUID.randomUUID().toString())));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().toString()).contains("onVehicle");
    }

    private static Map<String, Object> body(Optional<String> vehicle) {
        Map<String, Object> body = new HashMap<>(
                Map.of("vehicle", NAME, "complaint", "a check", "circuit", "petrol-car", "concern", "CHARGING"));
        body.putAll(Map.of("celsius", 20, "by", "t", "openedAtMs", opened++));
        vehicle.ifPresent(v -> body.put("onVehicle", v));
        return body;
    }

    private static String open(Optional<String> vehicle) throws Exception {
        String id = UUID.randomUUID().toString();
        assertThat(server.put("/api/cases/" + id, body(vehicle)).status()).isEqualTo(201);
        return id;
    }

    private static String state(String caseId, String topic, String value, long at) throws Exception {
        String id = UUID.randomUUID().toString();
        Answer added = server.put(
                "/api/cases/%s/statements/%s".formatted(caseId, id),
                Map.of("topic", topic, "value", value, "note", "", "by", "t", "saidAtMs", at));
        assertThat(added.status()).isEqualTo(201);
        return id;
    }

    private static void strike(String caseId, String target) throws Exception {
        server.put(
                "/api/cases/%s/strikes/%s".formatted(caseId, UUID.randomUUID()),
                Map.of("target", target, "restores", false, "reason", "wrong car", "by", "t", "struckAtMs", 30));
    }

    private static String stated(String caseId, String topic) throws Exception {
        for (JsonNode statement : server.get("/api/cases/" + caseId).body().path("statements")) {
            if (statement.path("topic").asText().equals(topic)) {
                return statement.at("/stated/value").asText();
            }
        }
        throw new AssertionError("The case has no topic (%s).".formatted(topic));
    }

    @Test
    void aVisitThatIsDatedInTheFutureIsRefusedWithBothDays() throws Exception {
        Map<String, Object> body = RunningServer.newCase();
        body.put("openedAtMs", Instant.parse("2121-05-12T12:00:00Z").toEpochMilli());
        Answer refused = server.put("/api/cases/" + UUID.randomUUID(), body);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().toString()).contains("dated 12 May 2121", "set the clock that is wrong");
        body.put("openedAtMs", System.currentTimeMillis() + 3_600_000);
        assertThat(server.put("/api/cases/" + UUID.randomUUID(), body).status()).isEqualTo(201);
    }
}
