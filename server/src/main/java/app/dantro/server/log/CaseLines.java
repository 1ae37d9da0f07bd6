package app.dantro.server.log;

import app.dantro.core.procedure.OrderOfWork;
import app.dantro.server.assess.Judging;
import app.dantro.server.store.CaseChanges;
import app.dantro.server.store.CaseLine;
import app.dantro.server.store.CaseLine.Behind;
import app.dantro.server.store.LineCheckStore;
import app.dantro.server.store.LineStore;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Condition;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Keeps the lines of Bay and log up with what is on record, on a thread of its own. A case that changed is taken next; what
 * nobody told of is found by looking now and then.
 */
@Component
public class CaseLines {
    private static final Logger LOG = LoggerFactory.getLogger(CaseLines.class);
    /** Raised when a line or a card holds something else than before. */
    private static final int FORM = 3;

    private static final int MADE_BY = OrderOfWork.VERSION * 100 + FORM;
    private static final int AT_A_TIME = 8;
    private static final long LOOKS_EVERY_MILLIS = 2000;
    private static final int MOST_WAITING = 3;
    private static final long LATER_MILLIS = 2000;
    private static final long ENDS_WITHIN_MILLIS = 3000;

    private final LineStore store;
    private final LineCheckStore check;
    private final LineMaker maker;
    private final Judging judging;
    private final long patienceMillis;
    private final ReentrantLock lock = new ReentrantLock();
    private final Condition told = lock.newCondition();
    private final Condition idle = lock.newCondition();
    private final Set<UUID> changed = new LinkedHashSet<>();
    private boolean working;
    private boolean stopping;
    private final Thread worker = new Thread(this::work, "case-lines");

    CaseLines(
            LineStore store,
            LineCheckStore check,
            LineMaker maker,
            Judging judging,
            CaseChanges changes,
            @Value("${dantro.lines.wait-ms:150}") long patienceMillis) {
        this.store = store;
        this.check = check;
        this.maker = maker;
        this.judging = judging;
        this.patienceMillis = patienceMillis;
        worker.setDaemon(true);
        changes.onChange(this::changed);
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        store.makeAnewBut(MADE_BY);
        worker.start();
    }

    private void changed(UUID caseId) {
        lock.lock();
        try {
            changed.add(caseId);
            told.signal();
        } finally {
            lock.unlock();
        }
    }

    /** True while more is on record than some line knows of: a search may find more in a moment. */
    boolean settling() {
        return store.anyBehind();
    }

    /** Waits a moment for the lines of cases that changed just now. */
    void settle() {
        long left = TimeUnit.MILLISECONDS.toNanos(patienceMillis);
        lock.lock();
        try {
            while ((working || !changed.isEmpty()) && left > 0) {
                left = idle.awaitNanos(left);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } finally {
            lock.unlock();
        }
    }

    private void work() {
        try {
            mend();
            for (Collection<UUID> next = next(); !stopped(); next = next()) {
                done(caughtUp(next));
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** A line that somebody changed by hand, or lost, is made anew. */
    private void mend() {
        try {
            int mended = check.mend();
            if (mended > 0) {
                LOG.warn("{} lines of Bay and log were not as they were made; they are made anew", mended);
            }
        } catch (RuntimeException e) {
            LOG.error("Whether the lines of Bay and log are as they were made could not be looked at", e);
        }
    }

    /** True if some were behind: then more may be. Where nothing can be read or written it is tried again at the next look. */
    private boolean caughtUp(Collection<UUID> next) {
        try {
            List<Behind> behind = new ArrayList<>();
            next.forEach(id -> store.state(id).ifPresent(behind::add));
            List<CaseLine> lines = (behind.isEmpty() ? store.behind(AT_A_TIME) : behind)
                    .stream().map(maker::of).toList();
            store.keep(lines, MADE_BY);
            return !lines.isEmpty();
        } catch (RuntimeException e) {
            LOG.error("What Bay and log show cannot be kept up with what is on record", e);
            return false;
        }
    }

    /** Those that changed; after a while without any, none: then whatever is behind is looked for. */
    private Collection<UUID> next() throws InterruptedException {
        lock.lock();
        try {
            if (changed.isEmpty() && !working && !stopping) {
                told.await(LOOKS_EVERY_MILLIS, TimeUnit.MILLISECONDS);
            }
            letCasesGoFirst();
            working = true;
            List<UUID> next = changed.stream().limit(AT_A_TIME).toList();
            next.forEach(changed::remove);
            return next;
        } finally {
            lock.unlock();
        }
    }

    /** Where cases wait for their judgement, whoever works on them goes before whoever looks at the Bay. */
    private void letCasesGoFirst() throws InterruptedException {
        long left = judging.waiting() > MOST_WAITING ? TimeUnit.MILLISECONDS.toNanos(LATER_MILLIS) : 0;
        while (left > 0 && !stopping) {
            left = told.awaitNanos(left);
        }
    }

    /** As long as some were behind more may be. */
    private void done(boolean more) {
        lock.lock();
        try {
            working = more;
            if (!working && changed.isEmpty()) {
                idle.signalAll();
            }
        } finally {
            lock.unlock();
        }
    }

    /** Has every line made anew. */
    void anew() {
        store.makeAllAnew();
        changed(new UUID(0, 0));
    }

    private boolean stopped() {
        lock.lock();
        try {
            return stopping;
        } finally {
            lock.unlock();
        }
    }

    /** Ends once what is at hand is written; the rest is behind and taken up at the next start. */
    @PreDestroy
    void stop() throws InterruptedException {
        lock.lock();
        try {
            stopping = true;
            told.signal();
        } finally {
            lock.unlock();
        }
        worker.join(ENDS_WITHIN_MILLIS);
    }
}
