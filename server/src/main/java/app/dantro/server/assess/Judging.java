package app.dantro.server.assess;

import app.dantro.core.procedure.Assessment;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Judges cases on threads of its own, so that what was saved is acknowledged without waiting for it. Cases take turns, one
 * place in the queue each; of one case only the newest state is judged. Whoever asks waits a moment; whoever got no answer in
 * it is told when there is one.
 */
@Component
public class Judging {
    private static final int MOST_AHEAD = 3;

    private final ApplicationEventPublisher publisher;
    private final long waitMillis;
    private final Map<UUID, Asked> asked = new ConcurrentHashMap<>();
    private final ThreadPoolExecutor workers;

    Judging(
            ApplicationEventPublisher publisher,
            @Value("${dantro.judgement.wait-ms:150}") long waitMillis,
            @Value("${dantro.judgement.threads:0}") int threads) {
        this.publisher = publisher;
        this.waitMillis = waitMillis;
        int count = threads > 0 ? threads : Math.max(1, Runtime.getRuntime().availableProcessors() - 1);
        this.workers = new ThreadPoolExecutor(count, count, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), task -> {
            Thread thread = new Thread(task, "judgement");
            thread.setDaemon(true);
            return thread;
        });
    }

    /** The state of a case that waits for its judgement. */
    private record Asked(Object state, Supplier<Assessment> work, CompletableFuture<Assessment> answer) {
        private void judge() {
            try {
                answer.complete(work.get());
            } catch (RuntimeException e) {
                answer.completeExceptionally(e);
            }
        }
    }

    /**
     * The judgement of a case's state, if there is one in a moment; if not the case will be told.
     *
     * @param state what is judged: the same one is judged once, an older one of the case no more
     * @throws RuntimeException what the work throws
     */
    Optional<Assessment> within(UUID caseId, Object state, Supplier<Assessment> work) {
        Asked mine = asked.compute(caseId, (id, waiting) -> {
            if (waiting != null && waiting.state.equals(state)) {
                return waiting;
            }
            if (waiting == null) {
                workers.execute(() -> next(caseId));
            } else {
                waiting.answer.cancel(false);
            }
            return new Asked(state, work, new CompletableFuture<>());
        });
        try {
            return Optional.of(mine.answer.get(patience(), TimeUnit.MILLISECONDS));
        } catch (TimeoutException e) {
            mine.answer.whenComplete((judged, failed) -> tell(caseId, mine));
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } catch (CancellationException e) {
            return Optional.empty();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException thrown) {
                throw thrown;
            }
            throw new IllegalStateException(e.getCause());
        }
    }

    /** Behind a queue nobody's judgement is done in a moment: then nobody waits for it. */
    private long patience() {
        return workers.getQueue().size() > MOST_AHEAD ? 0 : waitMillis;
    }

    private void next(UUID caseId) {
        Asked newest = asked.remove(caseId);
        if (newest != null) {
            newest.judge();
        }
    }

    /** Only of a state that was judged: a newer one tells for itself. */
    private void tell(UUID caseId, Asked of) {
        if (!of.answer.isCancelled()) {
            publisher.publishEvent(new PreparedCircuits.Prepared(Set.of(caseId)));
        }
    }

    /** How many cases wait for their judgement, or are at it. */
    public int waiting() {
        return workers.getQueue().size() + workers.getActiveCount();
    }

    @PreDestroy
    void stop() {
        workers.shutdownNow();
    }
}
