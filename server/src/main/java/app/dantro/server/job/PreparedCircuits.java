package app.dantro.server.job;

import app.dantro.core.inference.PreparedCircuit;
import jakarta.annotation.PreDestroy;
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
    private final Map<Key, Set<UUID>> waiting = new LinkedHashMap<>();

    PreparedCircuits(ApplicationEventPublisher publisher) {
        this.publisher = publisher;
    }

    private record Key(String circuit, double celsius) {}

    /** Says that the circuit of these cases is ready. */
    public record Prepared(Set<UUID> cases) {
        public Prepared {
            cases = Set.copyOf(cases);
        }
    }

    /** The circuit of a case, if it is ready; if not it is being made, and the case will be told. */
    public Optional<PreparedCircuit> of(CaseFile file) {
        Key key = new Key(file.onCircuit().json(), Math.rint(file.record().celsius() / CELSIUS_STEP) * CELSIUS_STEP);
        synchronized (ready) {
            PreparedCircuit made = ready.get(key);
            if (made != null) {
                return Optional.of(made);
            }
            Set<UUID> cases = waiting.get(key);
            if (cases == null) {
                cases = new HashSet<>();
                waiting.put(key, cases);
                worker.submit(() -> make(key, file));
            }
            cases.add(file.record().id());
            return Optional.empty();
        }
    }

    private void make(Key key, CaseFile file) {
        Set<UUID> told;
        try {
            PreparedCircuit made =
                    PreparedCircuit.of(file.circuit(), key.celsius).prepare();
            synchronized (ready) {
                ready.put(key, made);
            }
        } finally {
            synchronized (ready) {
                told = waiting.remove(key);
            }
        }
        publisher.publishEvent(new Prepared(told));
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }
}
