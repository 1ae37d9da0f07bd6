package app.dantro.core.kit;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Gate;
import app.dantro.core.circuit.Material;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.Resistance.Conductor;
import app.dantro.core.circuit.Resistance.Contact;
import app.dantro.core.circuit.ResistanceRange;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A circuit while it is being put together: points come with the parts that name them. */
final class CircuitDraft {
    static final double ASSUMED_CABLE_SPREAD = 0.34;
    static final double ASSUMED_STRAP_SPREAD = 0.30;
    static final double ASSUMED_FUSE_SPREAD = 0.25;
    private static final double SQUARE_MILLIMETRES = 1e6;

    final List<Part> parts = new ArrayList<>();
    final List<Device> devices = new ArrayList<>();
    private final Set<PointId> points = new LinkedHashSet<>();

    CircuitDraft joint(String id, String from, String to, double ohms) {
        return add(
                id,
                PartKind.JOINT,
                from,
                to,
                new Contact(new ResistanceRange(ohms, ResistanceRange.ASSUMED_JOINT_SPREAD)));
    }

    CircuitDraft contacts(String id, String from, String to, double ohms) {
        return add(
                id,
                PartKind.CONTACTS,
                from,
                to,
                new Contact(new ResistanceRange(ohms, ResistanceRange.ASSUMED_JOINT_SPREAD)));
    }

    CircuitDraft toggle(String id, String from, String to, double ohms, Gate gate) {
        add(
                id,
                PartKind.SWITCH,
                from,
                to,
                new Contact(new ResistanceRange(ohms, ResistanceRange.ASSUMED_JOINT_SPREAD)));
        parts.add(parts.remove(parts.size() - 1).behind(gate));
        return this;
    }

    CircuitDraft fuse(String id, String from, String to, double ohms, double amps) {
        Contact contact = new Contact(new ResistanceRange(ohms, ASSUMED_FUSE_SPREAD));
        known(from, to);
        parts.add(new Part(
                PartId.of(id),
                Wordings.part(id),
                PartKind.FUSE,
                PointId.of(from),
                PointId.of(to),
                contact,
                Gate.ALWAYS,
                Optional.of(amps)));
        return this;
    }

    CircuitDraft cable(String id, String from, String to, double metres, double squareMillimetres) {
        return add(id, PartKind.CABLE, from, to, copper(metres, squareMillimetres, ASSUMED_CABLE_SPREAD, 0));
    }

    /** A cable whose two ends, in Ω, are not parts of their own. */
    CircuitDraft cable(String id, String from, String to, double metres, double squareMillimetres, double jointOhms) {
        return add(id, PartKind.CABLE, from, to, copper(metres, squareMillimetres, ASSUMED_CABLE_SPREAD, jointOhms));
    }

    CircuitDraft strap(String id, String from, String to, double metres, double squareMillimetres, double jointOhms) {
        return add(id, PartKind.STRAP, from, to, copper(metres, squareMillimetres, ASSUMED_STRAP_SPREAD, jointOhms));
    }

    CircuitDraft device(Device device) {
        device.terminals().forEach(points::add);
        devices.add(device);
        return this;
    }

    Circuit finish(String id, String title, double systemVolts, String plusPost, String minusPost) {
        return new Circuit(
                id,
                title,
                systemVolts,
                PointId.of(plusPost),
                PointId.of(minusPost),
                points.stream().map(Wordings::point).toList(),
                parts,
                devices);
    }

    private static Resistance copper(double metres, double squareMillimetres, double spread, double jointOhms) {
        return new Conductor(metres, squareMillimetres / SQUARE_MILLIMETRES, Material.COPPER, spread, jointOhms);
    }

    private CircuitDraft add(String id, PartKind kind, String from, String to, Resistance resistance) {
        known(from, to);
        parts.add(new Part(PartId.of(id), Wordings.part(id), kind, PointId.of(from), PointId.of(to), resistance));
        return this;
    }

    private void known(String from, String to) {
        points.add(PointId.of(from));
        points.add(PointId.of(to));
    }
}
