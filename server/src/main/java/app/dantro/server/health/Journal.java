package app.dantro.server.health;

import app.dantro.server.db.DataFolder;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Writes into the log when the program began to answer and when it stopped: a start without a stop before it was a crash. */
@Component
class Journal {
    private static final Logger LOG = LoggerFactory.getLogger(Journal.class);

    private final DataFolder folder;

    Journal(DataFolder folder) {
        this.folder = folder;
    }

    @EventListener(ApplicationReadyEvent.class)
    void started() {
        LOG.info("Started on {}", folder.path());
    }

    @EventListener(ContextClosedEvent.class)
    void stopped() {
        LOG.info("Stopped");
    }
}
