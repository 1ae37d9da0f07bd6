package app.dantro.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AmountTest {

    @Test
    void keepsTheMetersDigitsAndInventsNone() {
        assertThat(Amount.volts(0.27, 0.01)).isEqualTo("0.27 V");
        assertThat(Amount.volts(0.2, 0.001)).isEqualTo("0.200 V");
        assertThat(Amount.volts(12.6, 0.1)).isEqualTo("12.6 V");
        assertThat(Amount.volts(-0.18, 0.01)).isEqualTo("−0.18 V");
    }

    @Test
    void givesEstimatesTheDigitsThatMeanSomething() {
        assertThat(Amount.volts(0.0599)).isEqualTo("0.060 V");
        assertThat(Amount.volts(0.0996)).isEqualTo("0.10 V");
        assertThat(Amount.milliohms(0.00015)).isEqualTo("0.15 mΩ");
        assertThat(Amount.milliohms(0.0009999)).isEqualTo("1.0 mΩ");
        assertThat(Amount.milliohms(0.0204)).isEqualTo("20.4 mΩ");
        assertThat(Amount.milliohms(0.0997)).as("as the screen writes it").isEqualTo("99.7 mΩ");
        assertThat(Amount.milliohms(0.09996)).isEqualTo("100 mΩ");
        assertThat(Amount.ohms(2.24)).isEqualTo("2.2 Ω");
        assertThat(Amount.ohms(12.3)).isEqualTo("12 Ω");
        assertThat(Amount.amps(131.4)).isEqualTo("131 A");
    }
}
