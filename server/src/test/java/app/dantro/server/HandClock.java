package app.dantro.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that only the test moves. */
public final class HandClock extends Clock {
    private volatile Instant now = Instant.ofEpochMilli(1_790_000_000_000L);

    public void pass(long seconds) {
        now = now.plusSeconds(seconds);
    }

    @Override
    public Instant instant() {
        return now;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("tests run in UTC");
    }
}
