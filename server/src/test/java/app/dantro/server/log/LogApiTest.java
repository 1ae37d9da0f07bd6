package app.dantro.server.log;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.OneServer;
import app.dantro.server.RunningServer;
import app.dantro.server.RunningServer.Answer;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every case is found again, by whatever piece of it somebody remembers. */
class LogApiTest extends OneServer {
    private static String open(String vehicle, String plate, String complaint, LocalDate day)
            throws IOException, InterruptedException {
        Map<String, Object> body = RunningServer.newCase();
        body.putAll(Map.of("vehicle", vehicle, "plate", plate, "complaint", complaint, "by", "Ada"));
        body.put(
                "openedAtMs",
                day.atTime(10, 0).atZone(ZoneId.systemDefault()).toInstant().toEpochMilli());
        String path = "/api/cases/" + UUID.randomUUID();
        assertThat(server.put(path, body).status()).isEqualTo(201);
        return path;
    }

    private static List<String> found(String words) throws IOException, InterruptedException {
        Answer page = server.get("/api/log?words=" + URLEncoder.encode(words, StandardCharsets.UTF_8));
        assertThat(page.status()).isEqualTo(200);
        List<String> ids = new ArrayList<>();
        page.body()
                .path("cases")
                .forEach(c -> ids.add("/api/cases/" + c.path("id").asText()));
        return ids;
    }

    @Test
    void aCaseIsFoundByAnyPieceThatSomebodyRemembers() throws Exception {
        String van = open("Tamblin 14 box van", "KX 12-ABC", "cranks slowly after rain", LocalDate.of(2026, 3, 17));
        String quad = open("Pipkin 250 quad", "R 7", "flat after a short day", LocalDate.of(2025, 11, 2));
        server.put(
                van + fresh("repairs"),
                Map.of(
                        "part",
                        "engine-strap",
                        "action",
                        "CLEANED",
                        "note",
                        "paint scraped off",
                        "by",
                        "Bo",
                        "doneAtMs",
                        9));
        assertThat(found("kx 12")).containsExactly(van);
        assertThat(found("x12")).containsExactly(van);
        assertThat(found("2026-03")).containsExactly(van);
        assertThat(found("2025-11-02")).containsExactly(quad);
        assertThat(found("strap")).contains(van).doesNotContain(quad);
        assertThat(found("scraped paint")).containsExactly(van);
        assertThat(found("bo rain")).containsExactly(van);
        assertThat(found("van quad")).isEmpty();
        JsonNode line = server.get("/api/log?words=scraped").body().at("/cases/0");
        assertThat(line.path("plate").asText()).isEqualTo("KX 12-ABC");
        assertThat(line.path("repairs").asText()).endsWith("cleaned and tightened");
        assertThat(line.path("people").asText()).isEqualTo("Ada, Bo");
        assertThat(server.get("/api/vehicles?name=x12a").body().findValuesAsText("name"))
                .containsExactly("Tamblin 14 box van");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"%*(", "NEAR(", "a AND", "*", "words:x", "'; DROP TABLE case_line; --", "😀", "OR", "-"})
    void aHostileSearchFindsNothingWorseThanNothing(String words) throws Exception {
        found(words);
    }

    @Test
    void aStruckRepairAndASetAsideCaseAreNotWhatTheyWere() throws Exception {
        String path = open("Orrery Longbed flatbed", "", "batteries replaced twice", LocalDate.of(2024, 5, 5));
        String repair = path + fresh("repairs");
        server.put(
                repair, Map.of("part", "engine-strap", "action", "REMADE", "note", "zzz", "by", "Bo", "doneAtMs", 9));
        assertThat(found("zzz")).containsExactly(path);
        strike(path, repair.substring(repair.lastIndexOf('/') + 1));
        assertThat(found("zzz")).isEmpty();
        strike(path, path.substring(path.lastIndexOf('/') + 1));
        assertThat(server.get("/api/log?words=orrery&state=IN_WORK").body().path("cases"))
                .isEmpty();
        assertThat(server.get("/api/log?words=orrery&state=ASIDE").body().path("cases"))
                .hasSize(1);
    }

    private static void strike(String path, String target) throws IOException, InterruptedException {
        Map<String, Object> body =
                Map.of("target", target, "restores", false, "reason", "slipped", "by", "t", "struckAtMs", 10);
        assertThat(server.put(path + fresh("strikes"), body).status()).isEqualTo(201);
    }

    @Test
    void pagesFollowEachOtherWithoutGapOrRepeat() throws Exception {
        List<String> opened = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            opened.add(
                    0,
                    open("Paged " + i, "", "a check", LocalDate.of(2020, 1, 1).plusDays(i / 2)));
        }
        List<String> seen = new ArrayList<>();
        String address = "/api/log?words=paged";
        for (String next = ""; next != null; ) {
            JsonNode page = server.get(address + next).body();
            page.path("cases")
                    .forEach(c -> seen.add("/api/cases/" + c.path("id").asText()));
            next = page.hasNonNull("next") ? "&after=" + page.path("next").asText() : null;
        }
        assertThat(seen).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(opened);
        assertThat(server.get(address + "&after=nowhere").status()).isEqualTo(400);
        assertThat(server.get("/api/log?words=" + "x".repeat(201)).text("detail"))
                .contains("at most 200 characters");
    }

    @Test
    void aSpreadsheetTakesWordsForWords() throws Exception {
        open("=1+1 \"quoted\"", "", "a check", LocalDate.of(2023, 1, 1));
        Answer table = server.get("/api/log.csv?words=quoted");
        assertThat(table.raw().body()).contains("\"'=1+1 \"\"quoted\"\"\"").contains("\"2023-01-01\"");
    }

    @Test
    void whatIsKeptIsWhatWouldBeWorkedOut() throws Exception {
        String path = open("Hobbing Twin pickup", "TW 1", "one click", LocalDate.of(2022, 2, 2));
        server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
        JsonNode before = settled("/api/log?words=hobbing");
        JsonNode bay = server.get("/api/cases").body();
        assertThat(server.post("/api/log/rebuild", Map.of()).status()).isEqualTo(202);
        assertThat(settled("/api/log?words=hobbing")).isEqualTo(before);
        assertThat(server.get("/api/cases").body()).isEqualTo(bay);
    }

    @Test
    void casesAreFoundBySortOfVehicleAndWhatWasFound() throws Exception {
        open("Sorted cart", "SO 1", "one click", LocalDate.of(2022, 5, 2));
        assertThat(settled("/api/log?words=sorted&sort=CAR").path("cases")).hasSize(1);
        assertThat(settled("/api/log?words=sorted&sort=TRUCK").path("cases")).isEmpty();
        assertThat(settled("/api/log?words=sorted&found=joint").path("cases")).isEmpty();
        assertThat(server.get("/api/log?sort=SPACESHIP").status()).isEqualTo(400);
        assertThat(server.get("/api/log?words=" + "x".repeat(201)).status()).isEqualTo(400);
    }

    private static JsonNode settled(String address) throws IOException, InterruptedException {
        JsonNode page = server.get(address).body();
        for (int i = 0; i < 100 && page.path("settling").asBoolean(); i++) {
            Thread.sleep(100);
            page = server.get(address).body();
        }
        return page;
    }
}
