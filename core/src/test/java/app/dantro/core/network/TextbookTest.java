package app.dantro.core.network;

import static app.dantro.core.network.Vehicles.added;
import static app.dantro.core.network.Vehicles.amps;
import static app.dantro.core.network.Vehicles.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What every textbook of the trade says must come out of the equations (docs/job.md, docs/physics.md). */
class TextbookTest extends Textbook {
    @Test
    void batteryLoadedByNothingShowsItsOpenCircuitVoltage() {
        double volts = car.posts(car.in(Condition.REST));
        assertThat(volts).isBetween(12.582 - 0.001, 12.582);
        assertThat(car.posts(car.in(Condition.AFTER_SWITCH_OFF)) - volts).isBetween(0.2, 0.3);
    }

    @Test
    void nothingIsLostAtRestWhateverTheResistance() {
        OperatingPoint rest = car.in(Condition.REST, added("starter-cable", 10));
        assertThat(between(rest, "post-plus", "battery-stud")).isCloseTo(0, within(2e-4));
    }

    @Test
    void anOpenPathCarriesTheSourcesVolts() {
        OperatingPoint open = car.in(Condition.CRANKING, new Fault.Open(PartId.of("starter-cable")));
        // the closed contacts let the pull-in coil lift the far end by the motor's half volt
        assertThat(between(open, "cable-end-battery", "cable-end-starter")).isBetween(11.5, car.posts(open));
        assertThat(amps(open, "starter-cable")).isCloseTo(0, within(1e-4));
    }

    @ParameterizedTest
    @CsvSource({"21, 9.6", "16, 9.5", "10, 9.4", "4, 9.3", "-1, 9.1", "-7, 8.9", "-12, 8.7", "-18, 8.5"})
    void theColdCrankingTableComesOutAtTheSameCurrent(double celsius, double volts) {
        // a battery that just holds 9.6 V at 21 °C: how far it falls follows its resistance; the table bends, the law
        // does not
        double fall = BatteryModel.openCircuitVolts(0.85, 21) - 9.6;
        double cold = BatteryModel.openCircuitVolts(0.85, celsius)
                - fall * BatteryModel.ohmsFactor(0.85, celsius) / BatteryModel.ohmsFactor(0.85, 21);
        assertThat(cold).isCloseTo(volts, within(celsius > 20 || celsius < -15 ? 0.06 : 0.21));
    }

    @Test
    void cablesLoseMoreWhenTheyAreWarm() {
        double cold = circuit.part(PartId.of("starter-cable"))
                .orElseThrow()
                .resistance()
                .healthyAt(20)
                .nominalOhms();
        double warm = circuit.part(PartId.of("starter-cable"))
                .orElseThrow()
                .resistance()
                .healthyAt(70)
                .nominalOhms();
        assertThat(warm / cold).isCloseTo(1 + 0.00393 * 50, within(1e-12));
    }

    @Test
    void statedValuesReplaceTheBatterysLaws() {
        Battery battery = circuit.batteries().get(0);
        assertThat(BatteryModel.source(battery, 0.7, -5).volts()).isCloseTo(12.414, within(1e-9));
        assertThat(BatteryModel.stateOfCharge(12.414, -5)).isCloseTo(0.7, within(1e-12));
        assertThat(BatteryModel.stateOfCharge(14, 20)).isEqualTo(1);
        // (0.035 + 0.20 · 0.85³) · 60 / 60 by hand
        assertThat(BatteryModel.chargeOhms(0.85, 60)).isCloseTo(0.157825, within(1e-9));
    }

    @Test
    void aPileDrawsWhatItIsSetToUntilItIsScrewedTight() {
        assertThat(amps(car.in(Condition.PILE_ALTERNATOR), "pile-alternator")).isEqualTo(110);
        OperatingPoint weak = car.in(Condition.PILE_ALTERNATOR, added("charge-fuse", 0.2));
        assertThat(weak.limits()).containsExactly(Limit.PILE_AT_LIMIT);
        assertThat(amps(weak, "pile-alternator")).isLessThan(60);
    }

    @Test
    void aDrainShowsAtRest() {
        OperatingPoint rest = car.in(Condition.REST, new Fault.Drain(PartId.of("body-loads"), 0.8));
        assertThat(amps(rest, "battery") - amps(car.in(Condition.REST), "battery"))
                .isCloseTo(0.8, within(0.02));
    }

    @Test
    void aFaultThatDoesNotFitIsRefusedWithItsPart() {
        for (Fault wrong : List.of(
                new Fault.Drag(BATTERY, 2),
                new Fault.Open(PartId.of("moon")),
                added("starter", 1),
                new Fault.NoOutput(PartId.of("starter-cable")))) {
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> car.in(Condition.REST, wrong))
                    .hasMessageContaining("(" + wrong.part() + ")");
        }
    }
}
