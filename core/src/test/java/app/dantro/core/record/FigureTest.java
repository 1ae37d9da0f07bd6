package app.dantro.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Figures beside the volts are typed as instruments show them (docs/job.md, answers). */
class FigureTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DIODES_FORWARD | 445 | 445",
                "DIODES_FORWARD | 0.445 | 445",
                "DIODES_FORWARD | ,85 | 850",
                "DIODES_FORWARD | 1.6 | 1600",
                "DIODES_FORWARD | 0.85 V | 850",
                "DIODES_FORWARD | 445mV | 445",
                "RIPPLE_LOADED | 50 mV | 0.05",
                "RIPPLE_LOADED | 0,05 | 0.05",
                "RIPPLE_IDLE | 0.4 V AC | 0.4",
                "RIPPLE_IDLE | 0.4VAC | 0.4",
                "STANDING_CURRENT | 0.31 A | 310",
                "STANDING_CURRENT | 310 mA | 310",
                "PIN_FEED | 300 mV | 0.3",
                "ODOMETER | 196 854 | 196854",
                "ODOMETER | 196854 km | 196854",
                "SET_POINT | 14.4V | 14.4",
                "BATTERY_AMPS | −12 | -12",
                "CRANK_SPEED | 210 1/min | 210"
            })
    void aFigureMayCarryItsUnitOrThatOfAnotherRange(Topic topic, String typed, double value) {
        assertThat(topic.refusal(typed)).isEmpty();
        assertThat(topic.figure().orElseThrow().value(typed)).isEqualTo(OptionalDouble.of(value));
    }

    @ParameterizedTest
    @ValueSource(strings = {"OL", ".OL", "ol", "0L", "open", "-"})
    void anOpenLineIsShownInMoreWaysThanOne(String typed) {
        assertThat(Topic.DIODES_REVERSE.refusal(typed)).isEmpty();
        assertThat(Topic.DIODES_REVERSE.figure().orElseThrow().value(typed)).isEmpty();
        assertThat(Topic.RIPPLE_IDLE.refusal(typed)).isPresent();
    }

    @ParameterizedTest
    @CsvSource({
        "RIPPLE_IDLE, 13.9, Switch it to AC",
        "RIPPLE_LOADED, 14.2 V, Switch it to AC",
        "RIPPLE_LOADED, 3 A, takes a number in V AC",
        "STANDING_CURRENT, 12.4 V, takes a number in mA",
        "SET_POINT, 144, must lie in 12 … 33 V",
        "ODOMETER, many, takes a number in km"
    })
    void whatCannotBeIsRefusedWithWhatWouldBeRight(Topic topic, String typed, String because) {
        assertThat(topic.refusal(typed).orElseThrow()).contains(because);
    }

    @Test
    void itIsSpokenInItsOwnUnit() {
        assertThat(Topic.DIODES_FORWARD.words("0.445")).isEqualTo("445 mV");
        assertThat(Topic.RIPPLE_LOADED.words("50 mV")).isEqualTo("0.05 V AC");
        assertThat(Topic.DIODES_REVERSE.words(".OL")).isEqualTo("open line");
    }
}
