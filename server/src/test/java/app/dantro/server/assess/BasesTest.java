package app.dantro.server.assess;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.procedure.OrderOfWork;
import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a case is judged by, and what stays said when it has closed. */
class BasesTest {
    private static final String SAID = "Once it held.";

    @TempDir
    Path folder;

    @TempDir
    Path elsewhere;

    @Test
    void anOpenCaseMovesToTheNewerProgramAndSaysSo() throws Exception {
        String path;
        try (RunningServer server = RunningServer.on(folder)) {
            path = server.openCase();
            JsonNode basis = server.get(path).body().path("basis");
            assertThat(basis.path("moves")).as("nothing moved yet").isEmpty();
        }
        sql("UPDATE basis SET judgement = 0");
        try (RunningServer server = RunningServer.on(folder, "--dantro.accept-damage=true")) {
            JsonNode moves = server.get(path).body().at("/basis/moves");
            assertThat(moves).hasSize(1);
            assertThat(moves.at("/0/words").asText())
                    .isEqualTo(
                            "The program was updated. From here on: judgement %d, priors 2, limits 2, meters 2, own limits: none."
                                    .formatted(OrderOfWork.VERSION));
            assertThat(server.get(path).body().at("/basis/moves")).as("once").hasSize(1);
        }
    }

    @Test
    void anOpenCaseMovesToTheShopsNewLimitsAndAClosedOneDoesNot() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String open = server.openCase();
            String closed = closed(server);
            server.put(
                    "/api/shop/limit-sets/" + UUID.randomUUID(),
                    Map.of("loop", "STARTING", "name", "Strict", "supplyVolts", 0.05, "source", "ours", "by", "test"));
            JsonNode moved = server.get(open).body().path("basis");
            assertThat(moved.at("/moves/0/words").asText()).startsWith("The shop's own limits changed.");
            assertThat(moved.path("words").asText()).endsWith("own limits: Strict, version 1.");
            assertThat(server.get(closed).body().at("/basis/words").asText()).endsWith("own limits: none.");
            assertThat(server.get(closed + "/limits").body().path("table").toString())
                    .doesNotContain("Strict");
        }
    }

    @Test
    void aClosedCaseShowsAtEveryDoorWhatAnEarlierVersionSaid() throws Exception {
        String path;
        try (RunningServer server = RunningServer.on(folder)) {
            path = closed(server);
            assertThat(server.get(path).body().path("basis").has("asSaidThen"))
                    .as("the same program says the same")
                    .isFalse();
        }
        earlierSaid();
        try (RunningServer server = RunningServer.on(folder, "--dantro.accept-damage=true")) {
            JsonNode screen = settled(server, path);
            assertThat(screen.path("headline").asText()).isEqualTo(SAID);
            assertThat(standing(screen, "starter-cable")).isEqualTo("CLEARED");
            assertThat(screen.at("/basis/asSaidThen").asText())
                    .isEqualTo(
                            "Judged by an earlier version (judgement 0). The verdict stands as it was given when the case closed.");
            assertThat(screen.at("/basis/nowSays").asText()).isNotBlank().isNotEqualTo(SAID);
            assertThat(screen.at("/next/kind").asText()).isEqualTo("DONE");
            assertThat(server.get("/api/log").body().at("/cases/0/finding").asText())
                    .isEqualTo(SAID);
            JsonNode file = server.get(path + "/file").body();
            JsonNode diagnosis = server.post("/api/diagnose", file).body();
            assertThat(diagnosis.path("headline").asText()).isEqualTo(SAID);
            assertThat(diagnosis.at("/judged_by/judgement").asInt()).isZero();
            assertThat(diagnosis.at("/judged_by/earlier").asBoolean()).isTrue();
            try (RunningServer other = RunningServer.on(elsewhere)) {
                String taken = "/api/cases/" + UUID.randomUUID();
                assertThat(other.put(taken + "/file?by=test", file)
                                .body()
                                .path("headline")
                                .asText())
                        .isEqualTo(SAID);
            }
        }
    }

    @Test
    void aReadingAfterTheClosingOpensTheCaseAgainUnderThisProgram() throws Exception {
        String path;
        try (RunningServer server = RunningServer.on(folder)) {
            path = closed(server);
        }
        earlierSaid();
        try (RunningServer server = RunningServer.on(folder, "--dantro.accept-damage=true")) {
            JsonNode after = server.put(path + fresh("readings"), cranking("block", "post-minus", "0.03", 150))
                    .body();
            assertThat(after.path("headline").asText()).isNotEqualTo(SAID);
            assertThat(after.at("/basis/moves/0/words").asText())
                    .startsWith("Something came on record after the case had closed. From here on: judgement "
                            + OrderOfWork.VERSION);
            settled(server, path);
            assertThat(server.get(path).body().at("/basis/closedAtMs").isNumber())
                    .as("it is still closed, and what it says now is kept")
                    .isTrue();
        }
    }

    @Test
    void whoHasTheCaseInHandOpensNothingAgain() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String path = closed(server);
            long closedAt = server.get(path).body().at("/basis/closedAtMs").asLong();
            String handed = fresh("statements");
            server.put(
                    path + handed, Map.of("topic", "HANDED_TO", "value", "Bo", "note", "", "by", "t", "saidAtMs", 5));
            JsonNode after = server.get(path).body();
            assertThat(after.at("/basis/closedAtMs").asLong()).isEqualTo(closedAt);
            assertThat(after.at("/basis/moves")).isEmpty();
            assertThat(after.path("entries").asInt()).isPositive();
        }
    }

    /** A case that is closed without proof, and judged. */
    private static String closed(RunningServer server) throws Exception {
        String path = ended(server);
        JsonNode view = settled(server, path);
        assertThat(view.path("stage").asText()).isEqualTo("CLOSED");
        assertThat(server.get(path).body().at("/basis/closedAtMs").isNumber()).isTrue();
        return path;
    }

    static String ended(RunningServer server) throws Exception {
        String path = server.openCase();
        server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
        server.put(path + fresh("readings"), cranking("post-plus", "post-minus", "11.57", 154));
        server.put(
                path + fresh("statements"),
                Map.of(
                        "topic",
                        "CLOSED_UNVERIFIED",
                        "value",
                        "the customer has gone",
                        "note",
                        "",
                        "by",
                        "test",
                        "saidAtMs",
                        1_780_000_900_000L));
        return path;
    }

    /** The database as a version before this one would have left it, which judged otherwise. */
    private void earlierSaid() throws SQLException {
        sql("UPDATE basis SET judgement = 0");
        sql("UPDATE closing SET said = json_set(said, '$.headline', '" + SAID + "')");
        sql("""
                UPDATE closing SET said = json_replace(said, '$.parts', json((
                    SELECT json_group_array(json(json_set(value, '$.standing', 'cleared', '$.says', 'it held')))
                      FROM json_each(said, '$.parts'))))
                """);
    }

    private void sql(String statement) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement update = connection.createStatement()) {
            assertThat(update.executeUpdate(statement)).isPositive();
        }
    }

    private static JsonNode settled(RunningServer server, String path) throws Exception {
        for (int i = 0; i < 200; i++) {
            JsonNode view = server.get(path).body();
            boolean waits = view.at("/judgement/preparing").asBoolean()
                    || view.path("basis").has("asSaidThen")
                            && !view.path("basis").has("nowSays");
            if (!waits) {
                return view;
            }
            Thread.sleep(50);
        }
        throw new AssertionError("never judged");
    }

    private static String standing(JsonNode screen, String part) {
        return StreamSupport.stream(screen.path("parts").spliterator(), false)
                .filter(p -> p.path("id").asText().equals(part))
                .findFirst()
                .orElseThrow()
                .path("standing")
                .asText();
    }

    private static JsonNode card(RunningServer server, String path) throws Exception {
        return StreamSupport.stream(server.get("/api/cases").body().spliterator(), false)
                .filter(c -> path.endsWith(c.path("id").asText()))
                .findFirst()
                .orElseThrow();
    }
}
