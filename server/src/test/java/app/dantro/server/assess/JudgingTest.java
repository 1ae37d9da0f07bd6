package app.dantro.server.assess;

import static app.dantro.server.RunningServer.cranking;
import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.procedure.Assessment;
import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** A save does not wait for its judgement: who waited in vain is told, and of a case only the newest state is judged. */
class JudgingTest {
    private static final UUID ONE = new UUID(1, 1);
    private static final UUID OTHER = new UUID(1, 2);

    @TempDir
    Path folder;

    private final List<Object> told = Collections.synchronizedList(new ArrayList<>());
    private final List<String> judged = Collections.synchronizedList(new ArrayList<>());

    private Judging waiting(long millis) {
        return new Judging(told::add, millis, 1);
    }

    private Supplier<Assessment> work(String name) {
        return () -> {
            judged.add(name);
            return null;
        };
    }

    /** A worker that is busy until the latch opens. */
    private static void busy(Judging judging, CountDownLatch latch) {
        judging.within(new UUID(9, 9), "busy", () -> {
            try {
                latch.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return null;
        });
    }

    @Test
    @Timeout(20)
    void ofACaseOnlyTheNewestStateIsJudgedAndCasesTakeTurns() throws Exception {
        Judging judging = waiting(1);
        CountDownLatch latch = new CountDownLatch(1);
        busy(judging, latch);
        assertThat(judging.within(ONE, "one, 1", work("one, 1"))).isEmpty();
        assertThat(judging.within(OTHER, "other", work("other"))).isEmpty();
        assertThat(judging.within(ONE, "one, 2", work("one, 2"))).isEmpty();
        assertThat(judging.within(ONE, "one, 2", work("one, 2"))).isEmpty();
        latch.countDown();
        until(() -> judged.size() == 2);
        assertThat(judged).containsExactly("one, 2", "other");
        until(() -> told.contains(new PreparedCircuits.Prepared(Set.of(ONE)))
                && told.contains(new PreparedCircuits.Prepared(Set.of(OTHER))));
        judging.stop();
    }

    @Test
    void whatCannotBeJudgedSaysSoToWhoeverWaits() {
        Judging judging = waiting(10_000);
        assertThatThrownBy(() -> judging.within(ONE, "bad", () -> {
                    throw new IllegalStateException("no end");
                }))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("no end");
        judging.stop();
    }

    /** The answer to a save comes at once, by rules alone; the case's line then says that there is more. */
    @Test
    @Timeout(60)
    void aSaveIsAcknowledgedBeforeItsJudgementAndTheCaseIsToldOfIt() throws Exception {
        try (RunningServer server = RunningServer.on(folder, RunningServer.WAIT + "0")) {
            String path = server.openCase();
            server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
            until(() -> !preparing(server.get(path).body()));
            JsonNode saved = server.put(path + fresh("readings"), cranking("post-plus", "post-minus", "11.57", 154))
                    .body();
            assertThat(saved.path("readings")).hasSize(2);
            assertThat(preparing(saved)).isTrue();
            until(() -> !preparing(server.get(path).body()));
            assertThat(server.get(path).body().path("entries")).isEqualTo(saved.path("entries"));
        }
    }

    /** What was found while looking is put right at once: nobody waits until a circuit is worked out. */
    @Test
    void everyPartCanBeRepairedBeforeTheFirstJudgement() throws Exception {
        try (RunningServer server = RunningServer.on(folder, RunningServer.WAIT + "0")) {
            String path = server.openCase();
            JsonNode first = server.get(path).body();
            assertThat(preparing(first)).isTrue();
            until(() -> !preparing(server.get(path).body()));
            assertThat(parts(first))
                    .contains("charge-cable", "alternator")
                    .isEqualTo(parts(server.get(path).body()));
        }
    }

    private static Set<String> parts(JsonNode view) {
        Set<String> ids = new TreeSet<>();
        view.path("parts").forEach(p -> ids.add(p.path("id").asText()));
        return ids;
    }

    private static boolean preparing(JsonNode view) {
        return view.path("judgement").path("preparing").asBoolean();
    }

    private static void until(Callable<Boolean> done) throws Exception {
        long end = System.nanoTime() + Duration.ofSeconds(50).toNanos();
        while (!done.call()) {
            assertThat(System.nanoTime()).as("in time").isLessThan(end);
            TimeUnit.MILLISECONDS.sleep(20);
        }
    }
}
