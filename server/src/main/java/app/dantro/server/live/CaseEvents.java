package app.dantro.server.live;

import app.dantro.server.job.PreparedCircuits;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Open event streams by case. A stream only says "changed"; the screen then fetches the case. */
@Component
public class CaseEvents {
    private static final long FOREVER = 0;

    private final Map<UUID, Set<SseEmitter>> streams = new ConcurrentHashMap<>();

    SseEmitter open(UUID caseId) {
        SseEmitter stream = new SseEmitter(FOREVER);
        Set<SseEmitter> ofCase = streams.computeIfAbsent(caseId, id -> ConcurrentHashMap.newKeySet());
        ofCase.add(stream);
        stream.onCompletion(() -> ofCase.remove(stream));
        stream.onError(e -> ofCase.remove(stream));
        send(stream, ofCase, "open");
        return stream;
    }

    /** Tells every screen on the case that it changed. */
    public void changed(UUID caseId) {
        Set<SseEmitter> ofCase = streams.getOrDefault(caseId, Set.of());
        ofCase.forEach(stream -> send(stream, ofCase, "changed"));
    }

    /** A circuit that was being worked out is ready: its cases say more now. */
    @EventListener
    void prepared(PreparedCircuits.Prepared prepared) {
        prepared.cases().forEach(this::changed);
    }

    /** Ends every stream when the program stops; an open one would hold up the stop. */
    @EventListener(ContextClosedEvent.class)
    void endAll() {
        streams.values().forEach(ofCase -> ofCase.forEach(SseEmitter::complete));
    }

    /** A stream that cannot be written to belongs to a screen that is gone; it is dropped. */
    private static void send(SseEmitter stream, Set<SseEmitter> ofCase, String name) {
        try {
            stream.send(SseEmitter.event().name(name).data("{}"));
        } catch (IOException | IllegalStateException gone) {
            ofCase.remove(stream);
        }
    }
}
