package app.dantro.server.device;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Codes of six digits by which a device joins: each works once and for ten minutes, and the whole server takes five tries
 * a minute, so that guessing one of a million is hopeless.
 */
@Component
class PairingCodes {
    static final Duration LIFE = Duration.ofMinutes(10);
    private static final Duration TRY_WINDOW = Duration.ofMinutes(1);
    private static final int MOST_TRIES = 5;
    private static final int CODES = 1_000_000;

    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Grant> grants = new HashMap<>();
    private final Deque<Long> triesAtMs = new ArrayDeque<>();

    PairingCodes(Clock clock) {
        this.clock = clock;
    }

    /** What a code gives to the device that types it. */
    record Grant(Role role, Optional<UUID> caseId, long expiresAtMs) {}

    /** A code with its grant. */
    record Code(String digits, Grant grant) {}

    synchronized Code make(Role role, Optional<UUID> caseId) {
        long now = clock.millis();
        grants.values().removeIf(g -> g.expiresAtMs() <= now);
        String digits;
        do {
            digits = "%06d".formatted(random.nextInt(CODES));
        } while (grants.containsKey(digits));
        Grant grant = new Grant(role, caseId, now + LIFE.toMillis());
        grants.put(digits, grant);
        return new Code(digits, grant);
    }

    /** True if another try is let through this minute; it counts as one. */
    synchronized boolean mayTry() {
        long now = clock.millis();
        while (!triesAtMs.isEmpty() && now - triesAtMs.peekFirst() >= TRY_WINDOW.toMillis()) {
            triesAtMs.removeFirst();
        }
        if (triesAtMs.size() >= MOST_TRIES) {
            return false;
        }
        triesAtMs.addLast(now);
        return true;
    }

    /** Takes a code, which then works no more. */
    synchronized Optional<Grant> take(String digits) {
        return Optional.ofNullable(grants.remove(digits)).filter(g -> clock.millis() < g.expiresAtMs());
    }
}
