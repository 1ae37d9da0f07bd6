package app.dantro.server.live;

import app.dantro.server.assess.PreparedCircuits;
import app.dantro.server.store.CaseChanges;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Open event streams by case. A stream only says "changed", by which entry if it was one; the screen then fetches the case,
 * unless the entry is its own.
 */
@Component
public class CaseEvents {
    private static final long FOREVER = 0;

    private static final long STILL_THERE_SECONDS = 15;
    private static final Map<String, UUID> SOMETHING = Map.of();

    private final Map<UUID, Set<Screen>> screens = new ConcurrentHashMap<>();
    private final OpenStreams open = new OpenStreams();
    private final Tellers tellers;
    private final ApplicationEventPublisher publisher;
    private final CaseChanges changes;

    /** A case has something new on record. */
    public record CaseChanged(UUID caseId) {}

    CaseEvents(ApplicationEventPublisher publisher, Tellers tellers, CaseChanges changes) {
        this.changes = changes;
        this.publisher = publisher;
        this.tellers = tellers;
        tellers.every(STILL_THERE_SECONDS, this::askIfThere);
    }

    SseEmitter open(UUID caseId, String device) {
        SseEmitter stream = new SseEmitter(FOREVER);
        add(caseId, device, stream);
        return stream;
    }

    void add(UUID caseId, String device, SseEmitter stream) {
        AtomicReference<Screen> self = new AtomicReference<>();
        Screen screen = new Screen(stream, tellers, () -> remove(caseId, device, self.get()));
        self.set(screen);
        screens.compute(caseId, (id, ofCase) -> {
            Set<Screen> all = ofCase == null ? ConcurrentHashMap.newKeySet() : ofCase;
            all.add(screen);
            return all;
        });
        stream.onCompletion(() -> remove(caseId, device, screen));
        stream.onError(e -> remove(caseId, device, screen));
        open.opened(device, screen);
        screen.tell("open", "{}");
    }

    private void remove(UUID caseId, String device, Screen screen) {
        screens.computeIfPresent(caseId, (id, ofCase) -> {
            ofCase.remove(screen);
            return ofCase.isEmpty() ? null : ofCase;
        });
        open.closed(device, screen);
    }

    /** A screen that went without a word is noticed by writing to it. */
    void askIfThere() {
        screens.values().forEach(ofCase -> ofCase.forEach(Screen::askIfThere));
    }

    /** How many streams are open. */
    public int streams() {
        return screens.values().stream().mapToInt(Set::size).sum();
    }

    /** Tells every screen on the case that it changed, once what changed it is on record for good. */
    public void changed(UUID caseId) {
        changed(caseId, SOMETHING);
    }

    /** The same by an entry: the screen that it came from has the case with it in the answer. */
    public void changed(UUID caseId, UUID entry) {
        changed(caseId, Map.of("entry", entry));
    }

    private void changed(UUID caseId, Map<String, UUID> by) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            tellChanged(caseId, by);
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                tellChanged(caseId, by);
            }
        });
    }

    private void tellChanged(UUID caseId, Map<String, UUID> by) {
        changes.changed(caseId);
        screens.getOrDefault(caseId, Set.of()).forEach(screen -> screen.tell("changed", by, SOMETHING));
        publisher.publishEvent(new CaseChanged(caseId));
    }

    /**
     * Tells every screen on the case what happens at this moment and is not on record. It never waits: a screen that
     * has not taken the last word yet gets the newest one only.
     */
    public void tell(UUID caseId, String name, Object data) {
        screens.getOrDefault(caseId, Set.of()).forEach(screen -> screen.tell(name, data));
    }

    /** True if any screen looks at the case. */
    public boolean watched(UUID caseId) {
        return !screens.getOrDefault(caseId, Set.of()).isEmpty();
    }

    /** A circuit that was being worked out is ready: its cases say more now. */
    @EventListener
    void prepared(PreparedCircuits.Prepared prepared) {
        prepared.cases().forEach(id -> changed(id));
    }

    /** Ends every stream when the program stops, where an open one would hold it up; screens that may open them anew. */
    @EventListener({ContextClosedEvent.class, DeviceBarred.class})
    void endAll() {
        screens.values().forEach(ofCase -> ofCase.forEach(Screen::end));
    }
}
