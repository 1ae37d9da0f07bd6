package app.dantro.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.PartId;
import app.dantro.core.history.CameBack.Done;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** A part that is repaired again within two years came back. */
class CameBackTest {
    private static final long DAY = 24L * 3600 * 1000;
    private static final long NOW = 5000 * DAY;

    private static List<Done> daysAgo(long... days) {
        return LongStream.of(days)
                .mapToObj(d -> new Done(PartId.of("strap"), "engine strap", NOW - d * DAY, "cleaned"))
                .toList();
    }

    @Test
    void twoYearsAreCountedFromNow() {
        CameBack twice = CameBack.of(daysAgo(10, 729, 731), NOW).get(0);
        assertThat(twice.moreThanOnce()).isTrue();
        assertThat(twice.time()).isEqualTo("second");
        assertThat(twice.repairs()).isSortedAccordingTo((a, b) -> Long.compare(a.atMillis(), b.atMillis()));
        assertThat(CameBack.of(daysAgo(10, 900), NOW).get(0).moreThanOnce()).isFalse();
        assertThat(CameBack.of(daysAgo(900), NOW)).isEmpty();
        assertThat(CameBack.of(daysAgo(1, 2, 3, 4, 5, 6), NOW).get(0).time()).isEqualTo("6th");
    }
}
