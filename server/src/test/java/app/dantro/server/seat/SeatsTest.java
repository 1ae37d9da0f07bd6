package app.dantro.server.seat;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.OneServer;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A seat's phone that takes nothing holds up no other seat, and no order. */
@Timeout(30)
class SeatsTest extends OneServer {
    private static UUID newCase() throws Exception {
        String path = server.openCase();
        return UUID.fromString(path.substring(path.lastIndexOf('/') + 1));
    }

    @Test
    void aStalledPhoneStopsNoHeartbeat() throws Exception {
        Seats seats = server.bean(Seats.class);
        UUID stalled = newCase();
        UUID other = newCase();
        Semaphore never = new Semaphore(0);
        seats.add(stalled, new UUID(1, 1), "192.0.2.1", new SseEmitter() {
            @Override
            public void send(SseEventBuilder builder) {
                never.acquireUninterruptibly();
            }
        });
        CountDownLatch beats = new CountDownLatch(3);
        seats.add(other, new UUID(2, 2), "192.0.2.2", new SseEmitter() {
            @Override
            public void send(SseEventBuilder builder) {
                beats.countDown();
            }
        });
        for (int i = 0; i < 200; i++) {
            seats.letGo(stalled);
        }
        assertThat(beats.await(10, TimeUnit.SECONDS)).isTrue();
        never.release(1_000_000);
    }
}
