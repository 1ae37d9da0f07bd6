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
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Codes of eight digits by which a device joins: each works once and for ten minutes, few are open at a time, and whoever
 * tries has five tries a minute, so that guessing one of a hundred million is hopeless and keeps nobody else out. While many
 * wrong ones come, from however many addresses, new codes have twelve; once far too many came, the short ones are void. Who
 * guesses can make a code longer to type, and keep nobody out (decisions/0037).
 */
@Component
class PairingCodes {
    static final Duration LIFE = Duration.ofMinutes(10);
    static final int MOST_OPEN = 20;
    private static final Duration TRY_WINDOW = Duration.ofMinutes(1);
    private static final int MOST_TRIES = 5;
    private static final int DIGITS = 8;
    private static final int MANY_DIGITS = 12;

    /** Wrong tries within a code's life, by anybody, from which on codes are long, and from which on short ones are void. */
    static final int MANY_WRONG = 100;

    static final int TOO_MANY_WRONG = 10_000;

    /** So many are remembered who tried; one more, and whoever tried longest ago is forgotten. */
    private static final int MOST_PEERS = 10_000;

    private final SteadyClock clock;
    private final SecureRandom random = new SecureRandom();
    private final Map<String, Grant> grants = new LinkedHashMap<>();
    private final Deque<Long> wrongAtMs = new ArrayDeque<>();
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
            digits = digits(wrong(now) < MANY_WRONG ? DIGITS : MANY_DIGITS);
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
        long now = clock.millis();
        Optional<Grant> grant = Optional.ofNullable(grants.remove(digits)).filter(g -> now < g.expiresAtMs());
        if (grant.isEmpty()) {
            wrongAtMs.addLast(now);
            if (wrong(now) >= TOO_MANY_WRONG) {
                wrongAtMs.removeFirst();
                grants.keySet().removeIf(code -> code.length() == DIGITS);
            }
        }
        return grant;
    }

    /** How many wrong tries came within a code's life. */
    private int wrong(long now) {
        while (!wrongAtMs.isEmpty() && now - wrongAtMs.peekFirst() >= LIFE.toMillis()) {
            wrongAtMs.removeFirst();
        }
        return wrongAtMs.size();
    }

    private String digits(int count) {
        return random.ints(count, 0, 10).mapToObj(Integer::toString).collect(Collectors.joining());
    }
}
