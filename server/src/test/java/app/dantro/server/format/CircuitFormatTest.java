package app.dantro.server.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Circuits in a case file: changed, or spelled out. */
class CircuitFormatTest {
    @Test
    void everyReadyMadeCircuitSpelledOutIsTheSameCircuit() {
        for (String id : ReadyMadeCircuits.titles().keySet()) {
            Circuit circuit = ReadyMadeCircuits.named(id).orElseThrow();
            Circuit again = CircuitFormat.parse(CircuitFormat.write(circuit).toString());
            assertThat(again).isEqualTo(circuit);
        }
    }

    @Test
    void changesReplaceAddAndRemove() {
        Circuit changed = CircuitFormat.parse("""
                {"ready_made": "petrol-car", "changes": {
                  "points": [{"id": "isolator-in", "name": "isolator, battery side"}],
                  "parts": [
                    {"id": "starter-cable", "length_metres": 2.5},
                    {"id": "contacts", "ohms": 0.001},
                    {"id": "isolator", "kind": "contacts", "from": "isolator-in", "to": "cable-end-battery", "ohms": 2e-4},
                    {"id": "crimp-battery", "to": "isolator-in"}],
                  "devices": [{"id": "alternator", "max_amps": 70}],
                  "remove": ["pile-starter"]}}""");
        Circuit before = ReadyMadeCircuits.named("petrol-car").orElseThrow();
        assertThat(ohms(changed, "starter-cable") / ohms(before, "starter-cable"))
                .isCloseTo(2.5, within(1e-9));
        assertThat(ohms(changed, "contacts")).isEqualTo(0.001);
        assertThat(changed.alternator().orElseThrow().rating().maxAmps()).isEqualTo(70);
        assertThat(changed.device(PartId.of("pile-starter"))).isEmpty();
        assertThat(changed.startingSupply()).extracting(p -> p.id().value()).contains("isolator");
        String kept = CircuitFormat.withChanges("{\"ready_made\":\"petrol-car\",\"extensions\":{\"a\":1}}", changed);
        assertThat(CircuitFormat.parse(kept)).isEqualTo(changed);
        assertThat(kept).contains("\"extensions\":{\"a\":1}");
    }

    @Test
    void aSpelledOutCircuitFollowsItsClosedForm() {
        // 12.6 V behind 10 mΩ, 0.2 Ω of wire, 1 Ω of load
        CaseDocument document = CaseFormat.parse("""
                {"format": "dantro-case", "version": 1, "circuit": {"system_volts": 12,
                 "points": ["p", "a", "n"],
                 "parts": [{"id": "wire", "from": "p", "to": "a", "ohms": 0.2}],
                 "devices": [
                  {"kind": "battery", "id": "b", "positive_post": "p", "negative_post": "n",
                   "source": {"volts": 12.6, "discharge_ohms": 0.01, "charge_ohms": 0.1}},
                  {"kind": "load", "id": "lamp", "from": "a", "to": "n", "ohms": 1}]}}""");
        OperatingPoint point = new NetworkSolver(document.circuit())
                .solve(Condition.REST, VehicleState.healthy())
                .orThrow();
        assertThat(point.at(PointId.of("a"))).isCloseTo(12.6 / 1.21, within(1e-12));
        assertThat(point.amps(PartId.of("b"))).isCloseTo(12.6 / 1.21, within(1e-12));
    }

    @Test
    void refusesBatteriesThatFightAndSizesBeyondAllCircuits() {
        Map<String, String> bad = Map.of(
                "works against", twoBatteries("n", "p"),
                "at most 500", manyParts(501));
        bad.forEach((reason, circuit) ->
                assertThatThrownBy(() -> CircuitFormat.parse(circuit)).hasMessageContaining(reason));
        assertThat(CircuitFormat.parse(twoBatteries("p", "n")).batteries()).hasSize(2);
    }

    @Test
    void aFileWithALargeCircuitIsSolved() {
        Circuit large = CircuitFormat.parse(manyParts(490));
        OperatingPoint point = new NetworkSolver(large)
                .solve(Condition.REST, VehicleState.healthy())
                .orThrow();
        assertThat(point.amps(PartId.of("part-3"))).isCloseTo(12.6 / (0.01 + 490 * 0.01 + 1), within(1e-9));
    }

    private static String twoBatteries(String plus, String minus) {
        return """
                {"system_volts": 12, "points": ["p", "n"], "parts": [], "devices": [
                 {"kind": "battery", "id": "a", "positive_post": "p", "negative_post": "n", "ohms": 0.01},
                 {"kind": "battery", "id": "b", "positive_post": "%s", "negative_post": "%s", "ohms": 0.01}]}""".formatted(plus, minus);
    }

    private static String manyParts(int count) {
        StringBuilder points = new StringBuilder("\"p0\"");
        StringBuilder parts = new StringBuilder();
        for (int i = 0; i < count; i++) {
            points.append(", \"p").append(i + 1).append('"');
            parts.append(i == 0 ? "" : ", ")
                    .append("{\"id\": \"part-%s\", \"from\": \"p%s\", \"to\": \"p%s\", \"ohms\": 0.01}"
                            .formatted(i, i, i + 1));
        }
        return """
                {"system_volts": 12, "points": [%s, "n"], "parts": [%s], "devices": [
                 {"kind": "battery", "id": "b", "positive_post": "p0", "negative_post": "n",
                  "source": {"volts": 12.6, "discharge_ohms": 0.01, "charge_ohms": 0.1}},
                 {"kind": "load", "id": "lamp", "from": "p%s", "to": "n", "ohms": 1}]}""".formatted(points, parts, count);
    }

    private static double ohms(Circuit circuit, String part) {
        return circuit.part(PartId.of(part))
                .orElseThrow()
                .resistance()
                .healthyAt(20)
                .nominalOhms();
    }
}
