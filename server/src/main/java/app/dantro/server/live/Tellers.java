package app.dantro.server.live;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** The threads on which screens are told, never one of a request or of the heartbeat. */
@Component
public class Tellers implements Executor, DisposableBean {
    private final ExecutorService threads = Executors.newCachedThreadPool(task -> thread(task, "teller"));
    private final ScheduledExecutorService timer =
            Executors.newSingleThreadScheduledExecutor(task -> thread(task, "still-there"));

    @Override
    public void execute(Runnable task) {
        threads.execute(task);
    }

    /** Does something again and again. */
    void every(long seconds, Runnable task) {
        timer.scheduleAtFixedRate(task, seconds, seconds, TimeUnit.SECONDS);
    }

    private static Thread thread(Runnable task, String name) {
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        return thread;
    }

    @Override
    public void destroy() {
        timer.shutdownNow();
        threads.shutdownNow();
    }
}
