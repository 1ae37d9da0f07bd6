package app.dantro.core.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A joint that ages along a line we drew ourselves, in years and milliohms. */
class DriftTest {
    private static final double YEAR = 365.25 * 24 * 3600 * 1000;
    private static final double UPPER = 1e-3;

    private static Measured at(double years, double milliohms) {
        double ohms = milliohms * 1e-3;
        return new Measured(PartId.of("strap"), Math.round(years * YEAR), ohms, ohms * 0.95, ohms * 1.05, true);
    }

    @Test
    void aSteadyRiseIsFoundAndLeavesTheBandWhereTheLineSaysSo() {
        Drift drift =
                Drift.of(List.of(at(0, 0.2), at(1, 0.4), at(2, 0.6)), UPPER).orElseThrow();
        assertThat(drift.ohmsPerYear()).isCloseTo(0.2e-3, within(1e-9));
        assertThat(drift.leavesAtMillis().orElseThrow() / YEAR).isCloseTo(4, within(1e-6));
    }

    @Test
    void oneWrongReadingOfFiveDoesNotTurnTheLine() {
        List<Measured> visits = new ArrayList<>(
                List.of(at(0, 0.2), at(1, 0.3), at(2, 0.4), at(3, 0.5), at(4, 0.6), at(5, 0.7), at(6, 0.8)));
        visits.set(5, at(5, 7.0));
        Drift drift = Drift.of(visits, UPPER).orElseThrow();
        assertThat(drift.ohmsPerYear()).isCloseTo(0.1e-3, within(0.02e-3));
    }

    @Test
    void twoVisitsALevelLineAndScatterSayNothing() {
        assertThat(Drift.of(List.of(at(0, 0.2), at(1, 0.9)), UPPER)).isEmpty();
        assertThat(Drift.of(List.of(at(0, 0.4), at(1, 0.41), at(2, 0.4)), UPPER))
                .isEmpty();
        assertThat(Drift.of(List.of(at(0, 0.4), at(1, 0.7), at(2, 0.3), at(3, 0.6)), UPPER))
                .isEmpty();
        assertThat(Drift.of(List.of(at(0, 0.400), at(1, 0.404), at(2, 0.408)), UPPER))
                .as("within what the readings leave open")
                .isEmpty();
    }

    @Test
    void aLineThatIsPastTheBandOrFarFromItHasNoDay() {
        assertThat(Drift.of(List.of(at(0, 2), at(1, 3), at(2, 4)), UPPER)
                        .orElseThrow()
                        .leavesAtMillis())
                .isEmpty();
        assertThat(Drift.of(List.of(at(0, 0.10), at(1, 0.12), at(2, 0.14)), UPPER)
                        .orElseThrow()
                        .leavesAtMillis())
                .isEmpty();
    }
}
