package app.dantro.server.format;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Gate;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Resistance;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Circuits, points and parts into a case file, spelled out. */
final class CircuitWriter {
    private CircuitWriter() {}

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
        circuit.devices().forEach(d -> devices.add(DeviceWriter.write(d)));
        return json;
    }

    static ObjectNode write(ProbePoint point) {
        return JsonFields.MAPPER
                .createObjectNode()
                .put("id", point.id().value())
                .put("name", point.name())
                .put("label", point.label())
                .put("placing", point.placing())
                .put("access", JsonFields.key(point.access()));
    }

    static ObjectNode write(Part part) {
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
}
