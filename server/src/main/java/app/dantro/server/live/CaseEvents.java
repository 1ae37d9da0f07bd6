package app.dantro.server.live;

import app.dantro.server.assess.PreparedCircuits;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Open event streams by case. A stream only says "changed"; the screen then fetches the case. */
@Component
public class CaseEvents {
    private static final long FOREVER = 0;

    private final Map<UUID, Set<SseEmitter>> streams = new ConcurrentHashMap<>();
    private final Set<SseEmitter> taking = ConcurrentHashMap.newKeySet();
    private final ExecutorService tellers = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "teller");
        thread.setDaemon(true);
        return thread;
    });
    private final ApplicationEventPublisher publisher;

    /** A case has something new on record. */
    public record CaseChanged(UUID caseId) {}

    CaseEvents(ApplicationEventPublisher publisher) {
        this.publisher = publisher;
    }

    SseEmitter open(UUID caseId) {
        SseEmitter stream = new SseEmitter(FOREVER);
        Set<SseEmitter> ofCase = streams.computeIfAbsent(caseId, id -> ConcurrentHashMap.newKeySet());
        ofCase.add(stream);
        stream.onCompletion(() -> ofCase.remove(stream));
        stream.onError(e -> ofCase.remove(stream));
        send(stream, ofCase, "open", "{}");
        return stream;
    }

    /** Tells every screen on the case that it changed. */
    public void changed(UUID caseId) {
        Set<SseEmitter> ofCase = streams.getOrDefault(caseId, Set.of());
        ofCase.forEach(stream -> send(stream, ofCase, "changed", "{}"));
        publisher.publishEvent(new CaseChanged(caseId));
    }

    /**
     * Tells every screen on the case what happens at this moment and is not on record. It never waits: a screen that
     * has not taken the last word yet misses this one.
     */
    public void tell(UUID caseId, String name, Object data) {
        Set<SseEmitter> ofCase = streams.getOrDefault(caseId, Set.of());
        for (SseEmitter stream : ofCase) {
            if (taking.add(stream)) {
                tellers.execute(() -> {
                    send(stream, ofCase, name, data);
                    taking.remove(stream);
                });
            }
        }
    }

    /** True if any screen looks at the case. */
    public boolean watched(UUID caseId) {
        return !streams.getOrDefault(caseId, Set.of()).isEmpty();
    }

    /** A circuit that was being worked out is ready: its cases say more now. */
    @EventListener
    void prepared(PreparedCircuits.Prepared prepared) {
        prepared.cases().forEach(this::changed);
    }

    /** Ends every stream when the program stops, where an open one would hold it up; screens that may open them anew. */
    @EventListener({ContextClosedEvent.class, DeviceBarred.class})
    void endAll() {
        streams.values().forEach(ofCase -> ofCase.forEach(SseEmitter::complete));
    }

    /** A stream that cannot be written to belongs to a screen that is gone; it is dropped. */
    private static void send(SseEmitter stream, Set<SseEmitter> ofCase, String name, Object data) {
        try {
            stream.send(SseEmitter.event().name(name).data(data));
        } catch (IOException | IllegalStateException gone) {
            ofCase.remove(stream);
        }
    }
}
