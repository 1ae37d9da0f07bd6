package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Loop;
import app.dantro.core.network.VehicleState;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Basis;
import app.dantro.core.record.RecordedReading;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The case file, version 2 (docs/formats/case-v2.md); files of version 1 open for good. */
public final class CaseFormat {
    private static final String FORMAT = "dantro-case";
    private static final int VERSION = 2;
    private static final int FIRST_VERSION = 1;
    private static final int MOST_OF_A_NAME = 80;
    private static final int MOST_OF_A_COMPLAINT = 200;
    private static final String[] FIELDS = {
        "format",
        "version",
        "vehicle",
        "state",
        "circuit",
        "faults",
        "readings",
        "repairs",
        "tests",
        "statements",
        "basis",
        "closing"
    };

    private CaseFormat() {}

    /**
     * Reads a case file.
     *
     * @throws BadFile with the JSON path of what is wrong, and what would be right
     */
    public static CaseDocument parse(String json) {
        return parse(json, new EntryIds(""));
    }

    /** The same for a file that is opened as a case: entries without an id get one that no other case has. */
    public static CaseDocument parse(String json, UUID caseId) {
        return parse(json, new EntryIds(caseId.toString()));
    }

    private static CaseDocument parse(String json, EntryIds ids) {
        JsonFields file = JsonFields.of(JsonFields.tree(json), "$");
        file.knows(FIELDS);
        checkHead(file);
        JsonNode circuitNode = file.node("circuit")
                .orElseThrow(() -> new BadFile("$.circuit", "This field is missing; it must be an object."));
        Circuit circuit = CircuitFormat.parse(JsonFields.of(circuitNode, "$.circuit"));
        VehicleState state = StateFormat.read(file, circuit);
        List<RecordedReading> readings = ReadingFormat.read(file, circuit, ids);
        Happened happened = HappenedFormat.read(file, circuit, ids);
        Vehicle vehicle = vehicle(file, circuit);
        Optional<Basis> basis = file.optionalObject("basis").map(BasisFormat::read);
        Optional<AsSaid> closing = file.optionalObject("closing").map(SaidFormat::read);
        if (closing.isPresent() && basis.isEmpty()) {
            throw new BadFile("$.basis", "This field is missing; a closing says what it was judged by.");
        }
        String extensions = file.node("extensions").map(JsonNode::toString).orElse("");
        file.done();
        return new CaseDocument(
                vehicle.name,
                vehicle.complaint,
                vehicle.concern,
                circuit,
                circuitNode.toString(),
                state,
                readings,
                happened,
                basis,
                closing,
                extensions);
    }

    private record Vehicle(String name, String complaint, Loop concern) {}

    private static Vehicle vehicle(JsonFields file, Circuit circuit) {
        Optional<JsonFields> vehicle = file.optionalObject("vehicle");
        String name = vehicle.flatMap(v -> v.optionalText("name")).orElse(circuit.title());
        String complaint = vehicle.flatMap(v -> v.optionalText("complaint")).orElse("not said");
        Loop concern =
                vehicle.map(v -> v.choice("concern", Loop.class, Loop.STARTING)).orElse(Loop.STARTING);
        vehicle.ifPresent(v -> {
            atMost(v, "name", name, MOST_OF_A_NAME);
            atMost(v, "complaint", complaint, MOST_OF_A_COMPLAINT);
            v.done();
        });
        return new Vehicle(name, complaint, concern);
    }

    private static void atMost(JsonFields vehicle, String field, String text, int most) {
        if (text.length() > most) {
            throw new BadFile(
                    vehicle.path(field), "This has %d characters; at most %d are kept.".formatted(text.length(), most));
        }
    }

    /** The file of a case. */
    public static String write(CaseDocument document) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("format", FORMAT).put("version", VERSION);
        json.putObject("vehicle")
                .put("name", document.vehicle())
                .put("complaint", document.complaint())
                .put("concern", JsonFields.key(document.concern()));
        VehicleState state = document.state();
        ObjectNode stateJson = json.putObject("state");
        stateJson.put("celsius", state.celsius()).put("state_of_charge", state.stateOfCharge());
        if (state.glowing()) {
            stateJson.put("glowing", true);
        }
        json.set("circuit", JsonFields.tree(document.circuitJson()));
        ArrayNode faults = json.putArray("faults");
        state.faults().forEach(f -> faults.add(StateFormat.write(f)));
        ArrayNode readings = json.putArray("readings");
        document.readings().forEach(r -> readings.add(ReadingFormat.write(r)));
        HappenedFormat.write(document.happened(), json);
        document.basis().ifPresent(b -> json.set("basis", BasisFormat.write(b)));
        document.closing().ifPresent(c -> json.set("closing", SaidFormat.write(c)));
        if (!document.extensions().isEmpty()) {
            json.set("extensions", JsonFields.tree(document.extensions()));
        }
        return pretty(json);
    }

    static String pretty(JsonNode json) {
        try {
            return JsonFields.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(json) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A JSON tree could not be written.", e);
        }
    }

    private static void checkHead(JsonFields file) {
        String format = file.text("format");
        if (!format.equals(FORMAT)) {
            throw new BadFile("$.format", "This is a (%s), not a (%s).".formatted(format, FORMAT));
        }
        double version = file.number("version");
        if (version != VERSION && version != FIRST_VERSION) {
            throw new BadFile(
                    "$.version",
                    "This file is of version (%s); versions %d and %d are understood. Maybe update the program."
                            .formatted(version, FIRST_VERSION, VERSION));
        }
    }
}
