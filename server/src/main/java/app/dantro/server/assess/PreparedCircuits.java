package app.dantro.server.assess;

import app.dantro.core.inference.PreparedCircuit;
import app.dantro.server.store.StoredCase;
import com.github.benmanes.caffeine.cache.AsyncCache;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Circuits with everything worked out that no reading changes. Made on a thread of its own, the newest asked for first,
 * since it takes up to two seconds; those asked for last are kept, in half of the heap. Cases that asked before theirs was ready are told when
 * it is.
 */
@Component
public class PreparedCircuits {
    private static final Logger LOG = LoggerFactory.getLogger(PreparedCircuits.class);
    private static final int SHARE_OF_HEAP = 2;
    /** What a circuit grows by as pairs of its faults are looked at: 2,600 in each of two conditions (docs/decisions/0034). */
    private static final int ASSUMED_GROWTH_KILOBYTES = 1536;

    private final ApplicationEventPublisher publisher;
    private final ThreadPoolExecutor worker =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new NewestFirst(), task -> {
                Thread thread = new Thread(task, "circuit-preparation");
                thread.setDaemon(true);
                return thread;
            });
    private final AsyncCache<Key, Attempt> ready;
    private final AtomicLong tried = new AtomicLong();
    /** Cases that asked and are to be told. */
    private final Map<Key, Set<UUID>> asked = new ConcurrentHashMap<>();

    PreparedCircuits(ApplicationEventPublisher publisher, Keeping keeping) {
        this.publisher = publisher;
        this.ready = keeping.caches()
                .maximumWeight(Runtime.getRuntime().maxMemory() / SHARE_OF_HEAP >> 10)
                .weigher((Key key, Attempt attempt) -> attempt.kilobytes())
                .buildAsync();
    }

    /** A circuit that was worked out, or why it cannot be. */
    private record Attempt(Optional<PreparedCircuit> circuit, String failed) {
        private int kilobytes() {
            return ASSUMED_GROWTH_KILOBYTES
                    + (int) (circuit.map(PreparedCircuit::bytes).orElse(0L) >> 10);
        }

        static Attempt at(StoredCase file) {
            try {
                return new Attempt(
                        Optional.of(
                                PreparedCircuit.of(file.circuit(), file.record().celsius())
                                        .prepare()),
                        "");
            } catch (RuntimeException e) {
                LOG.error(
                        "The circuit of case {} cannot be worked out",
                        file.record().id(),
                        e);
                return new Attempt(Optional.empty(), String.valueOf(e.getMessage()));
            }
        }
    }

    /** Says that a circuit cannot be judged, whatever is read in it. */
    static final class CannotPrepare extends RuntimeException {
        private static final long serialVersionUID = 1;

        CannotPrepare(String why) {
            super(why);
        }
    }

    private record Key(String circuit, double celsius) {
        static Key of(StoredCase file) {
            return new Key(file.onCircuit().json(), file.record().celsius());
        }
    }

    /** Tasks of which the last one put in is taken first. */
    private static final class NewestFirst extends LinkedBlockingDeque<Runnable> {
        private static final long serialVersionUID = 1;

        @Override
        public boolean offer(Runnable task) {
            return offerFirst(task);
        }
    }

    /** Says that the circuit of these cases is ready. */
    public record Prepared(Set<UUID> cases) {
        public Prepared {
            cases = Set.copyOf(cases);
        }
    }

    /**
     * The circuit of a case, if it is ready.
     *
     * @throws CannotPrepare if it was tried and failed
     */
    public Optional<PreparedCircuit> ifReady(StoredCase file) {
        return Optional.ofNullable(ready.getIfPresent(Key.of(file))).flatMap(PreparedCircuits::made);
    }

    /**
     * The circuit of a case, if it is ready; if not it is made next, and the case will be told.
     *
     * @throws CannotPrepare if it was tried and failed
     */
    public Optional<PreparedCircuit> of(StoredCase file) {
        Key key = Key.of(file);
        Optional<PreparedCircuit> made = ifReady(file);
        if (made.isPresent()) {
            return made;
        }
        asked.computeIfAbsent(key, k -> ConcurrentHashMap.newKeySet())
                .add(file.record().id());
        CompletableFuture<Attempt> making =
                ready.get(key, (k, executor) -> CompletableFuture.supplyAsync(() -> Attempt.at(file), worker));
        making.whenComplete((circuit, failed) -> tell(key));
        return made(making);
    }

    private static Optional<PreparedCircuit> made(CompletableFuture<Attempt> making) {
        if (!making.isDone()) {
            return Optional.empty();
        }
        Attempt attempt = making.join();
        if (attempt.circuit().isEmpty()) {
            throw new CannotPrepare(attempt.failed());
        }
        return attempt.circuit();
    }

    /** How many circuits were worked out so far, or tried: while it stays, none is ready that was not. */
    public long tried() {
        return tried.get();
    }

    /** How many circuits wait to be worked out, or are at it. */
    public int waiting() {
        return worker.getQueue().size() + worker.getActiveCount();
    }

    /** Whoever asked is told once, whichever of the askers comes first. */
    private void tell(Key key) {
        tried.incrementAndGet();
        Set<UUID> told = asked.remove(key);
        if (told != null) {
            publisher.publishEvent(new Prepared(told));
        }
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
