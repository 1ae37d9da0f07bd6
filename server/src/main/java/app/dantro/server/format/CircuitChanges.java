package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/** A ready-made circuit with its changes: read into a circuit, and found again after an edit. */
final class CircuitChanges {
    private CircuitChanges() {}

    private static final List<String> CONDUCTOR_FIELDS =
            List.of("length_metres", "area_square_metres", "material", "joint_ohms");

    static Circuit apply(Circuit base, String title, JsonFields changes) {
        Map<String, ObjectNode> points = new LinkedHashMap<>();
        base.points().forEach(p -> points.put(p.id().value(), CircuitWriter.write(p)));
        Map<String, ObjectNode> parts = new LinkedHashMap<>();
        base.parts().forEach(p -> parts.put(p.id().value(), CircuitWriter.write(p)));
        Map<String, ObjectNode> devices = new LinkedHashMap<>();
        base.devices().forEach(d -> devices.put(d.id().value(), DeviceWriter.write(d)));
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
        return CircuitReader.build(
                new CircuitReader.Head(base.id(), title, base.systemVolts(), base.plusPost(), base.minusPost()),
                points.values().stream()
                        .map(n -> CircuitReader.point(JsonFields.of(n, path(at, n, "points"))))
                        .toList(),
                parts.values().stream()
                        .map(n -> CircuitReader.part(JsonFields.of(n, path(at, n, "parts"))))
                        .toList(),
                devices.values().stream()
                        .map(n -> DeviceReader.parse(JsonFields.of(n, path(at, n, "devices")), base.systemVolts()))
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

    /**
     * The circuit object of a case after an edit: the ready-made circuit it began with, and every difference from it.
     *
     * @param before the circuit object as it was, with its extensions
     */
    static String withChanges(String before, Circuit edited) {
        JsonFields old = JsonFields.of(JsonFields.tree(before), "$");
        Optional<Circuit> base = old.optionalText("ready_made").flatMap(ReadyMadeCircuits::named);
        ObjectNode json;
        if (base.isEmpty()) {
            json = CircuitWriter.write(edited);
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
        ObjectNode from = CircuitWriter.write(base);
        ObjectNode to = CircuitWriter.write(edited);
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
