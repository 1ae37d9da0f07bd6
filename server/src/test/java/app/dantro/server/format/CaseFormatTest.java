package app.dantro.server.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.kit.ReadyMadeCircuits;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The case file: examples keep the schemas, a round trip changes nothing, what is wrong is named by its path. */
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
        assertThat(schema("case-v2.schema.json").validate(JsonFields.tree(written)))
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
        assertThat(other.readings().get(0).reading().id())
                .isNotEqualTo(one.readings().get(0).reading().id());
        assertThat(other.happened().statements().get(0).id())
                .isNotEqualTo(one.happened().statements().get(0).id());
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
                "\"version\": 1 | \"version\": 3 | $.version | versions 1 and 2 are understood",
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

    static JsonSchema schema(String file) throws IOException {
        return JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(Files.readString(FORMATS.resolve(file)));
    }

    @Test
    void namesWhatIsMissing() {
        for (String json : List.of("{}", "[]", "{\"format\":\"dantro-case\",\"version\":1}")) {
            assertThatThrownBy(() -> CaseFormat.parse(json)).isInstanceOf(BadFile.class);
        }
    }
}
