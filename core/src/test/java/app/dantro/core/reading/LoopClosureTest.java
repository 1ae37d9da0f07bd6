package app.dantro.core.reading;

import static app.dantro.core.reading.SampleReadings.cranking;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class LoopClosureTest {

    @Test
    void batteryEqualsSupplyPlusMotorPlusReturn() {
        List<Reading> others = List.of(
                cranking("post-plus", "motor-stud", "0.21", 160),
                cranking("motor-stud", "starter-case", "11.19", 160),
                cranking("starter-case", "post-minus", "0.10", 160));
        LoopClosure.Sum sum = LoopClosure.around(cranking("post-plus", "post-minus", "11.50", 160), others)
                .orElseThrow();
        assertThat(sum.volts()).isCloseTo(11.50, within(1e-12));
        assertThat(sum.others()).hasSize(3);
        assertThat(Math.abs(sum.residualSigmas(11.50))).isLessThan(1e-6);
    }

    @Test
    void swappedLeadsInTheWayCountWithTheirSign() {
        List<Reading> others =
                List.of(cranking("block", "starter-case", "-0.02", 160), cranking("block", "post-minus", "0.15", 160));
        assertThat(LoopClosure.around(cranking("starter-case", "post-minus", "0.17", 160), others)
                        .orElseThrow()
                        .volts())
                .isCloseTo(0.17, within(1e-12));
    }

    @Test
    void readingsAtAnotherCurrentDoNotCloseALoop() {
        List<Reading> others =
                List.of(cranking("starter-case", "block", "0.02", 90), cranking("block", "post-minus", "0.15", 90));
        assertThat(LoopClosure.around(cranking("starter-case", "post-minus", "0.17", 160), others))
                .isEmpty();
    }

    @Test
    void aDropCarriesOverToAnotherCurrentByOhmsLaw() {
        assertThat(Drop.ohms(0.30, 90)).isCloseTo(0.0033333333, within(1e-9));
        assertThat(Drop.voltsAt(0.30, 90, 170)).isCloseTo(0.57, within(0.005));
        assertThatThrownBy(() -> Drop.ohms(0.3, 0)).hasMessageContaining("without current");
    }
}
