package app.dantro.server.format;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Devices in a case file. */
final class DeviceReader {
    private static final List<String> KINDS = List.of("battery", "starter", "solenoid", "alternator", "load", "pile");
    private static final double BLOCK_VOLTS = 12;
    private static final double USUAL_SPREAD = 0.15;
    private static final double USUAL_AMP_HOURS = 60;
    private static final double USUAL_VOLTS_PER_KELVIN = -0.010;
    private static final double USUAL_CLAMP_OHMS = 0.02;
    private static final double USUAL_LOAD_VOLTS = 13;
    private static final double USUAL_PILE_OHMS = 5e-3;

    private DeviceReader() {}

    static Device parse(JsonFields json, double systemVolts) {
        String kind = json.text("kind");
        json.knows(fields(kind, json));
        PartId id = JsonIds.partId(json, "id");
        String name = json.optionalText("name").orElse(id.value().replace('-', ' '));
        double blocks = systemVolts / BLOCK_VOLTS;
        Device device = switch (kind) {
            case "battery" -> battery(json, id, name);
            case "starter" -> starter(json, id, name);
            case "solenoid" -> solenoid(json, id, name);
            case "alternator" -> alternator(json, id, name, blocks);
            case "load" -> load(json, id, name, blocks);
            case "pile" -> pile(json, id, name);
            default -> throw unknown(kind, json);
        };
        json.done();
        return device;
    }

    private static String[] fields(String kind, JsonFields json) {
        String own = switch (kind) {
            case "battery" -> "positive_post negative_post ohms spread amp_hours source";
            case "starter" ->
                "motor_stud starter_case volt_seconds_per_radian ohms drag_newton_metres drag_newton_metre_seconds";
            case "solenoid" -> "trigger ground motor_stud contacts hold_ohms pull_in_ohms pull_in_volts hold_volts";
            case "alternator" ->
                "output ground sense_plus sense_minus setpoint_volts volts_per_kelvin siemens max_amps share clamp_volts clamp_ohms cap_volts";
            case "load" -> "from to ohms siemens amps at_volts glow";
            case "pile" -> "from to amps least_ohms";
            default -> throw unknown(kind, json);
        };
        return ("kind id name " + own).split(" ");
    }

    private static BadFile unknown(String kind, JsonFields json) {
        return new BadFile(
                json.path("kind"),
                "There is no device of the kind (%s). There are: %s.".formatted(kind, String.join(", ", KINDS)));
    }

    private static Device battery(JsonFields json, PartId id, String name) {
        Optional<Battery.Source> source = json.optionalObject("source").map(s -> {
            Battery.Source stated = s.checked(
                    () -> new Battery.Source(s.number("volts"), s.number("discharge_ohms"), s.number("charge_ohms")));
            s.done();
            return stated;
        });
        double ohms = json.optionalNumber("ohms")
                .or(() -> source.map(Battery.Source::dischargeOhms))
                .orElseGet(() -> json.number("ohms"));
        return json.checked(() -> new Battery(
                id,
                name,
                JsonIds.pointId(json, "positive_post"),
                JsonIds.pointId(json, "negative_post"),
                new ResistanceRange(ohms, json.optionalNumber("spread").orElse(USUAL_SPREAD)),
                json.optionalNumber("amp_hours").orElse(USUAL_AMP_HOURS),
                source));
    }

    private static Device starter(JsonFields json, PartId id, String name) {
        return json.checked(() -> new Starter(
                id,
                name,
                JsonIds.pointId(json, "motor_stud"),
                JsonIds.pointId(json, "starter_case"),
                new Starter.Motor(
                        json.number("volt_seconds_per_radian"),
                        json.number("ohms"),
                        json.number("drag_newton_metres"),
                        json.number("drag_newton_metre_seconds"))));
    }

    private static Device solenoid(JsonFields json, PartId id, String name) {
        return json.checked(() -> new Solenoid(
                id,
                name,
                JsonIds.pointId(json, "trigger"),
                JsonIds.pointId(json, "ground"),
                JsonIds.pointId(json, "motor_stud"),
                JsonIds.partId(json, "contacts"),
                new Solenoid.Coils(
                        json.number("hold_ohms"),
                        json.number("pull_in_ohms"),
                        json.number("pull_in_volts"),
                        json.number("hold_volts"))));
    }

    private static Device alternator(JsonFields json, PartId id, String name, double blocks) {
        PointId output = JsonIds.pointId(json, "output");
        PointId ground = JsonIds.pointId(json, "ground");
        return json.checked(() -> new Alternator(
                id,
                name,
                output,
                ground,
                new Alternator.Sense(
                        json.has("sense_plus") ? JsonIds.pointId(json, "sense_plus") : output,
                        json.has("sense_minus") ? JsonIds.pointId(json, "sense_minus") : ground),
                new Alternator.Regulation(
                        json.number("setpoint_volts"),
                        json.optionalNumber("volts_per_kelvin").orElse(USUAL_VOLTS_PER_KELVIN * blocks),
                        json.number("siemens")),
                new Alternator.Rating(
                        json.number("max_amps"),
                        json.has("share") ? perCondition(json, "share") : everyRunning(),
                        json.optionalNumber("clamp_volts").orElse(blocks > 1 ? 38.0 : 24.0),
                        json.optionalNumber("clamp_ohms").orElse(USUAL_CLAMP_OHMS),
                        json.optionalNumber("cap_volts").orElse(Double.POSITIVE_INFINITY))));
    }

    private static Device load(JsonFields json, PartId id, String name, double blocks) {
        Map<Condition, Double> siemens;
        if (json.has("ohms")) {
            double ohms = json.number("ohms");
            if (!(ohms >= 1e-4)) {
                throw new BadFile(json.path("ohms"), "The load's resistance (%s ohm) must be > 0.".formatted(ohms));
            }
            siemens = Load.constant(ohms);
        } else if (json.has("siemens")) {
            siemens = perCondition(json, "siemens");
        } else if (json.has("amps")) {
            double volts = json.optionalNumber("at_volts").orElse(USUAL_LOAD_VOLTS * blocks);
            if (!(volts > 0)) {
                throw new BadFile(json.path("at_volts"), "The voltage (%s V) must be > 0.".formatted(volts));
            }
            siemens = Load.drawing(perCondition(json, "amps"), volts);
        } else {
            throw new BadFile(
                    json.path("amps"),
                    "A load needs \"amps\" by condition, \"siemens\" by condition, or one \"ohms\" for all.");
        }
        return json.checked(() -> new Load(
                id, name, JsonIds.pointId(json, "from"), JsonIds.pointId(json, "to"), siemens, json.flag("glow")));
    }

    private static Device pile(JsonFields json, PartId id, String name) {
        return json.checked(() -> new Pile(
                id,
                name,
                JsonIds.pointId(json, "from"),
                JsonIds.pointId(json, "to"),
                perCondition(json, "amps"),
                json.optionalNumber("least_ohms").orElse(USUAL_PILE_OHMS)));
    }

    private static Map<Condition, Double> everyRunning() {
        return Condition.modelled().stream().filter(Condition::running).collect(Collectors.toMap(c -> c, c -> 1.0));
    }

    /** One number for every condition, or an object with one for each that is named. */
    private static Map<Condition, Double> perCondition(JsonFields json, String field) {
        Map<Condition, Double> values = new EnumMap<>(Condition.class);
        JsonNode node = json.node(field).orElseThrow(() -> new BadFile(json.path(field), "This field is missing."));
        if (node.isNumber()) {
            for (Condition condition : Condition.modelled()) {
                if (!field.equals("share") || condition.running()) {
                    values.put(condition, JsonFields.number(node, json.path(field)));
                }
            }
            return values;
        }
        JsonFields each = JsonFields.of(node, json.path(field));
        for (Condition condition : Condition.modelled()) {
            each.optionalNumber(condition.key()).ifPresent(v -> values.put(condition, v));
        }
        each.done();
        return values;
    }
}
