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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Circuits that are spelled out in a case file, and single points and parts of them. */
final class CircuitReader {
    private CircuitReader() {}

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

    record Head(String id, String title, double systemVolts, PointId plusPost, PointId minusPost) {}

    static Circuit spelledOut(JsonFields json) {
        json.knows(
                "ready_made", "id", "title", "system_volts", "plus_post", "minus_post", "points", "parts", "devices");
        double volts = json.number("system_volts");
        List<ProbePoint> points = new ArrayList<>();
        json.list("points")
                .forEach((path, node) ->
                        points.add(node.isTextual() ? bare(node.textValue(), path) : point(JsonFields.of(node, path))));
        List<Part> parts =
                json.objects("parts").stream().map(CircuitReader::part).toList();
        List<Device> devices = json.objects("devices").stream()
                .map(d -> DeviceReader.parse(d, volts))
                .toList();
        Optional<Battery> first = devices.stream()
                .filter(Battery.class::isInstance)
                .map(Battery.class::cast)
                .findFirst();
        PointId plus = json.has("plus_post")
                ? JsonIds.pointId(json, "plus_post")
                : first.map(Battery::positivePost).orElseThrow(() -> noBattery(json));
        PointId minus = json.has("minus_post")
                ? JsonIds.pointId(json, "minus_post")
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

    static Circuit build(Head head, List<ProbePoint> points, List<Part> parts, List<Device> devices, String path) {
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

    static ProbePoint point(JsonFields json) {
        json.knows("id", "name", "label", "placing", "access");
        PointId id = JsonIds.pointId(json, "id");
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

    static Part part(JsonFields json) {
        json.knows(PART_FIELDS);
        PartId id = JsonIds.partId(json, "id");
        PartKind kind =
                json.choice("kind", PartKind.class, json.has("length_metres") ? PartKind.CABLE : PartKind.JOINT);
        Part part = json.checked(() -> new Part(
                id,
                json.optionalText("name").orElse(id.value().replace('-', ' ')),
                kind,
                JsonIds.pointId(json, "from"),
                JsonIds.pointId(json, "to"),
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
}
