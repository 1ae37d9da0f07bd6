package app.dantro.server.limits;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was repaired, verified and certified here counts for the next case; what was repaired elsewhere does not. */
class ExperienceApiTest {
    private static final String OWN = "/api/shop/experience";

    @TempDir
    Path folder;

    @TempDir
    Path elsewhere;

    @Test
    void verifiedRepairsCountForCasesThatAreOpenedAfterThem() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String before = server.openCase();
            String verified = verified(server);
            await().untilAsserted(() -> assertThat(
                            server.get(OWN).body().path("certified").toString())
                    .as("cleared and not repaired: read alone, or in a row with others")
                    .contains("\"kind\":\"joint\"", "\"kind\":\"cable\"")
                    .doesNotContain("strap"));
            JsonNode own = server.get(OWN).body();
            assertThat(own.path("count").asBoolean()).isTrue();
            assertThat(own.path("repairs").toString())
                    .contains("\"concern\":\"STARTING\"", "\"sort\":\"CAR\"", "\"repairs\":1", "strap");
            assertThat(server.get(before).body().at("/basis/moves"))
                    .as("a case that was open keeps what it began with")
                    .isEmpty();

            String after = server.openCase();
            server.put(after + fresh("readings"), cranking("post-plus", "post-minus", "11.0", 150));
            server.put(after + fresh("readings"), cranking("block", "post-minus", "0.90", 150));
            assertThat(server.get(after).body().at("/basis/moves")).isEmpty();

            JsonNode file = server.get(verified + "/file").body();
            try (RunningServer other = RunningServer.on(elsewhere)) {
                String taken = "/api/cases/" + UUID.randomUUID();
                other.put(taken + "/file?by=test", file);
                assertThat(judged(other, taken).path("stage").asText()).isEqualTo("VERIFIED");
                await().until(() -> !other.get("/api/log?state=VERIFIED")
                        .body()
                        .path("cases")
                        .isEmpty());
                assertThat(other.get(OWN).body().path("repairs"))
                        .as("repaired elsewhere")
                        .isEmpty();
                assertThat(other.get(OWN).body().path("certified")).isEmpty();
            }
        }
    }

    @Test
    void whoLeavesThemAsideSeesOpenCasesMoveAndMaySayOtherwiseAgain() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String open = server.openCase();
            String choice = OWN + "/" + UUID.randomUUID();
            Map<String, Object> aside = Map.of("count", false, "by", "t", "saidAtMs", 7);
            assertThat(server.put(choice, aside).body().path("count").asBoolean())
                    .isFalse();
            assertThat(server.put(choice, aside).status()).as("sent again").isEqualTo(200);
            assertThat(server.put(choice, Map.of("count", true, "by", "t", "saidAtMs", 7))
                            .status())
                    .isEqualTo(409);
            assertThat(server.get(open).body().at("/basis/moves/0/words").asText())
                    .startsWith("The shop's own repairs began to count, or were left aside.");
            server.put(OWN + "/" + UUID.randomUUID(), Map.of("count", true, "by", "t", "saidAtMs", 9));
            assertThat(server.get(open).body().at("/basis/moves")).hasSize(2);
            assertThat(server.get(open).body().at("/basis/moves")).as("once").hasSize(2);
        }
    }

    /** A case whose repair was read again and passed its own test. */
    private static String verified(RunningServer server) throws Exception {
        String path = server.openCase();
        long at = 1_780_000_900_000L;
        server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.6"));
        server.put(path + fresh("readings"), cranking("strap-engine", "strap-body", "0.90", 150));
        server.put(path + fresh("readings"), cranking("starter-case", "block", "0.012", 150));
        server.put(
                path + fresh("repairs"),
                Map.of("part", "engine-strap", "action", "REPLACED", "note", "", "by", "test", "doneAtMs", at));
        JsonNode view = judged(server, path);
        for (int i = 1; i < 8 && !view.at("/next/kind").asText().equals("COMPLAINT_TEST"); i++) {
            JsonNode probe = view.at("/next/probe");
            boolean posts = probe.at("/red/id").asText().equals("post-plus")
                    && probe.at("/black/id").asText().equals("post-minus");
            boolean whole = view.at("/next/title").asText().startsWith("Whole");
            Map<String, Object> retest = cranking(
                    probe.at("/red/id").asText(),
                    probe.at("/black/id").asText(),
                    posts ? "11.40" : whole ? "0.15" : "0.02",
                    150);
            retest.put("condition", probe.path("condition").asText());
            retest.put("takenAtMs", at + i * 60_000L);
            server.put(path + fresh("readings"), retest);
            view = judged(server, path);
        }
        server.put(
                path + fresh("complaint-tests"),
                Map.of("passed", true, "note", "", "by", "test", "doneAtMs", at + 900_000L));
        await().untilAsserted(() ->
                assertThat(server.get(path).body().path("stage").asText()).isEqualTo("VERIFIED"));
        return path;
    }

    private static JsonNode judged(RunningServer server, String path) {
        return await().atMost(Duration.ofMinutes(1))
                .until(
                        () -> server.get(path).body(),
                        view -> !view.at("/judgement/preparing").asBoolean());
    }
}
