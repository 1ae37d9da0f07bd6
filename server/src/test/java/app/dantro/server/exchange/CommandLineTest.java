package app.dantro.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CommandLineTest {
    private static final Path EXAMPLES = Path.of("..", "docs", "formats", "examples");
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @Test
    void predictsEveryConditionOfAFile() throws Exception {
        assertThat(run("predict", EXAMPLES.resolve("petrol-car.json").toString()))
                .isZero();
        JsonNode prediction = new ObjectMapper().readTree(out.toByteArray());
        JsonNode crank = prediction.at("/conditions/cranking");
        assertThat(crank.path("solved").asBoolean()).isTrue();
        double across = crank.at("/volts/cable-end-starter").asDouble()
                - crank.at("/volts/battery-stud").asDouble();
        // 20 mΩ added to 0.1 mΩ
        assertThat(across / crank.at("/amps/stud-joint").asDouble()).isCloseTo(0.0201, within(1e-9));
        assertThat(err.size()).isZero();
    }

    @Test
    void writesANetlistOfTheFaultyCircuit() {
        assertThat(run("netlist", EXAMPLES.resolve("petrol-car.json").toString(), "raised_loaded"))
                .isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("Rstud_joint", "0.0201", ".end");
    }

    @Test
    void judgesTheReadingsOfAFileAndNotTheFaultsItStates(@TempDir Path folder) throws Exception {
        String fresh = Files.readString(EXAMPLES.resolve("petrol-body-return.json"));
        assertThat(run("diagnose", EXAMPLES.resolve("petrol-body-return.json").toString()))
                .isZero();
        JsonNode unread = new ObjectMapper().readTree(out.toByteArray());
        assertThat(unread.at("/next/title").asText()).isEqualTo("Base voltage at the posts");
        out.reset();
        String read = fresh.replace(
                "\"readings\": []",
                "\"readings\": [%s, %s, %s]"
                        .formatted(
                                reading(1, "post-plus", "post-minus", "rest", "12.58", ""),
                                reading(
                                        2,
                                        "starter-case",
                                        "post-minus",
                                        "cranking",
                                        "3.20",
                                        ", \"amps\": 150, \"amps_known_by\": \"clamp\""),
                                reading(
                                        3,
                                        "block",
                                        "strap-engine",
                                        "cranking",
                                        "3.03",
                                        ", \"amps\": 150, \"amps_known_by\": \"clamp\"")));
        assertThat(run(
                        "diagnose",
                        Files.writeString(folder.resolve("read.json"), read).toString()))
                .as(err.toString(StandardCharsets.UTF_8))
                .isZero();
        JsonNode judged = new ObjectMapper().readTree(out.toByteArray());
        assertThat(judged.at("/next/kind").asText()).isEqualTo("repair");
        assertThat(judged.at("/next/part").asText()).isEqualTo("strap-end-block");
        assertThat(judged.at("/what_if/part").asText()).isEqualTo("strap-end-block");
        assertThat(schema().validate(judged)).isEmpty();
        assertThat(schema().validate(unread)).isEmpty();
    }

    @Test
    void severalFilesGiveOneDocumentALineInTheirOrder(@TempDir Path folder) throws Exception {
        String car = EXAMPLES.resolve("petrol-car.json").toString();
        String cycle = EXAMPLES.resolve("motorcycle.json").toString();
        String none = folder.resolve("none.json").toString();
        for (String command : new String[] {"predict", "diagnose"}) {
            out.reset();
            err.reset();
            assertThat(run(command, cycle, none, car)).isEqualTo(2);
            String[] lines = out.toString(StandardCharsets.UTF_8).split("\\R");
            assertThat(lines).hasSize(3);
            ObjectMapper json = new ObjectMapper();
            assertThat(json.readTree(lines[0]).path("circuit").asText()).isEqualTo("motorcycle");
            assertThat(json.readTree(lines[1]).path("says").asText()).contains("There is no such file");
            out.reset();
            assertThat(run(command, car)).isZero();
            assertThat(json.readTree(lines[2])).isEqualTo(json.readTree(out.toByteArray()));
            assertThat(err.toString(StandardCharsets.UTF_8))
                    .contains("none.json")
                    .hasLineCount(1);
        }
    }

    private static JsonSchema schema() throws Exception {
        return JsonSchemaFactory.getInstance(VersionFlag.V202012)
                .getSchema(Files.readString(EXAMPLES.resolveSibling("diagnosis-v1.schema.json")));
    }

    private static String reading(int number, String red, String black, String condition, String typed, String more) {
        return "{\"id\": \"00000000-0000-4000-8000-00000000000%d\", \"red\": \"%s\", \"black\": \"%s\", \"condition\": \"%s\", \"typed\": \"%s\", \"statistic\": \"settled\", \"taken_at_ms\": %d%s}"
                .formatted(number, red, black, condition, typed, number, more);
    }

    @Test
    void refusesBadInputInOneLineWithCode2(@TempDir Path folder) throws Exception {
        Path bad = Files.writeString(
                folder.resolve("bad.json"),
                Files.readString(EXAMPLES.resolve("petrol-car.json")).replace("length_metres", "lenght_metres"));
        assertRefused("$.circuit.changes.parts[0].lenght_metres", "predict", bad.toString());
        assertRefused(
                "There is no such file", "predict", folder.resolve("none.json").toString());
        assertRefused(
                "There is no condition (moon)",
                "netlist",
                EXAMPLES.resolve("motorcycle.json").toString(),
                "moon");
        assertRefused("Use: predict", "dance");
    }

    private void assertRefused(String message, String... args) {
        err.reset();
        assertThat(run(args)).isEqualTo(2);
        assertThat(out.size()).isZero();
        assertThat(err.toString(StandardCharsets.UTF_8)).contains(message).hasLineCount(1);
    }

    private int run(String... args) {
        return CommandLine.run(args, new PrintStream(out, true), new PrintStream(err, true, StandardCharsets.UTF_8));
    }
}
