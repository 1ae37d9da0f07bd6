package app.dantro.server.seat;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** One beat a second: a seat that misses two shows STOP. */
@Component
class Heartbeat implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Heartbeat.class);

    private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "seat-heartbeat");
        thread.setDaemon(true);
        return thread;
    });

    Heartbeat(Seats seats) {
        timer.scheduleAtFixedRate(() -> beat(seats), 1, 1, TimeUnit.SECONDS);
    }

    /** A beat that fails is reported; the next one still comes, for without it every seat stands at STOP. */
    private static void beat(Seats seats) {
        try {
            seats.beat();
        } catch (RuntimeException failed) {
            LOG.error("A heartbeat failed", failed);
        }
    }

    @Override
    public void destroy() {
        timer.shutdownNow();
    }
}
