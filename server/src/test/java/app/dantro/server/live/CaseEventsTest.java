package app.dantro.server.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.dantro.server.store.CaseChanges;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Screens that take what they are told, and one that does not. */
@Timeout(20)
class CaseEventsTest {
    private static final UUID CASE = new UUID(1, 1);

    private final CaseEvents events = new CaseEvents(event -> {}, new Tellers(), new CaseChanges());

    /** A screen that takes a word only when it is let. */
    private static class Stuck extends SseEmitter {
        final Semaphore let = new Semaphore(0);
        final Semaphore taken = new Semaphore(0);

        @Override
        public void send(SseEventBuilder builder) {
            let.acquireUninterruptibly();
            taken.release();
        }
    }

    @Test
    void aStuckScreenHoldsUpNeitherTheSaveNorAnotherScreen() throws Exception {
        Stuck stuck = new Stuck();
        CountDownLatch told = new CountDownLatch(2);
        events.add(CASE, "phone", stuck);
        events.add(CASE, "phone", new SseEmitter() {
            @Override
            public void send(SseEventBuilder builder) {
                told.countDown();
            }
        });
        events.changed(CASE);
        assertThat(told.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(stuck.taken.availablePermits()).isZero();
    }

    @Test
    void aChangeThatComesWhileAWordIsOnItsWayIsToldAfterIt() throws Exception {
        Stuck slow = new Stuck();
        events.add(CASE, "phone", slow);
        for (int i = 0; i < 5; i++) {
            events.changed(CASE);
        }
        slow.let.release(10);
        // the greeting, then one word for all five changes
        assertThat(slow.taken.tryAcquire(2, 10, TimeUnit.SECONDS)).isTrue();
        events.changed(CASE);
        assertThat(slow.taken.tryAcquire(1, 10, TimeUnit.SECONDS)).isTrue();
    }

    /** A screen that may skip its own entry must not skip another's that was told in one word with it. */
    @Test
    void oneEntryIsNamedAndSeveralAreNot() throws Exception {
        List<Object> told = new CopyOnWriteArrayList<>();
        Stuck slow = new Stuck() {
            @Override
            public void send(SseEventBuilder builder) {
                builder.build().stream()
                        .map(ResponseBodyEmitter.DataWithMediaType::getData)
                        .filter(Map.class::isInstance)
                        .forEach(told::add);
                super.send(builder);
            }
        };
        events.add(CASE, "phone", slow);
        UUID own = new UUID(3, 1);
        events.changed(CASE, own);
        slow.let.release(2);
        assertThat(slow.taken.tryAcquire(2, 10, TimeUnit.SECONDS)).isTrue();
        assertThat(told).containsExactly(Map.of("entry", own));
        events.changed(CASE);
        await().until(() -> told.size() == 2);
        events.changed(CASE, new UUID(3, 2));
        events.changed(CASE, own);
        slow.let.release(2);
        assertThat(slow.taken.tryAcquire(2, 10, TimeUnit.SECONDS)).isTrue();
        assertThat(told).containsExactly(Map.of("entry", own), Map.of(), Map.of());
    }

    /** A screen whose line is gone: it shows only when something is written to it. */
    private static final class Gone extends SseEmitter {
        private boolean greeted;

        @Override
        public void send(SseEventBuilder builder) throws IOException {
            if (greeted) {
                throw new IOException("Broken pipe");
            }
            greeted = true;
        }
    }

    @Test
    void aScreenThatLeftAQuietCaseIsNoticedAndFreed() throws Exception {
        for (int i = 0; i < 20; i++) {
            events.add(CASE, "phone", new Gone());
        }
        assertThat(events.streams()).isEqualTo(20);
        for (int i = 0; i < 100 && events.streams() > 0; i++) {
            events.askIfThere();
            Thread.sleep(20);
        }
        assertThat(events.streams()).isZero();
    }

    @Test
    void oneDeviceHoldsOpenOnlySomeAndTheOldestEnds() {
        CountDownLatch ended = new CountDownLatch(3);
        for (int i = 0; i < OpenStreams.MOST_OF_A_DEVICE + 3; i++) {
            events.add(new UUID(2, i), "phone", new SseEmitter() {
                @Override
                public void send(SseEventBuilder builder) {
                    // takes everything
                }

                @Override
                public synchronized void complete() {
                    ended.countDown();
                }
            });
        }
        assertThat(ended.getCount()).isZero();
    }
}
