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
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CaseFormatTest {
    private static final Path FORMATS = Path.of("..", "docs", "formats");

    static Stream<Path> examples() throws IOException {
        try (Stream<Path> files = Files.list(FORMATS.resolve("examples"))) {
            return files.sorted().toList().stream();
        }
    }

    @Test
    void thereIsAnExampleForEveryReadyMadeCircuit() throws IOException {
        assertThat(examples().map(p -> p.getFileName().toString().replace(".json", "")))
                .containsAll(ReadyMadeCircuits.titles().keySet());
    }

    @ParameterizedTest
    @MethodSource("examples")
    void examplesKeepTheSchemasAndComeThroughARoundTripUnchanged(Path example) throws IOException {
        String text = Files.readString(example);
        assertThat(schema("case-v1.schema.json").validate(JsonFields.tree(text)))
                .isEmpty();
        CaseDocument document = CaseFormat.parse(text);
        String prediction = PredictionFormat.of(document.circuit(), document.state());
        assertThat(schema("prediction-v1.schema.json").validate(JsonFields.tree(prediction)))
                .isEmpty();
        String written = CaseFormat.write(document);
        assertThat(schema("case-v1.schema.json").validate(JsonFields.tree(written)))
                .isEmpty();
        assertThat(CaseFormat.parse(written)).isEqualTo(document);
        assertThat(JsonFields.tree(written).at("/extensions"))
                .isEqualTo(JsonFields.tree(text).at("/extensions"));
    }

    @Test
    void entriesWithoutAnIdGetOneOfTheirOwnCase() {
        String text = """
                {"format": "dantro-case", "version": 1, "circuit": {"ready_made": "petrol-car"},
                 "readings": [{"red": "post-plus", "black": "post-minus", "condition": "rest", "typed": "12.6",
                               "taken_at_ms": 1}],
                 "statements": [{"topic": "pile", "value": "YES"}]}""";
        UUID first = UUID.randomUUID();
        CaseDocument one = CaseFormat.parse(text, first);
        assertThat(CaseFormat.parse(text, first)).isEqualTo(one);
        CaseDocument other = CaseFormat.parse(text, UUID.randomUUID());
        assertThat(other.readings().get(0).id())
                .isNotEqualTo(one.readings().get(0).id());
        assertThat(other.happened().statements().get(0).id())
                .isNotEqualTo(one.happened().statements().get(0).id());
    }

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
        Circuit changed = circuit("""
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

    /** Text to replace in the spelled-out example, what it becomes, and where and how it is refused. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"length_metres\": 1.0 | \"lenght_metres\": 1.0 | $.circuit.parts[0].lenght_metres | Maybe length_metres?",
                "\"length_metres\": 1.0 | \"length_metres\": -1.0 | $.circuit.parts[0] | must lie in 0 … 50 m",
                "\"length_metres\": 1.0 | \"length_metres\": 0 | $.circuit.parts[0] | must lie in 0 … 50 m",
                "\"length_metres\": 1.0 | \"length_mm\": 1000 | $.circuit.parts[0].length_mm | no field",
                "\"length_metres\": 1.0 | \"length_metres\": \"1 m\" | $.circuit.parts[0].length_metres | must be a number",
                "\"length_metres\": 1.0 | \"length_metres\": 1e999 | $.circuit.parts[0].length_metres | too large",
                "3.5e-05 | 35 | $.circuit.parts[0] | Maybe it was given in mm²",
                "\"to\": \"stud\" | \"to\": \"stad\" | $.circuit | (lead) is connected to (stad)",
                "\"id\": \"lead\" | \"id\": \"supply\" | $.circuit | Two parts are called (supply)",
                "\"kind\": \"starter\" | \"kind\": \"motor\" | $.circuit.devices[1].kind | There are: battery, starter",
                "\"volt_seconds_per_radian\": 0.42 | \"volt_seconds_per_radian\": 0 | $.circuit.devices[1] | must be > 0",
                "\"gate\": \"start\" | \"gate\": \"sometimes\" | $.circuit.parts[6].gate | always, key, start",
                "\"contacts\": \"contacts\" | \"contacts\": \"nothing\" | $.circuit | closes the part (nothing)",
                "\"part\": \"lead\" | \"part\": \"nothing\" | $.faults[0] | no such part",
                "\"kind\": \"added_resistance\" | \"kind\": \"rust\" | $.faults[0].kind | There are: added_resistance",
                "\"celsius\": 20 | \"celsius\": 200 | $.state | must lie in",
                "\"version\": 1 | \"version\": 2 | $.version | version 1 is understood",
                "\"format\": \"dantro-case\" | \"format\": \"other\" | $.format | not a (dantro-case)",
                "\"system_volts\": 12 | \"system_volts\": 42 | $.circuit | must be 12 or 24",
                "\"engine_off_load\": 25 | \"engine_of_load\": 25 | $.circuit.devices[4].amps.engine_of_load | Maybe engine_off_load?",
                "\"format\" | \"format\": 1, \"format\" | line | not JSON"
            })
    void refusesWithThePlaceAndTheReason(String text, String instead, String path, String reason) throws IOException {
        String good = Files.readString(FORMATS.resolve("examples/spelled-out.json"));
        assertThat(good).contains(text);
        assertThatThrownBy(() -> CaseFormat.parse(good.replaceFirst(
                        java.util.regex.Pattern.quote(text), java.util.regex.Matcher.quoteReplacement(instead))))
                .isInstanceOfSatisfying(BadFile.class, e -> {
                    assertThat(e.path()).startsWith(path);
                    assertThat(e.getMessage()).contains(reason);
                });
    }

    @Test
    void refusesBatteriesThatFightAndSizesBeyondAllCircuits() {
        Map<String, String> bad = Map.of(
                "works against", twoBatteries("n", "p"),
                "at most 500", manyParts(501));
        bad.forEach(
                (reason, circuit) -> assertThatThrownBy(() -> circuit(circuit)).hasMessageContaining(reason));
        assertThat(circuit(twoBatteries("p", "n")).batteries()).hasSize(2);
    }

    @Test
    void aFileWithALargeCircuitIsSolved() {
        Circuit large = circuit(manyParts(490));
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

    private static Circuit circuit(String json) {
        return CircuitFormat.parse(json);
    }

    private static double ohms(Circuit circuit, String part) {
        return circuit.part(PartId.of(part))
                .orElseThrow()
                .resistance()
                .healthyAt(20)
                .nominalOhms();
    }

    private static JsonSchema schema(String file) throws IOException {
        return JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(Files.readString(FORMATS.resolve(file)));
    }

    @Test
    void namesWhatIsMissing() {
        for (String json : List.of("{}", "[]", "{\"format\":\"dantro-case\",\"version\":1}")) {
            assertThatThrownBy(() -> CaseFormat.parse(json)).isInstanceOf(BadFile.class);
        }
    }
}
