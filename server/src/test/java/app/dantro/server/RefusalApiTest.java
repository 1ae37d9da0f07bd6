package app.dantro.server;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.newCase;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is refused says what was wrong, and nothing is kept of it. */
class RefusalApiTest extends OneCase {
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
}
