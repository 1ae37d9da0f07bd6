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
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Devices in a case file. */
final class DeviceFormat {
    private static final List<String> KINDS = List.of("battery", "starter", "solenoid", "alternator", "load", "pile");
    private static final double BLOCK_VOLTS = 12;
    private static final double USUAL_SPREAD = 0.15;
    private static final double USUAL_AMP_HOURS = 60;
    private static final double USUAL_VOLTS_PER_KELVIN = -0.010;
    private static final double USUAL_CLAMP_OHMS = 0.02;
    private static final double USUAL_LOAD_VOLTS = 13;
    private static final double USUAL_PILE_OHMS = 5e-3;

    private DeviceFormat() {}

    static Device parse(JsonFields json, double systemVolts) {
        String kind = json.text("kind");
        json.knows(fields(kind, json));
        PartId id = partId(json, "id");
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
                pointId(json, "positive_post"),
                pointId(json, "negative_post"),
                new ResistanceRange(ohms, json.optionalNumber("spread").orElse(USUAL_SPREAD)),
                json.optionalNumber("amp_hours").orElse(USUAL_AMP_HOURS),
                source));
    }

    private static Device starter(JsonFields json, PartId id, String name) {
        return json.checked(() -> new Starter(
                id,
                name,
                pointId(json, "motor_stud"),
                pointId(json, "starter_case"),
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
                pointId(json, "trigger"),
                pointId(json, "ground"),
                pointId(json, "motor_stud"),
                partId(json, "contacts"),
                new Solenoid.Coils(
                        json.number("hold_ohms"),
                        json.number("pull_in_ohms"),
                        json.number("pull_in_volts"),
                        json.number("hold_volts"))));
    }

    private static Device alternator(JsonFields json, PartId id, String name, double blocks) {
        PointId output = pointId(json, "output");
        PointId ground = pointId(json, "ground");
        return json.checked(() -> new Alternator(
                id,
                name,
                output,
                ground,
                new Alternator.Sense(
                        json.has("sense_plus") ? pointId(json, "sense_plus") : output,
                        json.has("sense_minus") ? pointId(json, "sense_minus") : ground),
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
        return json.checked(
                () -> new Load(id, name, pointId(json, "from"), pointId(json, "to"), siemens, json.flag("glow")));
    }

    private static Device pile(JsonFields json, PartId id, String name) {
        return json.checked(() -> new Pile(
                id,
                name,
                pointId(json, "from"),
                pointId(json, "to"),
                perCondition(json, "amps"),
                json.optionalNumber("least_ohms").orElse(USUAL_PILE_OHMS)));
    }

    static ObjectNode write(Device device) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        if (device instanceof Battery b) {
            begin(json, "battery", b)
                    .put("positive_post", b.positivePost().value())
                    .put("negative_post", b.negativePost().value())
                    .put("ohms", b.internalOhms().nominalOhms())
                    .put("spread", b.internalOhms().logSpread())
                    .put("amp_hours", b.ampHours());
            b.stated()
                    .ifPresent(s -> json.putObject("source")
                            .put("volts", s.volts())
                            .put("discharge_ohms", s.dischargeOhms())
                            .put("charge_ohms", s.chargeOhms()));
        } else if (device instanceof Starter s) {
            begin(json, "starter", s)
                    .put("motor_stud", s.motorStud().value())
                    .put("starter_case", s.starterCase().value())
                    .put("volt_seconds_per_radian", s.motor().voltSecondsPerRadian())
                    .put("ohms", s.motor().ohms())
                    .put("drag_newton_metres", s.motor().dragNewtonMetres())
                    .put("drag_newton_metre_seconds", s.motor().dragNewtonMetreSeconds());
        } else if (device instanceof Solenoid s) {
            begin(json, "solenoid", s)
                    .put("trigger", s.trigger().value())
                    .put("ground", s.ground().value())
                    .put("motor_stud", s.motorStud().value())
                    .put("contacts", s.contacts().value())
                    .put("hold_ohms", s.coils().holdOhms())
                    .put("pull_in_ohms", s.coils().pullInOhms())
                    .put("pull_in_volts", s.coils().pullInVolts())
                    .put("hold_volts", s.coils().holdVolts());
        } else if (device instanceof Alternator a) {
            writeAlternator(json, a);
        } else if (device instanceof Load l) {
            begin(json, "load", l).put("from", l.from().value()).put("to", l.to().value());
            json.set("siemens", perCondition(l.siemens()));
            if (l.glow()) {
                json.put("glow", true);
            }
        } else if (device instanceof Pile p) {
            begin(json, "pile", p).put("from", p.from().value()).put("to", p.to().value());
            json.set("amps", perCondition(p.amps()));
            json.put("least_ohms", p.leastOhms());
        }
        return json;
    }

    private static void writeAlternator(ObjectNode json, Alternator a) {
        begin(json, "alternator", a)
                .put("output", a.output().value())
                .put("ground", a.ground().value())
                .put("sense_plus", a.sense().plus().value())
                .put("sense_minus", a.sense().minus().value())
                .put("setpoint_volts", a.regulation().setpointVolts())
                .put("volts_per_kelvin", a.regulation().voltsPerKelvin())
                .put("siemens", a.regulation().siemens())
                .put("max_amps", a.rating().maxAmps());
        json.set("share", perCondition(a.rating().share()));
        json.put("clamp_volts", a.rating().clampVolts())
                .put("clamp_ohms", a.rating().clampOhms());
        if (Double.isFinite(a.rating().capVolts())) {
            json.put("cap_volts", a.rating().capVolts());
        }
    }

    private static ObjectNode begin(ObjectNode json, String kind, Device device) {
        return json.put("kind", kind).put("id", device.id().value()).put("name", device.name());
    }

    private static Map<Condition, Double> everyRunning() {
        return Arrays.stream(Condition.values()).filter(Condition::running).collect(Collectors.toMap(c -> c, c -> 1.0));
    }

    /** One number for every condition, or an object with one for each that is named. */
    private static Map<Condition, Double> perCondition(JsonFields json, String field) {
        Map<Condition, Double> values = new EnumMap<>(Condition.class);
        JsonNode node = json.node(field).orElseThrow(() -> new BadFile(json.path(field), "This field is missing."));
        if (node.isNumber()) {
            for (Condition condition : Condition.values()) {
                if (!field.equals("share") || condition.running()) {
                    values.put(condition, JsonFields.number(node, json.path(field)));
                }
            }
            return values;
        }
        JsonFields each = JsonFields.of(node, json.path(field));
        for (Condition condition : Condition.values()) {
            each.optionalNumber(condition.key()).ifPresent(v -> values.put(condition, v));
        }
        each.done();
        return values;
    }

    private static ObjectNode perCondition(Map<Condition, Double> values) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        for (Condition condition : Condition.values()) {
            if (values.containsKey(condition)) {
                json.put(condition.key(), values.get(condition));
            }
        }
        return json;
    }

    static PartId partId(JsonFields json, String field) {
        String text = json.text(field);
        try {
            return PartId.of(text);
        } catch (IllegalArgumentException e) {
            throw new BadFile(json.path(field), e.getMessage());
        }
    }

    static PointId pointId(JsonFields json, String field) {
        String text = json.text(field);
        try {
            return PointId.of(text);
        } catch (IllegalArgumentException e) {
            throw new BadFile(json.path(field), e.getMessage());
        }
    }
}
