package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.FaultKind;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/** The case file, version 1 (docs/formats/case-v1.md). */
public final class CaseFormat {
    private static final String FORMAT = "dantro-case";
    private static final int VERSION = 1;
    private static final String[] READING_FIELDS = {
        "id",
        "red",
        "black",
        "condition",
        "typed",
        "statistic",
        "amps",
        "amps_known_by",
        "amps_in",
        "range",
        "called",
        "taken_at_ms"
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
        file.knows(
                "format",
                "version",
                "vehicle",
                "state",
                "circuit",
                "faults",
                "readings",
                "repairs",
                "tests",
                "statements");
        checkHead(file);
        JsonNode circuitNode = file.node("circuit")
                .orElseThrow(() -> new BadFile("$.circuit", "This field is missing; it must be an object."));
        Circuit circuit = CircuitFormat.parse(JsonFields.of(circuitNode, "$.circuit"));
        VehicleState state = state(file, circuit);
        List<Reading> readings = readings(file, circuit, ids);
        Happened happened = HappenedFormat.read(file, circuit, ids);
        Optional<JsonFields> vehicle = file.optionalObject("vehicle");
        String name = vehicle.flatMap(v -> v.optionalText("name")).orElse(circuit.title());
        String complaint = vehicle.flatMap(v -> v.optionalText("complaint")).orElse("not said");
        Loop concern =
                vehicle.map(v -> v.choice("concern", Loop.class, Loop.STARTING)).orElse(Loop.STARTING);
        vehicle.ifPresent(JsonFields::done);
        String extensions = file.node("extensions").map(JsonNode::toString).orElse("");
        file.done();
        return new CaseDocument(
                name, complaint, concern, circuit, circuitNode.toString(), state, readings, happened, extensions);
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
        state.faults().forEach(f -> faults.add(write(f)));
        ArrayNode readings = json.putArray("readings");
        document.readings().forEach(r -> readings.add(write(r)));
        HappenedFormat.write(document.happened(), json);
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
        if (version != VERSION) {
            throw new BadFile(
                    "$.version",
                    "This file is of version (%s); version %s is understood. Maybe update the program."
                            .formatted(version, VERSION));
        }
    }

    private static VehicleState state(JsonFields file, Circuit circuit) {
        Optional<JsonFields> state = file.optionalObject("state");
        VehicleState healthy = VehicleState.healthy();
        VehicleState bare = state.map(s -> {
                    VehicleState stated = s.checked(() -> new VehicleState(
                            s.optionalNumber("celsius").orElse(healthy.celsius()),
                            s.optionalNumber("state_of_charge").orElse(healthy.stateOfCharge()),
                            s.flag("glowing"),
                            List.of()));
                    s.done();
                    return stated;
                })
                .orElse(healthy);
        NetworkSolver solver = new NetworkSolver(circuit);
        VehicleState faulty = bare;
        for (JsonFields json : file.objects("faults")) {
            Fault fault = fault(json);
            // a fault that does not fit the circuit is refused where it stands
            json.checked(() -> solver.solve(Condition.REST, bare.with(fault)));
            faulty = faulty.with(fault);
        }
        return faulty;
    }

    private static Fault fault(JsonFields json) {
        String kind = json.text("kind");
        FaultKind found = FaultKind.keyed(kind)
                .orElseThrow(() -> new BadFile(
                        json.path("kind"),
                        "There is no fault of the kind (%s). There are: %s."
                                .formatted(
                                        kind,
                                        Arrays.stream(FaultKind.values())
                                                .map(FaultKind::key)
                                                .collect(Collectors.joining(", ")))));
        PartId part = DeviceFormat.partId(json, "part");
        double severity = found.severityName().map(json::number).orElse(0.0);
        Fault fault = json.checked(() -> found.of(part, severity));
        json.done();
        return fault;
    }

    private static ObjectNode write(Fault fault) {
        FaultKind kind = FaultKind.of(fault);
        ObjectNode json = JsonFields.MAPPER
                .createObjectNode()
                .put("kind", kind.key())
                .put("part", fault.part().value());
        kind.severityName().ifPresent(name -> json.put(name, kind.severity(fault)));
        return json;
    }

    private static List<Reading> readings(JsonFields file, Circuit circuit, EntryIds ids) {
        List<Reading> readings = new ArrayList<>();
        Set<UUID> seen = new HashSet<>();
        for (JsonFields json : file.objects("readings")) {
            Reading reading = reading(json, circuit, ids, readings.size());
            if (!seen.add(reading.id())) {
                throw new BadFile(json.path("id"), "Two readings have the id (%s).".formatted(reading.id()));
            }
            readings.add(reading);
        }
        return readings;
    }

    private static Reading reading(JsonFields json, Circuit circuit, EntryIds ids, int position) {
        json.knows(READING_FIELDS);
        UUID id = ids.of(json, "reading", position);
        PointId red = point(json, "red", circuit);
        PointId black = point(json, "black", circuit);
        String conditionKey = json.text("condition");
        Condition condition = Arrays.stream(Condition.values())
                .filter(c -> c.key().equals(conditionKey))
                .findFirst()
                .orElseThrow(() ->
                        new BadFile(json.path("condition"), "There is no condition (%s).".formatted(conditionKey)));
        Current current = json.optionalNumber("amps")
                .map(a -> json.checked(() -> (Current) new Current.Measured(
                        a, json.choice("amps_known_by", Current.How.class, Current.How.CLAMP), ampsIn(json, circuit))))
                .orElseGet(Current::unknown);
        Optional<MeterRange> range =
                json.has("range") ? Optional.of(json.choice("range", MeterRange.class, null)) : Optional.empty();
        Reading reading = json.checked(() -> new Reading(
                id,
                red,
                black,
                condition,
                TypedVolts.parse(json.text("typed")),
                json.choice("statistic", Statistic.class, Statistic.SETTLED),
                current,
                range,
                json.flag("called"),
                json.optionalNumber("taken_at_ms").orElse((double) position).longValue()));
        json.done();
        return reading;
    }

    private static Optional<PartId> ampsIn(JsonFields json, Circuit circuit) {
        if (!json.has("amps_in")) {
            return Optional.empty();
        }
        PartId id = DeviceFormat.partId(json, "amps_in");
        if (circuit.part(id).filter(Ammeter::fits).isEmpty()) {
            throw new BadFile(json.path("amps_in"), "The circuit has no cable or strap (%s).".formatted(id));
        }
        return Optional.of(id);
    }

    private static ObjectNode write(Reading reading) {
        ObjectNode json = JsonFields.MAPPER
                .createObjectNode()
                .put("id", reading.id().toString())
                .put("red", reading.red().value())
                .put("black", reading.black().value())
                .put("condition", reading.condition().key())
                .put("typed", reading.typed().text())
                .put("statistic", JsonFields.key(reading.statistic()));
        if (reading.current() instanceof Current.Measured measured) {
            json.put("amps", measured.amps()).put("amps_known_by", JsonFields.key(measured.how()));
            measured.in().ifPresent(part -> json.put("amps_in", part.value()));
        }
        reading.range().ifPresent(r -> json.put("range", JsonFields.key(r)));
        if (reading.called()) {
            json.put("called", true);
        }
        return json.put("taken_at_ms", reading.takenAtMillis());
    }

    private static PointId point(JsonFields json, String field, Circuit circuit) {
        PointId id = DeviceFormat.pointId(json, field);
        if (circuit.point(id).isEmpty()) {
            throw new BadFile(json.path(field), "The circuit has no probe point (%s).".formatted(id));
        }
        return id;
    }
}
