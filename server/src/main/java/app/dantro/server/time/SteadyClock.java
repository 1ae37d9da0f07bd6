package app.dantro.server.time;

import java.time.Clock;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;

/**
 * Measures how long something takes: it starts at the wall clock's time and only passes from there, whatever is done to the
 * wall clock meanwhile. What goes on record carries the wall clock's own time.
 */
public final class SteadyClock {
    private final LongSupplier millis;

    SteadyClock(long startMillis, LongSupplier nanos) {
        long start = nanos.getAsLong();
        this.millis = () -> startMillis + TimeUnit.NANOSECONDS.toMillis(nanos.getAsLong() - start);
    }

    private SteadyClock(LongSupplier millis) {
        this.millis = millis;
    }

    /** The machine's own passing of time beside its clock; beside another, such as a test's, that one's. */
    public static SteadyClock beside(Clock clock) {
        return clock.equals(Clock.systemUTC())
                ? new SteadyClock(clock.millis(), System::nanoTime)
                : new SteadyClock(clock::millis);
    }

    /** Milliseconds, to be compared with each other only. */
    public long millis() {
        return millis.getAsLong();
    }
}
