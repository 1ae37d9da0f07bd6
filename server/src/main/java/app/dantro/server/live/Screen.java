package app.dantro.server.live;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Executor;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/**
 * One screen's stream. Whatever it is told goes out on a thread of its own, so that a screen that takes nothing holds up
 * nobody. Of each kind of word only the newest waits: however often something changes while a word is on its way, one word
 * follows.
 */
public final class Screen {
    private static final String STILL_THERE = "";

    private final SseEmitter stream;
    private final Executor tellers;
    private final Runnable gone;
    private final Map<String, Object> waiting = new LinkedHashMap<>();
    private boolean sending;

    /** @param gone told once, when the stream can be written to no more */
    public Screen(SseEmitter stream, Executor tellers, Runnable gone) {
        this.stream = stream;
        this.tellers = tellers;
        this.gone = gone;
    }

    /** Tells it; of a kind that still waits to be told the newer word takes the place. */
    public void tell(String name, Object data) {
        tell(name, data, data);
    }

    /** The same; if one still waits, both are told by what stands for several. */
    synchronized void tell(String name, Object data, Object several) {
        waiting.put(name, waiting.remove(name) == null ? data : several);
        if (!sending) {
            sending = true;
            tellers.execute(this::sendAll);
        }
    }

    /** A comment that no page sees, so that a screen that is gone is noticed. */
    void askIfThere() {
        tell(STILL_THERE, STILL_THERE);
    }

    public void end() {
        stream.complete();
    }

    private void sendAll() {
        for (SseEventBuilder next = next(); next != null; next = next()) {
            try {
                stream.send(next);
            } catch (IOException | IllegalStateException e) {
                // A stream that cannot be written to belongs to a screen that is gone.
                stop();
                gone.run();
                return;
            }
        }
    }

    /** The next word; null once none waits. */
    private synchronized SseEventBuilder next() {
        if (waiting.isEmpty()) {
            sending = false;
            return null;
        }
        Map.Entry<String, Object> first = waiting.entrySet().iterator().next();
        waiting.remove(first.getKey());
        return first.getKey().equals(STILL_THERE)
                ? SseEmitter.event().comment(STILL_THERE)
                : SseEmitter.event().name(first.getKey()).data(first.getValue());
    }

    /** Nothing goes out any more: it stays busy for good. */
    private synchronized void stop() {
        waiting.clear();
        sending = true;
    }
}
