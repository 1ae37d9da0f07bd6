package app.dantro.core.circuit;

import app.dantro.core.circuit.Resistance.Contact;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** One change to a circuit; the result is checked like any circuit. */
public sealed interface CircuitEdit {
    /**
     * The circuit after the change.
     *
     * @throws IllegalArgumentException if the change does not fit, naming the part or point
     */
    Circuit applyTo(Circuit circuit);

    /** Other insides for a part. */
    record ChangePart(PartId part, Resistance resistance, Optional<Double> fuseAmps) implements CircuitEdit {
        public ChangePart {
            Objects.requireNonNull(part, "part");
            Objects.requireNonNull(resistance, "resistance");
            Objects.requireNonNull(fuseAmps, "fuseAmps");
        }

        @Override
        public Circuit applyTo(Circuit circuit) {
            Part old = existing(circuit, part);
            List<Part> parts = new ArrayList<>(circuit.parts());
            parts.set(
                    parts.indexOf(old),
                    new Part(old.id(), old.name(), old.kind(), old.from(), old.to(), resistance, old.gate(), fuseAmps));
            return with(circuit, circuit.points(), parts);
        }
    }

    /** How hard a point is to reach. */
    record SetAccess(PointId point, Access access) implements CircuitEdit {
        @Override
        public Circuit applyTo(Circuit circuit) {
            ProbePoint old = existing(circuit, point);
            List<ProbePoint> points = new ArrayList<>(circuit.points());
            points.set(points.indexOf(old), new ProbePoint(old.id(), old.name(), old.label(), old.placing(), access));
            return with(circuit, points, circuit.parts());
        }
    }

    /** Leaves a point out: the two parts that meet there become one. */
    record LeaveOut(PointId point) implements CircuitEdit {
        @Override
        public Circuit applyTo(Circuit circuit) {
            ProbePoint gone = existing(circuit, point);
            List<Part> meeting =
                    circuit.parts().stream().filter(p -> p.touches(point)).toList();
            Optional<Device> device = circuit.devices().stream()
                    .filter(d -> d.terminals().contains(point))
                    .findFirst();
            if (meeting.size() != 2 || device.isPresent()) {
                throw new IllegalArgumentException("The point (%s) cannot be left out: %s."
                        .formatted(
                                point,
                                device.map(d -> "the %s is connected there".formatted(d.name()))
                                        .orElse("%d parts meet there, not two".formatted(meeting.size()))));
            }
            List<Part> parts = new ArrayList<>(circuit.parts());
            parts.set(parts.indexOf(meeting.get(0)), JoinedParts.at(point, meeting.get(0), meeting.get(1)));
            parts.remove(meeting.get(1));
            List<ProbePoint> points = new ArrayList<>(circuit.points());
            points.remove(gone);
            return with(circuit, points, parts);
        }
    }

    /** Adds a joint at the far end of a part, with a new point before it. */
    record AddJoint(PartId after, PartId joint, String name, double ohms) implements CircuitEdit {
        @Override
        public Circuit applyTo(Circuit circuit) {
            Part old = existing(circuit, after);
            PointId point = PointId.of(joint.value() + "-side");
            List<ProbePoint> points = new ArrayList<>(circuit.points());
            points.add(new ProbePoint(
                    point,
                    old.name() + ", before the " + name,
                    "before joint",
                    "the metal just before it",
                    Access.REACHABLE));
            List<Part> parts = new ArrayList<>(circuit.parts());
            int at = parts.indexOf(old);
            parts.set(
                    at,
                    new Part(
                            old.id(),
                            old.name(),
                            old.kind(),
                            old.from(),
                            point,
                            old.resistance(),
                            old.gate(),
                            old.fuseAmps()));
            Contact contact = new Contact(new ResistanceRange(ohms, ResistanceRange.ASSUMED_JOINT_SPREAD));
            parts.add(at + 1, new Part(joint, name, PartKind.JOINT, point, old.to(), contact));
            return with(circuit, points, parts);
        }
    }

    private static Circuit with(Circuit circuit, List<ProbePoint> points, List<Part> parts) {
        return new Circuit(
                circuit.id(),
                circuit.title(),
                circuit.systemVolts(),
                circuit.plusPost(),
                circuit.minusPost(),
                points,
                parts,
                circuit.devices());
    }

    private static Part existing(Circuit circuit, PartId part) {
        return circuit.part(part)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no part (%s) in the circuit (%s).".formatted(part, circuit.id())));
    }

    private static ProbePoint existing(Circuit circuit, PointId point) {
        return circuit.point(point)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no probe point (%s) in the circuit (%s).".formatted(point, circuit.id())));
    }
}
