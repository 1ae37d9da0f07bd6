package app.dantro.server.backup;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Looks each minute whether a backup is due; one that was missed is made a minute after the next start. The demo has none. */
@Component
@ConditionalOnProperty(name = "dantro.demo", havingValue = "false", matchIfMissing = true)
class Nightly {
    private static final Logger LOG = LoggerFactory.getLogger(Nightly.class);
    private final Backups backups;
    private final ScheduledExecutorService minutes = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "backups");
        thread.setDaemon(true);
        return thread;
    });

    Nightly(Backups backups) {
        this.backups = backups;
    }

    @PostConstruct
    void start() {
        minutes.scheduleWithFixedDelay(this::look, 1, 1, TimeUnit.MINUTES);
    }

    private void look() {
        try {
            if (backups.due()) {
                backups.make();
            }
        } catch (BackupFailed said) {
            LOG.debug("Tried again in an hour", said);
        } catch (RuntimeException e) {
            LOG.error("The backups cannot be looked after", e);
        }
    }

    @PreDestroy
    void stop() {
        minutes.shutdown();
    }
}
