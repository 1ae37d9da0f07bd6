package app.dantro.server.device;

import app.dantro.server.time.SteadyClock;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Codes of eight digits by which a device joins: each works once and for ten minutes, few are open at a time, and whoever
 * tries has five tries a minute, so that guessing one of a hundred million is hopeless and keeps nobody else out.
 */
@Component
class PairingCodes {
    static final Duration LIFE = Duration.ofMinutes(10);
    static final int MOST_OPEN = 20;
    private static final Duration TRY_WINDOW = Duration.ofMinutes(1);
    private static final int MOST_TRIES = 5;
    private static final int CODES = 100_000_000;

    /** So many are remembered who tried; one more, and whoever tried longest ago is forgotten. */
    private static final int MOST_PEERS = 10_000;

    private final SteadyClock clock;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Grant> grants = new LinkedHashMap<>();
    private final Map<String, Deque<Long>> triesAtMs = new LinkedHashMap<>();

    PairingCodes(SteadyClock clock) {
        this.clock = clock;
    }

    /** What a code gives to the device that types it. */
    record Grant(Role role, Optional<UUID> caseId, long expiresAtMs) {}

    /** A code with its grant. */
    record Code(String digits, Grant grant) {}

    /** A new code; one too many takes the place of the oldest. */
    synchronized Code make(Role role, Optional<UUID> caseId) {
        long now = clock.millis();
        grants.values().removeIf(g -> g.expiresAtMs() <= now);
        if (grants.size() >= MOST_OPEN) {
            grants.remove(grants.keySet().iterator().next());
        }
        String digits;
        do {
            digits = "%08d".formatted(random.nextInt(CODES));
        } while (grants.containsKey(digits));
        Grant grant = new Grant(role, caseId, now + LIFE.toMillis());
        grants.put(digits, grant);
        return new Code(digits, grant);
    }

    /** True if this peer's try is let through this minute; it counts as one. */
    synchronized boolean mayTry(String peer) {
        long now = clock.millis();
        Deque<Long> tries = Optional.ofNullable(triesAtMs.remove(peer)).orElseGet(ArrayDeque::new);
        tries.removeIf(at -> now - at >= TRY_WINDOW.toMillis());
        boolean may = tries.size() < MOST_TRIES;
        if (may) {
            tries.addLast(now);
        }
        triesAtMs.put(peer, tries);
        if (triesAtMs.size() > MOST_PEERS) {
            triesAtMs.remove(triesAtMs.keySet().iterator().next());
        }
        return may;
    }

    /** Takes a code, which then works no more. */
    synchronized Optional<Grant> take(String digits) {
        return Optional.ofNullable(grants.remove(digits)).filter(g -> clock.millis() < g.expiresAtMs());
    }
}
