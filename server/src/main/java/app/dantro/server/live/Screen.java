package app.dantro.server.live;

import java.io.IOException;
import java.util.concurrent.Executor;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * One screen's stream. Whatever it is told goes out on a thread of its own, so that a screen that takes nothing holds up
 * nobody. That something changed is never lost: however often it happens while a word is on its way, one word follows.
 */
final class Screen {
    private final SseEmitter stream;
    private final Executor tellers;
    private final Runnable gone;
    private boolean sending;
    private boolean changed;

    Screen(SseEmitter stream, Executor tellers, Runnable gone) {
        this.stream = stream;
        this.tellers = tellers;
        this.gone = gone;
    }

    /** The case changed. */
    synchronized void changed() {
        changed = true;
        if (!sending) {
            sending = true;
            tellers.execute(this::sendChanged);
        }
    }

    /** What happens at this moment and is not on record; missed if the last word is still on its way. */
    synchronized void tell(String name, Object data) {
        if (!sending) {
            sending = true;
            tellers.execute(() -> {
                send(name, data);
                sendChanged();
            });
        }
    }

    void end() {
        stream.complete();
    }

    private void sendChanged() {
        while (takeChanged()) {
            send("changed", "{}");
        }
    }

    private synchronized boolean takeChanged() {
        boolean more = changed;
        changed = false;
        sending = more;
        return more;
    }

    /** A stream that cannot be written to belongs to a screen that is gone. */
    private void send(String name, Object data) {
        try {
            stream.send(SseEmitter.event().name(name).data(data));
        } catch (IOException | IllegalStateException e) {
            gone.run();
        }
    }
}
