package app.dantro.server;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What is said of readings and vehicles is kept, counts, and can be taken back. */
class SaidApiTest extends OneCase {
    @Test
    void aSlipIsAskedAboutOnceAndItsAnswerIsKept() throws Exception {
        String readingPath = path + fresh("readings");
        Answer asked = server.put(readingPath, cranking("post-plus", "motor-stud", "2.00", 155));
        assertThat(asked.body().at("/readings/0/state").asText()).isEqualTo("ASKED");
        assertThat(asked.body().at("/readings/0/slip/kind").asText()).isEqualTo("DECIMAL");
        assertThat(server.put(readingPath + "/answer", Map.of("answer", "CALLED", "by", "test"))
                        .status())
                .isEqualTo(400);
        Answer answered = server.put(readingPath + "/answer", Map.of("answer", "MEANT", "by", "test"));
        assertThat(answered.body().at("/readings/0/typed").asText()).isEqualTo("2.00");
        assertThat(answered.body().at("/readings/0/shown").asText()).isEqualTo("0.200 V");
        assertThat(answered.body().at("/readings/0/drop/answer").asText()).isEqualTo("CERTIFIED");
        assertThat(server.put(readingPath + "/answer", Map.of("answer", "MEANT", "by", "test"))
                        .status())
                .isEqualTo(200);
        assertThat(server.put(readingPath + "/answer", Map.of("answer", "REPEAT", "by", "test"))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aStruckReadingStaysVisibleAndCanBeRestored() throws Exception {
        String id = UUID.randomUUID().toString();
        server.put(path + "/readings/" + id, reading("post-plus", "post-minus", "REST", "12.60"));
        Answer struck = server.put(path + fresh("strikes"), strike(id, false));
        assertThat(struck.body().at("/readings/0/state").asText()).isEqualTo("STRUCK");
        assertThat(struck.body().at("/readings/0/strikeReason").asText()).isEqualTo("Misread");
        assertThat(struck.text("headline")).isEqualTo("No readings yet.");
        Answer restored = server.put(path + fresh("strikes"), strike(id, true));
        assertThat(restored.body().at("/readings/0/state").asText()).isEqualTo("COUNTS");
    }

    @Test
    void whatWasSaidIsKeptTheNewestCountsAndItCanBeStruck() throws Exception {
        String first = UUID.randomUUID().toString();
        assertThat(server.put(path + "/statements/" + first, said("ENGINE_DISABLED", "OPEN"))
                        .status())
                .isEqualTo(201);
        Answer later = server.put(path + fresh("statements"), said("ENGINE_DISABLED", "CLOSED"));
        assertThat(stated(later, "ENGINE_DISABLED")).isEqualTo("CLOSED");
        String newest = later.body().path("statements").findParents("stated").stream()
                .filter(s -> s.path("topic").asText().equals("ENGINE_DISABLED"))
                .map(s -> s.at("/stated/id").asText())
                .findFirst()
                .orElseThrow();
        Answer struck = server.put(
                path + fresh("strikes"),
                Map.of("target", newest, "restores", false, "reason", "Undone", "by", "t", "struckAtMs", 9));
        assertThat(stated(struck, "ENGINE_DISABLED")).isEqualTo("OPEN");
    }

    @Test
    void whatWasSeenForAProofStandsInTheCaseByItsNameAndCanBeTakenBack() throws Exception {
        String seen = UUID.randomUUID().toString();
        Answer opened = server.put(path + "/statements/" + seen, said("OPENED", "ignition-switch"));
        assertThat(opened.body().path("statements").findParents("stated").stream()
                        .filter(s -> s.path("topic").asText().equals("OPENED"))
                        .map(s -> s.at("/stated/words").asText()))
                .containsExactly("ignition switch");
        Answer back = server.put(
                path + fresh("strikes"),
                Map.of("target", seen, "restores", false, "reason", "Undone", "by", "t", "struckAtMs", 9));
        assertThat(back.body().path("statements").findParents("stated"))
                .noneMatch(s -> s.path("topic").asText().equals("OPENED"));
    }

    @Test
    void theSchoolsStandSideBySideAndTheShopFollowsOneWithItsReason() throws Exception {
        server.put(path + fresh("readings"), cranking("starter-case", "post-minus", "0.42", 155));
        Answer limits = server.get(path + "/limits");
        assertThat(limits.body().at("/table/rows/0/what").asText()).isEqualTo("Cranking, whole return side");
        assertThat(limits.body().at("/table/rows/0/parting").asText()).startsWith("They part.");

        Answer without = server.put("/api/shop/schools/" + UUID.randomUUID(), follows("By size, car", " "));
        assertThat(without.status()).isEqualTo(400);
        assertThat(without.text("detail")).contains("Say why");
        Answer unknown = server.put("/api/shop/schools/" + UUID.randomUUID(), follows("Guesswork", "why"));
        assertThat(unknown.text("detail")).contains("There are: Three and five tenths");
        server.put("/api/shop/schools/" + UUID.randomUUID(), follows("By size, car", "small cars only"));
        assertThat(server.get(path + "/limits").body().at("/followed/0/school").asText())
                .isEqualTo("By size, car");
    }

    private static Map<String, Object> follows(String school, String reason) {
        return Map.of("loop", "STARTING", "school", school, "reason", reason, "by", "t", "chosenAtMs", 1);
    }

    private static String stated(Answer answer, String topic) {
        return answer.body().path("statements").findParents("stated").stream()
                .filter(s -> s.path("topic").asText().equals(topic))
                .map(s -> s.at("/stated/value").asText())
                .findFirst()
                .orElse("");
    }
}
