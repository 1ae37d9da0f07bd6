package app.dantro.server.job;

import app.dantro.server.problem.ProblemException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** The day a case is opened on. */
final class Dated {
    /** A device in another zone, or whose clock is a little off, is not asked. */
    private static final Duration AHEAD = Duration.ofDays(1);

    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK).withZone(ZoneId.systemDefault());

    private Dated() {}

    /** @throws ProblemException if it lies in the future: what is found of a vehicle is compared over years */
    static void check(long openedAtMs, Clock clock) {
        if (openedAtMs > clock.millis() + AHEAD.toMillis()) {
            throw ProblemException.field(
                    "openedAtMs",
                    "The case is dated %s, and the workshop's computer says it is %s: set the clock that is wrong."
                            .formatted(day(openedAtMs), day(clock.millis())));
        }
    }

    private static String day(long millis) {
        return DAY.format(Instant.ofEpochMilli(millis));
    }
}
