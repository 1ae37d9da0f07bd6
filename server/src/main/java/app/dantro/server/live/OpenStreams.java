package app.dantro.server.live;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The streams that each device holds open, and no more than some: one more ends the device's oldest. A page whose stream ends
 * opens it anew.
 */
public final class OpenStreams {
    /** More than any browser's open pages. */
    static final int MOST_OF_A_DEVICE = 48;

    private final Map<String, Deque<Screen>> ofDevice = new HashMap<>();

    public void opened(String device, Screen screen) {
        add(device, screen).ifPresent(Screen::end);
    }

    private synchronized Optional<Screen> add(String device, Screen screen) {
        Deque<Screen> open = ofDevice.computeIfAbsent(device, d -> new ArrayDeque<>());
        open.addLast(screen);
        return open.size() > MOST_OF_A_DEVICE ? Optional.of(open.removeFirst()) : Optional.empty();
    }

    public synchronized void closed(String device, Screen screen) {
        Deque<Screen> open = ofDevice.getOrDefault(device, new ArrayDeque<>());
        open.remove(screen);
        if (open.isEmpty()) {
            ofDevice.remove(device);
        }
    }
}
