package app.dantro.server;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.newCase;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ApiTest {
    @TempDir
    static Path folder;

    private static RunningServer server;
    private String path;

    @BeforeAll
    static void start() {
        server = RunningServer.on(folder);
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @BeforeEach
    void open() throws Exception {
        path = server.openCase();
    }

    @Test
    void aSavedReadingComesBackWithFindingsAndTheNextProbe() throws Exception {
        Answer answer = server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.body().at("/readings/0/typed").asText()).isEqualTo("12.60");
        assertThat(answer.body().at("/readings/0/state").asText()).isEqualTo("COUNTS");
        assertThat(answer.body().at("/next/kind").asText()).isEqualTo("MEASURE");
        assertThat(answer.body().at("/next/probe/red/id").asText()).isNotEmpty();
        assertThat(server.get(path).body().at("/readings"))
                .isEqualTo(answer.body().at("/readings"));
    }

    @Test
    void aRepeatedSendDoesNoHarmAndAnotherContentIsAConflict() throws Exception {
        String readingPath = path + fresh("readings");
        Map<String, Object> body = cranking("starter-case", "post-minus", "0.18", 155);
        assertThat(server.put(readingPath, body).status()).isEqualTo(201);
        Answer again = server.put(readingPath, body);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().path("readings")).hasSize(1);
        body.put("typed", "0.19");
        Answer other = server.put(readingPath, body);
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.text("code")).isEqualTo("conflict");
        assertThat(server.get(path).body().at("/readings/0/typed").asText()).isEqualTo("0.18");
    }

    @Test
    void theOrderOfArrivalChangesNothing() throws Exception {
        Map<String, Object> base = reading("post-plus", "post-minus", "REST", "12.60");
        Map<String, Object> crank = cranking("post-plus", "post-minus", "11.60", 155);
        String other = server.openCase();
        server.put(path + fresh("readings"), base);
        Answer inOrder = server.put(path + fresh("readings"), crank);
        server.put(other + fresh("readings"), crank);
        Answer reversed = server.put(other + fresh("readings"), base);
        assertThat(reversed.body().path("parts").findValuesAsText("standing"))
                .isEqualTo(inOrder.body().path("parts").findValuesAsText("standing"));
        assertThat(reversed.text("headline")).isEqualTo(inOrder.text("headline"));
    }

    @ParameterizedTest
    @CsvSource({
        "typed, '', empty",
        "typed, abc, not a voltage",
        "typed, 1e9, not a voltage",
        "typed, NaN, not a voltage",
        "typed, '0,2,7', not a voltage",
        "typed, 2000, more than 200 V",
        "red, moon, no probe point",
        "black, starter-case, two different points",
        "black, , black",
        "statistic, SOMETIMES, must be one of",
        "amps, 1e9, 0 … 3000",
        "amps, -3, 0 … 3000",
        "colour, blue, no field"
    })
    void badInputNamesTheFieldAndTheFix(String field, String value, String says) throws Exception {
        Map<String, Object> body = cranking("starter-case", "post-minus", "0.18", 155);
        body.put(field, field.equals("amps") ? (Object) Double.valueOf(value) : value);
        Answer answer = server.put(path + fresh("readings"), body);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.raw().headers().firstValue("Content-Type")).contains("application/problem+json");
        assertThat(answer.body().at("/fields/0/field").asText()).isEqualTo(field);
        assertThat(answer.text("detail")).contains(says);
        assertThat(server.get(path).body().path("readings")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "[]", "{\"amps\": NaN}", "\"text\"", "null"})
    void whatIsNoJsonObjectIsRefused(String body) throws Exception {
        Answer answer = server.putRaw(path + fresh("readings"), body, "application/json", server.base());
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text("detail")).isNotBlank();
    }

    @Test
    void aBodyOfFiveMegabytesIsRefused() throws Exception {
        Map<String, Object> body = reading("post-plus", "post-minus", "REST", "1".repeat(5_000_000));
        Answer answer = server.put(path + fresh("readings"), body);
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.text("detail")).contains("64 KiB");
    }

    @Test
    void onlyJsonFromItsOwnPagesMayWrite() throws Exception {
        String body = "{}";
        assertThat(server.putRaw(path, body, "text/plain", server.base()).status())
                .isEqualTo(415);
        assertThat(server.putRaw(path, body, "application/json", "http://evil.example")
                        .status())
                .isEqualTo(403);
        assertThat(server.putRaw(path, body, "application/json", "null").status())
                .isEqualTo(403);
    }

    @Test
    void anotherHostNameIsRefused() throws Exception {
        int port = Integer.parseInt(server.base().replaceAll(".*:", ""));
        try (java.net.Socket socket = new java.net.Socket("127.0.0.1", port)) {
            socket.getOutputStream()
                    .write("GET /api/cases HTTP/1.1\r\nHost: rebound.example:%d\r\nConnection: close\r\n\r\n"
                            .formatted(port)
                            .getBytes());
            assertThat(new String(socket.getInputStream().readAllBytes()))
                    .startsWith("HTTP/1.1 403")
                    .contains("wrong-host");
        }
    }

    @Test
    void aCaseThatIsNotThereAndAnIdThatIsNoneAreSaidSo() throws Exception {
        assertThat(server.get("/api/cases/" + UUID.randomUUID()).status()).isEqualTo(404);
        Answer noId = server.get("/api/cases/twelve");
        assertThat(noId.status()).isEqualTo(400);
        assertThat(noId.text("detail")).contains("UUID");
    }

    @Test
    void aReadingOfAnotherCaseCannotBeAnsweredOrStruckHere() throws Exception {
        String other = server.openCase();
        String id = UUID.randomUUID().toString();
        Map<String, Object> body = cranking("post-plus", "motor-stud", "2.00", 155);
        server.put(other + "/readings/" + id, body);
        assertThat(server.put(path + "/readings/" + id + "/answer", Map.of("answer", "MEANT", "by", "test"))
                        .status())
                .isEqualTo(404);
        assertThat(server.put(path + fresh("strikes"), strike(id, false)).status())
                .isEqualTo(400);
        assertThat(server.put(path + "/readings/" + id, body).status()).isEqualTo(409);
    }

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

    @ParameterizedTest
    @CsvSource({"SYMPTOM, BROKEN, value, NOTHING", "MOOD, GOOD, topic, must be one of", "REPLACED, '', value, blank"})
    void aStatementThatIsNoneSaysWhatMayBeStated(String topic, String value, String field, String says)
            throws Exception {
        Answer answer = server.put(path + fresh("statements"), said(topic, value));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().at("/fields/0/field").asText()).isEqualTo(field);
        assertThat(answer.text("detail")).contains(says);
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

    private static Map<String, Object> said(String topic, String value) {
        return Map.of("topic", topic, "value", value, "note", "", "by", "t", "saidAtMs", 5);
    }

    private static String stated(Answer answer, String topic) {
        return answer.body().path("statements").findParents("stated").stream()
                .filter(s -> s.path("topic").asText().equals(topic))
                .map(s -> s.at("/stated/value").asText())
                .findFirst()
                .orElse("");
    }

    @Test
    void aRepairOfAPartThatIsNotThereIsRefused() throws Exception {
        Answer answer = server.put(
                path + fresh("repairs"),
                Map.of("part", "flux-capacitor", "action", "CLEANED", "note", "", "by", "test", "doneAtMs", 1));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text("detail")).contains("flux-capacitor");
    }

    @Test
    void aCaseNeedsAKnownCircuitAndAPossibleTemperature() throws Exception {
        Map<String, Object> body = newCase();
        body.put("circuit", "steam");
        assertThat(server.put("/api/cases/" + UUID.randomUUID(), body).text("detail"))
                .contains("petrol-body-return");
        body.put("circuit", "petrol-body-return");
        body.put("celsius", 300);
        assertThat(server.put("/api/cases/" + UUID.randomUUID(), body)
                        .body()
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("celsius");
    }

    @Test
    void aRealVehicleHasNothingForTheSimulatedMeter() throws Exception {
        Answer answer = server.get(path + "/simulated-meter?red=post-plus&black=post-minus&condition=REST");
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.text("detail")).contains("real vehicle");
    }

    @Test
    void anyTwoPointsHaveAnExpectation() throws Exception {
        Answer answer = server.get(path + "/expectation?red=block&black=strap-engine&condition=CRANKING");
        assertThat(answer.body().path("goodVolts").asDouble()).isBetween(0.01, 0.05);
        assertThat(server.get(path + "/expectation?red=block&black=block&condition=CRANKING")
                        .status())
                .isEqualTo(400);
    }

    private static Map<String, Object> strike(String target, boolean restores) {
        return Map.of("target", target, "restores", restores, "reason", "Misread", "by", "test", "struckAtMs", 1);
    }
}
