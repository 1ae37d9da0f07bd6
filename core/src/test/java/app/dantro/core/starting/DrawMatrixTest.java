package app.dantro.core.starting;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.crankingWithoutAmps;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrawMatrixTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    @ParameterizedTest
    @CsvSource({
        "11.9, 60, 'Resistance in cables, contacts, grounds or brushes'",
        "11.2, 160, Fine",
        "10.2, 420, The starter drags or the engine is tight",
        "8.9, 60, The battery cannot deliver",
        "8.9, 160, The battery is weak",
        "8.9, 420, 'Battery first; if it is good, starter or engine'"
    })
    void voltsAndAmpsTogetherNameOneSquare(String volts, double amps, String means) {
        DrawMatrix matrix = matrix(base("12.60"), cranking("post-plus", "post-minus", volts, amps))
                .orElseThrow();
        assertThat(matrix.met().means()).isEqualTo(means);
        assertThat(Reason.words(matrix.shown())).contains("at least 9.6", " drawn");
    }

    @Test
    void withoutTheCurrentOrOnAFlatBatteryThereIsNone() {
        assertThat(matrix(base("12.60"), crankingWithoutAmps("post-plus", "post-minus", "11.2")))
                .isEmpty();
        assertThat(matrix(base("12.20"), cranking("post-plus", "post-minus", "9.2", 160)))
                .isEmpty();
        assertThat(matrix(cranking("post-plus", "post-minus", "11.2", 160))).isEmpty();
    }

    private static Optional<DrawMatrix> matrix(Reading... readings) {
        return DrawMatrix.of(StartingRules.of(CaseRecord.of(
                CAR, 21, Stream.of(readings).map(RecordedReading::of).toList(), List.of(), List.of())));
    }
}
