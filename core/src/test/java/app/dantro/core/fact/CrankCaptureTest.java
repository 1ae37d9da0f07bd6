package app.dantro.core.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ReadingState;
import app.dantro.core.record.RecordedReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class CrankCaptureTest {
    private static final Circuit VAN = ReadyMadeCircuits.petrolBodyReturn();

    private final List<RecordedReading> taken = new ArrayList<>();

    private void read(Statistic statistic, String typed, boolean struck) {
        Reading reading = new Reading(
                new UUID(7, taken.size()),
                VAN.plusPost(),
                VAN.minusPost(),
                Condition.CRANKING,
                TypedVolts.parse(typed),
                statistic,
                Current.unknown(),
                Optional.empty(),
                false,
                1_000L + taken.size());
        taken.add(new RecordedReading(reading, Optional.empty(), Optional.empty(), struck));
    }

    private CaseRecord evidence() {
        return CaseRecord.of(VAN, 20, taken, List.of(), List.of());
    }

    @Test
    void meanAndSpreadOverThreeCranksWithoutTheAbortedOne() {
        read(Statistic.SETTLED, "9.90", false);
        read(Statistic.SETTLED, "10.02", false);
        read(Statistic.SETTLED, "12.10", true);
        read(Statistic.SETTLED, "9.96", false);
        read(Statistic.MINIMUM, "8.41", false);
        CrankCapture capture = CrankCapture.of(evidence()).get(0);
        assertThat(capture.cranks()).isEqualTo(3);
        assertThat(capture.meanVolts()).isCloseTo(9.96, within(1e-9));
        assertThat(capture.spreadVolts().orElseThrow()).isCloseTo(0.06, within(1e-9));
        assertThat(FactWords.of(capture)).isEqualTo("3 cranks, settled at 9.96 V on average, ± 0.06 V, lowest 8.41 V");
    }

    @Test
    void oneCrankNeedsNoSummary() {
        read(Statistic.SETTLED, "9.90", false);
        assertThat(CrankCapture.of(evidence())).isEmpty();
    }

    /** A meter's memory catches the first tenths of a second, when the starter stands still: no settled value. */
    @Test
    void aPeakIsKeptButJudgesNothing() {
        read(Statistic.MINIMUM, "8.41", false);
        read(Statistic.INRUSH, "7.20", false);
        assertThat(evidence().counted()).isEmpty();
        assertThat(taken).allMatch(r -> evidence().stateOf(r) == ReadingState.PEAK);
    }
}
