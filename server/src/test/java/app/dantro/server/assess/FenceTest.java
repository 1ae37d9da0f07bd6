package app.dantro.server.assess;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.server.RunningServer;
import app.dantro.server.job.Cases;
import app.dantro.server.store.StoredCase;
import app.dantro.server.view.CaseCard;
import app.dantro.server.view.CaseView;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a case shows that cannot be judged. */
class FenceTest {
    @TempDir
    Path folder;

    @Test
    void aCaseThatCannotBeJudgedShowsItsReadingsAndSaysWhy() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String path = server.openCase();
            server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
            server.put(path + fresh("readings"), cranking("post-plus", "post-minus", "11.57", 154));
            server.put(path + fresh("readings"), cranking("starter-case", "post-minus", "3.21", 154));
            server.put(path + fresh("readings"), cranking("post-plus", "motor-stud", "0.1780", 154));
            StoredCase file = server.bean(Cases.class).load(UUID.fromString(path.substring(path.lastIndexOf('/') + 1)));
            Assessments broken = new Assessments(
                    new OrderOfWork(findings -> {
                        throw new IllegalStateException("the walk has no end");
                    }),
                    server.bean(PreparedCircuits.class),
                    server.bean(Judging.class),
                    server.bean(Keeping.class));
            Assessment assessment = broken.byRules(file);
            assertThat(assessment).isInstanceOf(Assessment.Unjudged.class);
            CaseView view = CaseView.of(file, assessment);
            assertThat(view.headline()).isEqualTo("This case cannot be judged: the walk has no end");
            assertThat(view.readings()).hasSize(4);
            assertThat(view.judgement().preparing()).isFalse();
            assertThat(CaseCard.of(file, assessment).headline()).isEqualTo(view.headline());
        }
    }

    @Test
    void aCaseThatCannotBeReadTakesNoOtherDown() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String good = server.openCase();
            String bad = server.openCase();
            String id = bad.substring(bad.lastIndexOf('/') + 1);
            try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                    Statement update = connection.createStatement()) {
                update.executeUpdate(
                        "UPDATE circuit_version SET circuit = '{\"ready_made\":\"none\"}' WHERE case_id = '" + id
                                + "'");
                update.executeUpdate("UPDATE case_line SET shown = 0");
            }
            server.openCase();
            JsonNode cards = server.get("/api/cases").body();
            assertThat(cards).hasSize(3);
            JsonNode card = StreamSupport.stream(cards.spliterator(), false)
                    .filter(c -> c.path("id").asText().equals(id))
                    .findFirst()
                    .orElseThrow();
            assertThat(card.path("headline").asText())
                    .startsWith("What is on record of this case cannot be read:")
                    .contains("There is no ready-made circuit (none)");
            assertThat(card.path("vehicle").asText()).isEqualTo("Test van");
            assertThat(server.get(good).status()).isEqualTo(200);
            assertThat(server.get("/api/run-sheet").status()).isEqualTo(200);
            assertThat(server.get(bad).text("detail")).contains("There is no ready-made circuit (none)");
        }
    }
}
