package app.dantro.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.kit.ReadyMadeCircuits;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RegulatorTest {
    @ParameterizedTest
    @CsvSource({
        "petrol-car, INSIDE",
        "truck-24v, INSIDE",
        "twin-battery-diesel, INSIDE",
        "remote-sensing, INSIDE",
        "external-regulator, BOX",
        "computer-regulated, COMPUTER",
        "motorcycle, SEPARATE"
    })
    void theCircuitItselfTellsWhatRegulates(String circuit, Regulator expected) {
        assertThat(ReadyMadeCircuits.named(circuit).orElseThrow().regulator()).contains(expected);
    }
}
