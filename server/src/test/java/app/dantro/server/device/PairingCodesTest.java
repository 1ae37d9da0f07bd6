package app.dantro.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.HandClock;
import app.dantro.server.time.SteadyClock;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PairingCodesTest {
    private static final String PHONE = "192.0.2.7";

    private final HandClock clock = new HandClock();
    private final PairingCodes codes = new PairingCodes(SteadyClock.beside(clock));

    @Test
    void aCodeWorksOnceAndForTenMinutes() {
        String code = codes.make(Role.SEAT, Optional.empty()).digits();
        assertThat(code).matches("\\d{8}");
        assertThat(codes.take(code)).isPresent();
        assertThat(codes.take(code)).isEmpty();

        String late = codes.make(Role.SEAT, Optional.empty()).digits();
        clock.pass(10 * 60);
        assertThat(codes.take(late)).isEmpty();
    }

    @Test
    void whoeverTriesHasFiveTriesAMinuteAndLocksOutNobodyElse() {
        for (int i = 0; i < 5; i++) {
            assertThat(codes.mayTry(PHONE)).isTrue();
            clock.pass(10);
        }
        assertThat(codes.mayTry(PHONE)).isFalse();
        assertThat(codes.mayTry("192.0.2.8")).isTrue();
        clock.pass(9);
        assertThat(codes.mayTry(PHONE)).isFalse();
        clock.pass(1);
        assertThat(codes.mayTry(PHONE)).as("a minute after the first").isTrue();
        assertThat(codes.mayTry(PHONE)).isFalse();
    }

    @Test
    void fewCodesAreOpenAndTheOldestGivesWay() {
        String first = codes.make(Role.SEAT, Optional.empty()).digits();
        String last = first;
        for (int i = 0; i < PairingCodes.MOST_OPEN; i++) {
            last = codes.make(Role.SEAT, Optional.empty()).digits();
        }
        assertThat(codes.take(first)).isEmpty();
        assertThat(codes.take(last)).isPresent();
    }

    private void wrong(int times) {
        for (int i = 0; i < times; i++) {
            codes.take("x" + i);
        }
    }

    @Test
    void whileManyWrongOnesComeCodesAreLongAndTheDoorStaysOpen() {
        wrong(PairingCodes.MANY_WRONG);
        String longOne = codes.make(Role.SEAT, Optional.empty()).digits();
        assertThat(longOne).matches("\\d{12}");
        assertThat(codes.take(longOne)).isPresent();
        clock.pass(10 * 60);
        assertThat(codes.make(Role.SEAT, Optional.empty()).digits()).hasSize(8);
    }

    @Test
    void farTooManyWrongOnesMakeTheShortCodesVoidAndNoLongOne() {
        String before = codes.make(Role.SEAT, Optional.empty()).digits();
        wrong(PairingCodes.MANY_WRONG);
        String since = codes.make(Role.SEAT, Optional.empty()).digits();
        wrong(PairingCodes.TOO_MANY_WRONG);
        assertThat(codes.take(before)).isEmpty();
        assertThat(codes.take(since)).isPresent();
    }
}
