package app.dantro.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
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
