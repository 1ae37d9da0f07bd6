package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import org.junit.jupiter.api.Test;

/** What stands above every answer. */
class HeadersTest extends OneCase {
    @Test
    void everyAnswerSaysWhatABrowserMayDoWithItRefusalsToo() throws Exception {
        Answer refused = server.putRaw(path, "{}", "application/json", "http://elsewhere");
        assertThat(refused.status()).isEqualTo(403);
        for (Answer answer : new Answer[] {server.get(path), server.get("/api/none"), refused}) {
            assertThat(answer.raw().headers().firstValue("Cache-Control")).contains("no-store");
            assertThat(answer.raw().headers().firstValue("X-Content-Type-Options"))
                    .contains("nosniff");
            assertThat(answer.raw()
                            .headers()
                            .firstValue("Content-Security-Policy")
                            .orElseThrow())
                    .contains("base-uri 'none'", "form-action 'self'", "frame-ancestors 'none'");
        }
    }

    /** An address that the container does not even pass on. */
    @Test
    void whatTheContainerRefusesIsSaidAsEveryOtherRefusal() throws Exception {
        Answer refused = server.get("/api/cases/%5C");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.raw().headers().firstValue("Content-Type").orElseThrow())
                .startsWith("application/problem+json");
        assertThat(refused.text("detail")).contains("look at its address");
        assertThat(refused.raw().headers().firstValue("Content-Security-Policy"))
                .isPresent();
    }
}
