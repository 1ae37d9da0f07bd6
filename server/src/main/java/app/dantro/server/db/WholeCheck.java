package app.dantro.server.db;

import app.dantro.server.seal.SealCheck;
import app.dantro.server.seal.Seals;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.sqlite.SQLiteConfig;

/** Reads all of a large database while the program answers already, with pauses: what is other than it was is told at once. */
@Component
public class WholeCheck {
    private static final Logger LOG = LoggerFactory.getLogger(WholeCheck.class);
    private static final int ROWS_AT_ONCE = 500;
    private static final long PAUSE_MILLIS = 5;

    private final DataFolder folder;
    private volatile boolean stopped;
    private volatile Optional<String> damage = Optional.empty();
    private volatile Statement pages;
    private Thread reading;

    WholeCheck(DataFolder folder) {
        this.folder = folder;
    }

    /** What is wrong with the database, a sentence with what to do; empty as long as nothing was found. */
    public Optional<String> damage() {
        return damage;
    }

    /** Whether it is still being read. */
    public boolean reading() {
        return reading != null && reading.isAlive();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        folder.unread().ifPresent(seal -> {
            reading = new Thread(() -> read(seal), "whole-check");
            reading.setDaemon(true);
            reading.start();
        });
    }

    @PreDestroy
    void stop() throws InterruptedException, SQLException {
        stopped = true;
        if (reading == null) {
            return;
        }
        if (pages != null) {
            pages.cancel();
        }
        reading.join();
    }

    private void read(Seals seal) {
        SQLiteConfig readOnly = new SQLiteConfig();
        readOnly.setReadOnly(true);
        try (Connection connection =
                        DriverManager.getConnection("jdbc:sqlite:" + folder.database(), readOnly.toProperties());
                Statement statement = connection.createStatement()) {
            damage = SealCheck.whole(connection, seal, new Pauses()).damage().map(this::said);
            pages = statement;
            if (damage.isEmpty() && !DatabaseFile.whole(statement)) {
                damage = Optional.of(said("its pages do not fit together"));
            }
            pages = null;
            damage.ifPresentOrElse(LOG::error, () -> LOG.info("All {} sealed rows are as they were", seal.rows()));
        } catch (CancellationException stoppedHere) {
            LOG.info("The reading of all rows was cut off, it begins anew with the next start");
        } catch (SQLException e) {
            if (stopped) {
                return;
            }
            damage = Optional.of(said(e.getMessage()));
            LOG.error("The database cannot be read to its end", e);
        }
    }

    private String said(String what) {
        return "The database (%s) is not what was acknowledged: %s. Make no new entries: stop Dantro, look with './dantro doctor', and put a backup in its place with './dantro restore FILE'."
                .formatted(folder.database(), what);
    }

    /** Leaves room for who works, and ends when the program does. */
    private final class Pauses implements SealCheck.Pace {
        private int rows;

        @Override
        public void row() {
            if (++rows % ROWS_AT_ONCE != 0) {
                return;
            }
            try {
                Thread.sleep(PAUSE_MILLIS);
            } catch (InterruptedException e) {
                throw new CancellationException();
            }
            if (stopped) {
                throw new CancellationException();
            }
        }
    }
}
