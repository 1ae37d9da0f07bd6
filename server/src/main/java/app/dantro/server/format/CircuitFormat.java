package app.dantro.server.format;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Gate;
import app.dantro.core.circuit.Material;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.kit.ReadyMadeCircuits;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/** A circuit in a case file: a ready-made one with changes, or all of it spelled out. */
public final class CircuitFormat {
    private static final double USUAL_JOINT_SPREAD = 0.34;
    private static final double USUAL_CABLE_SPREAD = 0.10;
    private static final String[] PART_FIELDS = {
        "id",
        "name",
        "kind",
        "from",
        "to",
        "ohms",
        "spread",
        "length_metres",
        "area_square_metres",
        "material",
        "joint_ohms",
        "gate",
        "fuse_amps"
    };
    private static final List<String> CONDUCTOR_FIELDS =
            List.of("length_metres", "area_square_metres", "material", "joint_ohms");

    private CircuitFormat() {}

    /**
     * Reads the circuit object of a case file, as text.
     *
     * @throws BadFile with the path of what is wrong
     */
    public static Circuit parse(String json) {
        return parse(JsonFields.of(JsonFields.tree(json), "$"));
    }

    static Circuit parse(JsonFields json) {
        return json.has("ready_made") ? changed(json) : spelledOut(json);
    }

    /** The circuit object that names a ready-made circuit as it is. */
    public static String readyMade(String id) {
        return JsonFields.MAPPER.createObjectNode().put("ready_made", id).toString();
    }

    private static Circuit changed(JsonFields json) {
        String id = json.text("ready_made");
        Circuit base = ReadyMadeCircuits.named(id)
                .orElseThrow(() -> new BadFile(
                        json.path("ready_made"),
                        "There is no ready-made circuit (%s). There are: %s."
                                .formatted(id, String.join(", ", names()))));
        String title = json.optionalText("title").orElse(base.title());
        Optional<JsonFields> changes = json.optionalObject("changes");
        json.done();
        return changes.map(c -> apply(base, title, c))
                .orElseGet(() -> new Circuit(
                        base.id(),
                        title,
                        base.systemVolts(),
                        base.plusPost(),
                        base.minusPost(),
                        base.points(),
                        base.parts(),
                        base.devices()));
    }

    private static List<String> names() {
        List<String> names = new ArrayList<>(ReadyMadeCircuits.titles().keySet());
        names.addAll(ReadyMadeCircuits.references());
        return names;
    }

    private static Circuit apply(Circuit base, String title, JsonFields changes) {
        Map<String, ObjectNode> points = new LinkedHashMap<>();
        base.points().forEach(p -> points.put(p.id().value(), write(p)));
        Map<String, ObjectNode> parts = new LinkedHashMap<>();
        base.parts().forEach(p -> parts.put(p.id().value(), write(p)));
        Map<String, ObjectNode> devices = new LinkedHashMap<>();
        base.devices().forEach(d -> devices.put(d.id().value(), DeviceFormat.write(d)));
        changes.list("remove").forEach((path, node) -> {
            String id = node.asText();
            if (points.remove(id) == null && parts.remove(id) == null && devices.remove(id) == null) {
                throw new BadFile(path, "The circuit (%s) has nothing called (%s).".formatted(base.id(), id));
            }
        });
        Map<String, JsonNode> at = new LinkedHashMap<>();
        overlay(changes, "points", points, at);
        overlay(changes, "parts", parts, at);
        overlay(changes, "devices", devices, at);
        changes.done();
        return build(
                new Head(base.id(), title, base.systemVolts(), base.plusPost(), base.minusPost()),
                points.values().stream()
                        .map(n -> point(JsonFields.of(n, path(at, n, "points"))))
                        .toList(),
                parts.values().stream()
                        .map(n -> part(JsonFields.of(n, path(at, n, "parts"))))
                        .toList(),
                devices.values().stream()
                        .map(n -> DeviceFormat.parse(JsonFields.of(n, path(at, n, "devices")), base.systemVolts()))
                        .toList(),
                changes.path("").replaceAll("\\.$", ""));
    }

    /** Fields of a change replace those of the member with its id; an id that is new must be complete. */
    private static void overlay(
            JsonFields changes, String field, Map<String, ObjectNode> members, Map<String, JsonNode> at) {
        changes.list(field).forEach((path, node) -> {
            JsonFields change = JsonFields.of(node, path);
            String id = change.text("id");
            ObjectNode merged = members.getOrDefault(id, JsonFields.MAPPER.createObjectNode());
            if (change.has("ohms")) {
                merged.remove(CONDUCTOR_FIELDS);
            }
            if (change.has("length_metres") && !merged.has("length_metres")) {
                merged.remove(List.of("ohms", "spread"));
            }
            for (String load : List.of("ohms", "siemens", "amps")) {
                if (field.equals("devices")
                        && change.has(load)
                        && "load".equals(merged.path("kind").asText())) {
                    merged.remove(List.of("ohms", "siemens", "amps"));
                }
            }
            merged.setAll(change.copy());
            members.put(id, merged);
            at.put(path, merged);
        });
    }

    private static String path(Map<String, JsonNode> at, JsonNode node, String field) {
        return at.entrySet().stream()
                .filter(e -> e.getValue() == node)
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("$.circuit." + field + "[" + node.path("id").asText() + "]");
    }

    private record Head(String id, String title, double systemVolts, PointId plusPost, PointId minusPost) {}

    private static Circuit spelledOut(JsonFields json) {
        json.knows(
                "ready_made", "id", "title", "system_volts", "plus_post", "minus_post", "points", "parts", "devices");
        double volts = json.number("system_volts");
        List<ProbePoint> points = new ArrayList<>();
        json.list("points")
                .forEach((path, node) ->
                        points.add(node.isTextual() ? bare(node.textValue(), path) : point(JsonFields.of(node, path))));
        List<Part> parts =
                json.objects("parts").stream().map(CircuitFormat::part).toList();
        List<Device> devices = json.objects("devices").stream()
                .map(d -> DeviceFormat.parse(d, volts))
                .toList();
        Optional<Battery> first = devices.stream()
                .filter(Battery.class::isInstance)
                .map(Battery.class::cast)
                .findFirst();
        PointId plus = json.has("plus_post")
                ? DeviceFormat.pointId(json, "plus_post")
                : first.map(Battery::positivePost).orElseThrow(() -> noBattery(json));
        PointId minus = json.has("minus_post")
                ? DeviceFormat.pointId(json, "minus_post")
                : first.map(Battery::negativePost).orElseThrow(() -> noBattery(json));
        String id = json.optionalText("id").orElse("circuit");
        String title = json.optionalText("title").orElse("Circuit of its own");
        json.done();
        return build(
                new Head(id, title, volts, plus, minus),
                points,
                parts,
                devices,
                json.path("").replaceAll("\\.$", ""));
    }

    private static BadFile noBattery(JsonFields json) {
        return new BadFile(json.path("devices"), "There is no battery among the devices. Add one.");
    }

    private static Circuit build(
            Head head, List<ProbePoint> points, List<Part> parts, List<Device> devices, String path) {
        try {
            return new Circuit(
                    head.id(),
                    head.title(),
                    head.systemVolts(),
                    head.plusPost(),
                    head.minusPost(),
                    points,
                    parts,
                    devices);
        } catch (IllegalArgumentException e) {
            throw new BadFile(path, e.getMessage());
        }
    }

    private static ProbePoint bare(String id, String path) {
        try {
            return new ProbePoint(PointId.of(id), id, id, id, Access.OPEN);
        } catch (IllegalArgumentException e) {
            throw new BadFile(path, e.getMessage());
        }
    }

    private static ProbePoint point(JsonFields json) {
        json.knows("id", "name", "label", "placing", "access");
        PointId id = DeviceFormat.pointId(json, "id");
        String name = json.optionalText("name").orElse(id.value().replace('-', ' '));
        ProbePoint point = json.checked(() -> new ProbePoint(
                id,
                name,
                json.optionalText("label").orElse(name),
                json.optionalText("placing").orElse("the metal of the " + name),
                json.choice("access", Access.class, Access.OPEN)));
        json.done();
        return point;
    }

    private static Part part(JsonFields json) {
        json.knows(PART_FIELDS);
        PartId id = DeviceFormat.partId(json, "id");
        PartKind kind =
                json.choice("kind", PartKind.class, json.has("length_metres") ? PartKind.CABLE : PartKind.JOINT);
        Part part = json.checked(() -> new Part(
                id,
                json.optionalText("name").orElse(id.value().replace('-', ' ')),
                kind,
                DeviceFormat.pointId(json, "from"),
                DeviceFormat.pointId(json, "to"),
                resistance(json),
                json.choice("gate", Gate.class, Gate.ALWAYS),
                json.optionalNumber("fuse_amps")));
        json.done();
        return part;
    }

    private static Resistance resistance(JsonFields json) {
        if (json.has("ohms")) {
            if (json.has("length_metres")) {
                throw new BadFile(
                        json.path("ohms"), "A part has either \"ohms\" or \"length_metres\" with an area, not both.");
            }
            return new Resistance.Contact(new ResistanceRange(
                    json.number("ohms"), json.optionalNumber("spread").orElse(USUAL_JOINT_SPREAD)));
        }
        if (!json.has("length_metres")) {
            throw new BadFile(
                    json.path("ohms"), "A part needs \"ohms\", or \"length_metres\" and \"area_square_metres\".");
        }
        return new Resistance.Conductor(
                json.number("length_metres"),
                json.number("area_square_metres"),
                json.choice("material", Material.class, Material.COPPER),
                json.optionalNumber("spread").orElse(USUAL_CABLE_SPREAD),
                json.optionalNumber("joint_ohms").orElse(0.0));
    }

    /** The whole circuit, spelled out. */
    static ObjectNode write(Circuit circuit) {
        ObjectNode json = JsonFields.MAPPER.createObjectNode();
        json.put("id", circuit.id())
                .put("title", circuit.title())
                .put("system_volts", circuit.systemVolts())
                .put("plus_post", circuit.plusPost().value())
                .put("minus_post", circuit.minusPost().value());
        ArrayNode points = json.putArray("points");
        circuit.points().forEach(p -> points.add(write(p)));
        ArrayNode parts = json.putArray("parts");
        circuit.parts().forEach(p -> parts.add(write(p)));
        ArrayNode devices = json.putArray("devices");
        circuit.devices().forEach(d -> devices.add(DeviceFormat.write(d)));
        return json;
    }

    private static ObjectNode write(ProbePoint point) {
        return JsonFields.MAPPER
                .createObjectNode()
                .put("id", point.id().value())
                .put("name", point.name())
                .put("label", point.label())
                .put("placing", point.placing())
                .put("access", JsonFields.key(point.access()));
    }

    private static ObjectNode write(Part part) {
        ObjectNode json = JsonFields.MAPPER
                .createObjectNode()
                .put("id", part.id().value())
                .put("name", part.name())
                .put("kind", JsonFields.key(part.kind()))
                .put("from", part.from().value())
                .put("to", part.to().value());
        if (part.resistance() instanceof Resistance.Conductor c) {
            json.put("length_metres", c.lengthMetres())
                    .put("area_square_metres", c.areaSquareMetres())
                    .put("material", JsonFields.key(c.material()))
                    .put("spread", c.logSpread())
                    .put("joint_ohms", c.jointOhms());
        } else if (part.resistance() instanceof Resistance.Contact c) {
            json.put("ohms", c.healthy().nominalOhms())
                    .put("spread", c.healthy().logSpread());
        }
        if (part.gate() != Gate.ALWAYS) {
            json.put("gate", JsonFields.key(part.gate()));
        }
        part.fuseAmps().ifPresent(amps -> json.put("fuse_amps", amps));
        return json;
    }

    /**
     * The circuit object of a case after an edit: the ready-made circuit it began with, and every difference from it.
     *
     * @param before the circuit object as it was, with its extensions
     */
    public static String withChanges(String before, Circuit edited) {
        JsonFields old = JsonFields.of(JsonFields.tree(before), "$");
        Optional<Circuit> base = old.optionalText("ready_made").flatMap(ReadyMadeCircuits::named);
        ObjectNode json;
        if (base.isEmpty()) {
            json = write(edited);
        } else {
            json = JsonFields.MAPPER
                    .createObjectNode()
                    .put("ready_made", base.get().id());
            json.put("title", edited.title());
            ObjectNode changes = differences(base.get(), edited);
            if (!changes.isEmpty()) {
                json.set("changes", changes);
            }
        }
        old.node("extensions").ifPresent(e -> json.set("extensions", e));
        return json.toString();
    }

    private static ObjectNode differences(Circuit base, Circuit edited) {
        ObjectNode from = write(base);
        ObjectNode to = write(edited);
        ObjectNode changes = JsonFields.MAPPER.createObjectNode();
        ArrayNode removed = JsonFields.MAPPER.createArrayNode();
        for (String field : List.of("points", "parts", "devices")) {
            Map<String, JsonNode> before = byId(from.get(field));
            Map<String, JsonNode> after = byId(to.get(field));
            ArrayNode changed = JsonFields.MAPPER.createArrayNode();
            after.forEach((id, node) -> {
                if (!node.equals(before.get(id))) {
                    changed.add(node);
                }
            });
            if (!changed.isEmpty()) {
                changes.set(field, changed);
            }
            new TreeSet<>(before.keySet())
                    .stream().filter(id -> !after.containsKey(id)).forEach(removed::add);
        }
        if (!removed.isEmpty()) {
            changes.set("remove", removed);
        }
        return changes;
    }

    private static Map<String, JsonNode> byId(JsonNode members) {
        Map<String, JsonNode> byId = new LinkedHashMap<>();
        members.forEach(m -> byId.put(m.get("id").asText(), m));
        return byId;
    }
}
