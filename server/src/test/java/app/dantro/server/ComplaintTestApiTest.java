package app.dantro.server;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The complaint's own test closes a case only on something that was read or seen. */
class ComplaintTestApiTest extends OneCase {
    @Test
    void aTestPassedOnNothingIsRefusedAndOneAfterAReadingCounts() throws Exception {
        long at = 1_780_000_900_000L;
        server.put(
                path + fresh("repairs"),
                Map.of("part", "strap-end-block", "action", "CLEANED", "note", "", "by", "test", "doneAtMs", at));
        Map<String, Object> passed = Map.of("passed", true, "note", "", "by", "test", "doneAtMs", at + 2000);
        Answer early = server.put(path + fresh("complaint-tests"), passed);
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.text("detail")).contains("take the retest first");
        assertThat(server.get(path).body().path("tests")).isEmpty();

        Map<String, Object> retest = reading("post-plus", "post-minus", "REST", "12.6");
        retest.put("takenAtMs", at + 1000);
        server.put(path + fresh("readings"), retest);
        assertThat(server.put(path + fresh("complaint-tests"), passed).status()).isEqualTo(201);
    }
}
