package app.dantro.core.network;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;

/** Lines of a netlist: resistors, sources, and how nodes are called. */
final class SpiceText {
    private final Circuit circuit;
    private final StringBuilder text = new StringBuilder();

    SpiceText(Circuit circuit) {
        this.circuit = circuit;
    }

    /** The netlist's name of a probe point; node 0 is the − post. */
    static String node(Circuit circuit, PointId point) {
        return circuit.minusPost().equals(point) ? "0" : "n_" + word(point.value());
    }

    void resistor(String prefix, PartId id, PointId from, PointId to, double ohms) {
        line("R%s%s %s %s %s".formatted(prefix, word(id.value()), at(prefix, from), at(prefix, to), ohms));
    }

    /** A device as a current source between its first two terminals. */
    void source(String prefix, Device device, String expression) {
        line("B%s%s %s %s I = %s"
                .formatted(
                        prefix,
                        word(device.id().value()),
                        at(prefix, device.terminals().get(0)),
                        at(prefix, device.terminals().get(1)),
                        expression));
    }

    String across(String prefix, PointId one, PointId other) {
        return "V(%s,%s)".formatted(at(prefix, one), at(prefix, other));
    }

    String at(String prefix, PointId point) {
        String node = node(circuit, point);
        return node.equals("0") ? node : prefix + node;
    }

    static String word(String id) {
        return id.replace('-', '_');
    }

    void line(String line) {
        text.append(line).append('\n');
    }

    @Override
    public String toString() {
        return text.toString();
    }
}
