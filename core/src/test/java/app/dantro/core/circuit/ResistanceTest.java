package app.dantro.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Resistance.Conductor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ResistanceTest {
    /** Rounding only: one product and one quotient. */
    private static final double ROUNDING = 1e-15;

    @Test
    void aMetreOfThirtyFiveSquareCopperHasHalfAMilliohm() {
        // 1.724e-8 · 1 / 35e-6, by hand
        assertThat(cable(1.0, 35e-6).healthyAt(20).nominalOhms()).isCloseTo(4.9257142857e-4, within(1e-13));
    }

    @Test
    void copperGainsNearlyFourTenthsOfAPercentPerKelvin() {
        double cold = cable(2.0, 50e-6).healthyAt(20).nominalOhms();
        assertThat(cable(2.0, 50e-6).healthyAt(70).nominalOhms()).isCloseTo(cold * 1.1965, within(ROUNDING));
    }

    @Test
    void aHealthyJointStaysUnderFourTimesItsNominalValue() {
        ResistanceRange joint = new ResistanceRange(1e-4, 0.34);
        assertThat(joint.upperOhms() / joint.nominalOhms()).isCloseTo(3.728, within(0.001));
        assertThat(joint.lowerOhms() * joint.upperOhms()).isCloseTo(1e-8, within(1e-20));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY, 51})
    void refusesAnImpossibleLength(double metres) {
        assertThatThrownBy(() -> cable(metres, 35e-6))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("length")
                .hasMessageContaining(String.valueOf(metres));
    }

    @Test
    void saysSoWhenTheCrossSectionLooksLikeSquareMillimetres() {
        assertThatThrownBy(() -> cable(1, 35)).hasMessageContaining("Maybe it was given in mm²");
    }

    private static Conductor cable(double metres, double squareMetres) {
        return new Conductor(metres, squareMetres, Material.COPPER, 0.1);
    }
}
