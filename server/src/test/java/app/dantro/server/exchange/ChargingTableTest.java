package app.dantro.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.server.format.CircuitFormat;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every row of the charging table of docs/physics.md, for every sensing it holds for: the bad part is named from the
 * readings of the charging test and one across it, and neither alternator nor battery is called faulty for it.
 */
class ChargingTableTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final List<String[]> SURVEY = List.of(
            new String[] {"post-plus", "post-minus", "rest"},
            new String[] {"post-plus", "post-minus", "raised_loaded"},
            new String[] {"bplus", "alternator-case", "raised_loaded"},
            new String[] {"bplus", "post-plus", "raised_loaded"},
            new String[] {"post-minus", "alternator-case", "raised_loaded"});

    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({
        "INTERNAL, charge-cable, 0.010",
        "REMOTE, charge-cable, 0.010",
        "DIFFERENTIAL, charge-cable, 0.010",
        "COMPUTER_BLOCK, charge-cable, 0.010",
        "COMPUTER_CHASSIS, charge-cable, 0.010",
        "EXTERNAL, charge-cable, 0.010",
        "INTERNAL, feed-cable, 0.030",
        "REMOTE, feed-cable, 0.030",
        "DIFFERENTIAL, feed-cable, 0.030",
        "COMPUTER_BLOCK, feed-cable, 0.030",
        "COMPUTER_CHASSIS, feed-cable, 0.030",
        "EXTERNAL, feed-cable, 0.030",
        "INTERNAL, alternator-mount, 0.010",
        "REMOTE, alternator-mount, 0.010",
        "DIFFERENTIAL, alternator-mount, 0.010",
        "COMPUTER_BLOCK, alternator-mount, 0.010",
        "COMPUTER_CHASSIS, alternator-mount, 0.010",
        "EXTERNAL, alternator-mount, 0.010",
        "INTERNAL, post-joint-plus, 0.020",
        "REMOTE, post-joint-plus, 0.020",
        "DIFFERENTIAL, post-joint-plus, 0.020",
        "COMPUTER_BLOCK, post-joint-plus, 0.020",
        "COMPUTER_CHASSIS, post-joint-plus, 0.020",
        "EXTERNAL, post-joint-plus, 0.020",
        "INTERNAL, body-lead, 0.020",
        "REMOTE, body-lead, 0.020",
        "COMPUTER_BLOCK, body-lead, 0.020",
        "COMPUTER_CHASSIS, body-lead, 0.020",
        "EXTERNAL, body-lead, 0.020",
        "COMPUTER_CHASSIS, computer-ground-wire, 0.100",
        "EXTERNAL, regulator-feed-wire, 0.200",
        "EXTERNAL, regulator-ground-wire, 0.200",
        "REMOTE, sense-wire, 100"
    })
    void aRowOfTheTableIsJudgedFromReadingsAlone(Sensing sensing, String part, double ohms) throws Exception {
        Circuit circuit = ReadyMadeCircuits.reference("reference-car", sensing);
        JsonNode judged = judged(circuit, part, ohms);
        Map<String, Double> suspicion = new TreeMap<>();
        for (JsonNode p : judged.path("parts")) {
            suspicion.put(p.path("part").asText(), p.path("probability").asDouble());
        }
        List<String> bad = bad(part);
        for (String name : bad) {
            assertThat(suspicion.get(name)).as("%s of %s", name, suspicion).isGreaterThan(0.5);
        }
        suspicion.keySet().removeAll(bad);
        assertThat(suspicion).allSatisfy((other, p) -> assertThat(p).as(other).isLessThan(0.5));
        for (JsonNode p : judged.path("parts")) {
            if (!bad.contains(p.path("part").asText())) {
                assertThat(p.path("standing").asText()).as(p.toString()).isNotEqualTo("faulty");
            }
        }
    }

    /** Both chassis grounds are bad in that row of the table. */
    private static List<String> bad(String part) {
        return part.equals("body-lead") ? List.of(part, "engine-strap") : List.of(part);
    }

    /** Reads a vehicle with that fault, and with the strap nearly open if it is the chassis lead that is bad. */
    private JsonNode judged(Circuit circuit, String partId, double ohms) throws Exception {
        ObjectNode file = MAPPER.createObjectNode().put("format", "dantro-case").put("version", 1);
        file.putObject("vehicle")
                .put("name", "Table")
                .put("complaint", "charges wrongly")
                .put("concern", "charging");
        file.set("circuit", MAPPER.readTree(CircuitFormat.withChanges("{}", circuit)));
        ArrayNode faults = file.putArray("faults");
        faults.add(added(partId, ohms));
        if (partId.equals("body-lead")) {
            faults.add(added("engine-strap", 10));
        }
        JsonNode predicted = run("predict", file);
        Part part = circuit.part(PartId.of(partId)).orElseThrow();
        List<String[]> pairs = new ArrayList<>(SURVEY);
        pairs.add(new String[] {part.from().value(), part.to().value(), "raised_loaded"});
        if (partId.equals("body-lead")) {
            pairs.add(new String[] {"block", "body", "raised_loaded"});
        }
        ArrayNode readings = file.putArray("readings");
        for (String[] pair : pairs) {
            JsonNode condition = predicted.at("/conditions/" + pair[2]);
            double volts = condition.at("/volts/" + pair[0]).asDouble()
                    - condition.at("/volts/" + pair[1]).asDouble();
            ObjectNode reading = readings.addObject()
                    .put("red", pair[0])
                    .put("black", pair[1])
                    .put("condition", pair[2])
                    .put("typed", shown(volts));
            if (!pair[2].equals("rest")) {
                reading.put("amps", Math.rint(condition.at("/amps/charge-cable").asDouble()));
            }
        }
        file.remove("faults");
        return run("diagnose", file);
    }

    private static ObjectNode added(String part, double ohms) {
        return MAPPER.createObjectNode()
                .put("kind", "added_resistance")
                .put("part", part)
                .put("ohms", ohms);
    }

    /** As a meter of 2000 counts shows it. */
    private static String shown(double volts) {
        int decimals = Math.abs(volts) < 0.2 ? 4 : Math.abs(volts) < 2 ? 3 : 2;
        return BigDecimal.valueOf(volts)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }

    private JsonNode run(String command, JsonNode file) throws Exception {
        Path path = Files.writeString(folder.resolve(command + ".json"), file.toString());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = CommandLine.run(
                new String[] {command, path.toString()},
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        assertThat(code).as(err.toString(StandardCharsets.UTF_8)).isZero();
        return MAPPER.readTree(out.toByteArray());
    }
}
