package app.dantro.server.time;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.HandClock;
import java.time.Clock;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** A length of time is what passed, not what the wall clock was set to. */
class SteadyClockTest {
    private final AtomicLong nanos = new AtomicLong(77);

    @Test
    void itPassesFromWhereItStarted() {
        SteadyClock clock = new SteadyClock(1_000, nanos::get);
        assertThat(clock.millis()).isEqualTo(1_000);
        nanos.addAndGet(2_500_000_000L);
        assertThat(clock.millis()).isEqualTo(3_500);
    }

    @Test
    void besideTheMachinesClockItStartsThereAndBesideATestsItIsThat() {
        long before = System.currentTimeMillis();
        assertThat(SteadyClock.beside(Clock.systemUTC()).millis()).isBetween(before, before + 60_000);
        HandClock hand = new HandClock();
        SteadyClock beside = SteadyClock.beside(hand);
        long then = beside.millis();
        hand.pass(4);
        assertThat(beside.millis() - then).isEqualTo(4_000);
    }
}
