package app.dantro.server.assess;

import app.dantro.core.inference.PreparedCircuit;
import app.dantro.server.store.StoredCase;
import jakarta.annotation.PreDestroy;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Circuits with everything worked out that no reading changes. Made on a thread of its own, since it takes up to two
 * seconds; at most {@value #KEPT} are kept. Cases that asked before theirs was ready are told when it is.
 */
@Component
public class PreparedCircuits {
    private static final int KEPT = 8;
    private static final double CELSIUS_STEP = 4;

    private final ApplicationEventPublisher publisher;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "circuit-preparation");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<Key, PreparedCircuit> ready = new LinkedHashMap<>(KEPT, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, PreparedCircuit> eldest) {
            return size() > KEPT;
        }
    };
    /** What is asked for, the newest last: that one is made first. */
    private final Map<Key, Wanted> waiting = new LinkedHashMap<>();

    private final Set<Key> making = new HashSet<>();
    /** Cases that asked while theirs was being made. */
    private final Map<Key, Set<UUID>> late = new HashMap<>();

    PreparedCircuits(ApplicationEventPublisher publisher) {
        this.publisher = publisher;
    }

    private record Key(String circuit, double celsius) {
        static Key of(StoredCase file) {
            double celsius = Math.rint(file.record().celsius() / CELSIUS_STEP) * CELSIUS_STEP;
            return new Key(file.onCircuit().json(), celsius);
        }
    }

    private record Wanted(StoredCase file, Set<UUID> cases) {}

    /** Says that the circuit of these cases is ready. */
    public record Prepared(Set<UUID> cases) {
        public Prepared {
            cases = Set.copyOf(cases);
        }
    }

    /** The circuit of a case, if it is ready. */
    public Optional<PreparedCircuit> ifReady(StoredCase file) {
        synchronized (ready) {
            return Optional.ofNullable(ready.get(Key.of(file)));
        }
    }

    /** The circuit of a case, if it is ready; if not it is made next, and the case will be told. */
    public Optional<PreparedCircuit> of(StoredCase file) {
        Key key = Key.of(file);
        synchronized (ready) {
            PreparedCircuit made = ready.get(key);
            if (made == null && !making.contains(key)) {
                Wanted before = waiting.remove(key);
                Set<UUID> cases = before == null ? new HashSet<>() : before.cases;
                cases.add(file.record().id());
                waiting.put(key, new Wanted(file, cases));
                worker.submit(this::makeNewest);
            } else if (made == null) {
                late.computeIfAbsent(key, k -> new HashSet<>())
                        .add(file.record().id());
            }
            return Optional.ofNullable(made);
        }
    }

    private void makeNewest() {
        Key key = null;
        Wanted wanted = null;
        synchronized (ready) {
            for (Map.Entry<Key, Wanted> entry : waiting.entrySet()) {
                key = entry.getKey();
                wanted = entry.getValue();
            }
            if (key == null) {
                return;
            }
            waiting.remove(key);
            making.add(key);
        }
        Set<UUID> told = new HashSet<>(wanted.cases);
        try {
            PreparedCircuit made =
                    PreparedCircuit.of(wanted.file.circuit(), key.celsius).prepare();
            synchronized (ready) {
                ready.put(key, made);
            }
        } finally {
            synchronized (ready) {
                making.remove(key);
                told.addAll(late.getOrDefault(key, Set.of()));
                late.remove(key);
            }
        }
        publisher.publishEvent(new Prepared(told));
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
