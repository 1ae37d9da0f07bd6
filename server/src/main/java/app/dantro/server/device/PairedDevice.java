package app.dantro.server.device;

import java.time.Duration;
import java.util.Optional;
import java.util.UUID;

/**
 * A device that may use the program from the network.
 *
 * @param tokenHash SHA-256 of its cookie, in hex
 * @param caseId the one case of a seat
 * @param lastSeenMs when it last asked for something, to the hour
 */
record PairedDevice(
        UUID id, String name, Role role, Optional<UUID> caseId, String tokenHash, long pairedAtMs, long lastSeenMs) {
    /** Not used for so long, it has to be paired again. */
    static final Duration IDLE = Duration.ofDays(30);

    private static final Duration NOTED_EACH = Duration.ofHours(1);

    boolean expired(long nowMs) {
        return nowMs - lastSeenMs > IDLE.toMillis();
    }

    /** True if it is time to note that it is here. */
    boolean toBeNoted(long nowMs) {
        return Math.abs(nowMs - lastSeenMs) >= NOTED_EACH.toMillis();
    }
}
