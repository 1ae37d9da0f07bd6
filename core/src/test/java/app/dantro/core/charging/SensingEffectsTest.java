package app.dantro.core.charging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Signs and sizes against the charging table of docs/physics.md (worked out by a separate implementation). */
class SensingEffectsTest {
    /** The table is rounded to 0.01 V and was made at its own spread of loads. */
    private static final double TABLE_VOLTS = 0.03;

    @ParameterizedTest
    @CsvSource({
        "INTERNAL, charge-cable, -0.66",
        "INTERNAL, alternator-mount, -0.66",
        "REMOTE, alternator-mount, -0.69",
        "REMOTE, sense-wire, 1.38",
        "COMPUTER_CHASSIS, computer-ground-wire, 0.41"
    })
    void whatABadPartDoesDependsOnWhereTheRegulatorSenses(Sensing sensing, String part, double volts) {
        SensingEffects effects = SensingEffects.of(ReadyMadeCircuits.reference("reference-car", sensing), 20);
        assertThat(effects.effects())
                .filteredOn(e -> e.part().value().equals(part))
                .singleElement()
                .satisfies(e -> {
                    assertThat(e.postsVolts()).isCloseTo(volts, within(TABLE_VOLTS));
                    assertThat(e.because().kind())
                            .isEqualTo(volts > 0 ? ChargingReason.OVERCHARGES : ChargingReason.UNDERCHARGES);
                });
    }

    @Test
    void whereSensingMakesUpForALossTheOutputShowsIt() {
        SensingEffects effects =
                SensingEffects.of(ReadyMadeCircuits.reference("reference-car", Sensing.DIFFERENTIAL), 20);
        assertThat(effects.effects())
                .filteredOn(e -> e.part().value().equals("charge-cable"))
                .singleElement()
                .satisfies(e -> {
                    assertThat(e.postsVolts()).isCloseTo(0, within(TABLE_VOLTS));
                    assertThat(e.outputVolts()).isGreaterThan(0.5);
                    assertThat(e.because().kind()).isEqualTo(ChargingReason.STANDS_HIGHER);
                });
    }
}
