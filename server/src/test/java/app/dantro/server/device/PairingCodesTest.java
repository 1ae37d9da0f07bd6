package app.dantro.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.HandClock;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PairingCodesTest {
    private final HandClock clock = new HandClock();
    private final PairingCodes codes = new PairingCodes(clock);

    @Test
    void aCodeWorksOnceAndForTenMinutes() {
        String code = codes.make(Role.SEAT, Optional.empty()).digits();
        assertThat(code).matches("\\d{6}");
        assertThat(codes.take(code)).isPresent();
        assertThat(codes.take(code)).isEmpty();

        String late = codes.make(Role.SEAT, Optional.empty()).digits();
        clock.pass(10 * 60);
        assertThat(codes.take(late)).isEmpty();
    }

    @Test
    void theWholeServerTakesFiveTriesAMinute() {
        for (int i = 0; i < 5; i++) {
            assertThat(codes.mayTry()).isTrue();
            clock.pass(10);
        }
        assertThat(codes.mayTry()).isFalse();
        clock.pass(9);
        assertThat(codes.mayTry()).isFalse();
        clock.pass(1);
        assertThat(codes.mayTry()).as("a minute after the first").isTrue();
        assertThat(codes.mayTry()).isFalse();
    }
}
