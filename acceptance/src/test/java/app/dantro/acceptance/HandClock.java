package app.dantro.acceptance;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that only the test moves. */
final class HandClock extends Clock {
    private volatile Instant now = Instant.now();

    void pass(long seconds) {
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
