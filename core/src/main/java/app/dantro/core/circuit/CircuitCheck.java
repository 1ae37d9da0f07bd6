package app.dantro.core.circuit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Refuses circuits that cannot work, with the part named. */
final class CircuitCheck {
    private static final int MOST_MEMBERS = 500;
    /** A part up to here ties two points together, as far as batteries are concerned. */
    private static final double TYING_OHMS = 0.02;

    private static final double ASSUMED_BATTERY_VOLTS = 12.6;
    private static final double CONFLICT_VOLTS = 2;

    private final String id;
    private final PointId reference;
    private final List<ProbePoint> points;
    private final List<Part> parts;
    private final List<Device> devices;

    CircuitCheck(String id, PointId reference, List<ProbePoint> points, List<Part> parts, List<Device> devices) {
        this.id = id;
        this.reference = reference;
        this.points = points;
        this.parts = parts;
        this.devices = devices;
    }

    void run() {
        if (parts.size() + devices.size() > MOST_MEMBERS) {
            throw refused("The circuit (%s) has %s parts and devices; at most %s are taken."
                    .formatted(id, parts.size() + devices.size(), MOST_MEMBERS));
        }
        checkNames();
        checkSolenoids();
        if (devices.stream().noneMatch(Battery.class::isInstance)) {
            throw refused("The circuit (%s) has no battery. Add one.".formatted(id));
        }
        for (Condition condition : Condition.values()) {
            checkGrounded(condition);
        }
        checkSupplied();
        checkBatteries();
    }

    private void checkNames() {
        Set<PointId> known = new HashSet<>();
        for (ProbePoint point : points) {
            if (!known.add(point.id())) {
                throw refused("Two probe points are called (%s). Give each its own id.".formatted(point.id()));
            }
        }
        if (!known.contains(reference)) {
            throw refused("The circuit's − post (%s) is not among its probe points.".formatted(reference));
        }
        Set<PartId> names = new HashSet<>();
        for (Part part : parts) {
            checkMember(part.id(), List.of(part.from(), part.to()), names, known);
        }
        for (Device device : devices) {
            checkMember(device.id(), device.terminals(), names, known);
        }
    }

    private static void checkMember(PartId member, List<PointId> ends, Set<PartId> names, Set<PointId> known) {
        if (!names.add(member)) {
            throw refused("Two parts are called (%s). Give each its own id.".formatted(member));
        }
        ends.stream().filter(end -> !known.contains(end)).findFirst().ifPresent(end -> {
            throw refused("The part (%s) is connected to (%s), which is not a probe point of the circuit."
                    .formatted(member, end));
        });
    }

    private void checkSolenoids() {
        List<Solenoid> solenoids = devices.stream()
                .filter(Solenoid.class::isInstance)
                .map(Solenoid.class::cast)
                .toList();
        if (solenoids.size() > 1) {
            throw refused("The circuit (%s) has two solenoids (%s, %s); one is taken."
                    .formatted(id, solenoids.get(0).id(), solenoids.get(1).id()));
        }
        for (Solenoid solenoid : solenoids) {
            if (parts.stream().noneMatch(p -> p.id().equals(solenoid.contacts()))) {
                throw refused("The solenoid (%s) closes the part (%s), which the circuit does not have."
                        .formatted(solenoid.id(), solenoid.contacts()));
            }
        }
    }

    /** Every point must be held by something that conducts, or its potential is anything (graph search). */
    private void checkGrounded(Condition condition) {
        Map<PointId, List<PointId>> neighbours = new HashMap<>();
        parts.forEach(p -> join(neighbours, p.from(), p.to()));
        for (Device device : devices) {
            if (device instanceof Solenoid s) {
                join(neighbours, s.trigger(), s.ground());
                join(neighbours, s.trigger(), s.motorStud());
            } else if (conducts(device, condition)) {
                join(neighbours, device.terminals().get(0), device.terminals().get(1));
            }
        }
        Set<PointId> held = reached(neighbours);
        points.stream()
                .map(ProbePoint::id)
                .filter(p -> !held.contains(p))
                .findFirst()
                .ifPresent(p -> {
                    throw refused(
                            "The probe point (%s)%s has no connection to the battery's − post (%s) in the condition (%s). Add the part between them."
                                    .formatted(p, at(p), reference, condition.words()));
                });
    }

    /** Starter and alternator need wiring to the battery at both ends; a path through consumers feeds nothing. */
    private void checkSupplied() {
        Map<PointId, List<PointId>> neighbours = new HashMap<>();
        parts.forEach(p -> join(neighbours, p.from(), p.to()));
        devices.stream()
                .filter(Battery.class::isInstance)
                .forEach(b ->
                        join(neighbours, b.terminals().get(0), b.terminals().get(1)));
        Set<PointId> wired = reached(neighbours);
        for (Device device : devices) {
            if (device instanceof Starter || device instanceof Alternator) {
                device.terminals().stream()
                        .limit(2)
                        .filter(t -> !wired.contains(t))
                        .findFirst()
                        .ifPresent(t -> {
                            throw refused(
                                    "The device (%s) has no wiring from its terminal (%s) to the battery. Add the cable or ground between them."
                                            .formatted(device.id(), t));
                        });
            }
        }
    }

    private Set<PointId> reached(Map<PointId, List<PointId>> neighbours) {
        Set<PointId> held = new HashSet<>(Set.of(reference));
        Deque<PointId> open = new ArrayDeque<>(held);
        while (!open.isEmpty()) {
            for (PointId next : neighbours.getOrDefault(open.pop(), List.of())) {
                if (held.add(next)) {
                    open.push(next);
                }
            }
        }
        return held;
    }

    private static boolean conducts(Device device, Condition condition) {
        return device instanceof Battery
                || device instanceof Starter
                || device instanceof Load load && load.siemensIn(condition) > 0 && !load.glow();
    }

    private String at(PointId point) {
        return parts.stream()
                .filter(p -> p.touches(point))
                .map(p -> ", at the part (%s),".formatted(p.id()))
                .findFirst()
                .or(() -> devices.stream()
                        .filter(d -> d.terminals().contains(point))
                        .map(d -> ", at the device (%s),".formatted(d.id()))
                        .findFirst())
                .orElse("");
    }

    private static void join(Map<PointId, List<PointId>> neighbours, PointId one, PointId other) {
        neighbours.computeIfAbsent(one, k -> new ArrayList<>()).add(other);
        neighbours.computeIfAbsent(other, k -> new ArrayList<>()).add(one);
    }

    /** Batteries that low-resistance wiring ties together must agree about the voltage between its ends. */
    private void checkBatteries() {
        Map<PointId, Map<PointId, Double>> rises = new HashMap<>();
        for (Part part : parts) {
            boolean contacts = devices.stream()
                    .anyMatch(d -> d instanceof Solenoid s && s.contacts().equals(part.id()));
            boolean low = part.resistance().healthyAt(20).nominalOhms() < TYING_OHMS;
            if (low && !contacts && part.gate() == Gate.ALWAYS) {
                rise(rises, part.from(), part.to(), 0);
            }
        }
        List<Battery> tied = new ArrayList<>();
        for (Device device : devices) {
            if (device instanceof Battery battery) {
                double volts = battery.stated().map(Battery.Source::volts).orElse(ASSUMED_BATTERY_VOLTS);
                Map<PointId, Double> from = potentials(rises, battery.negativePost());
                Double already = from.get(battery.positivePost());
                // both posts on one point is a short, which can be solved; another voltage there is a conflict
                boolean otherVoltage = already != null && Math.abs(already) > CONFLICT_VOLTS;
                if (otherVoltage && Math.abs(already - volts) > CONFLICT_VOLTS) {
                    throw refused(
                            "The battery (%s, %s V) works against the battery (%s): the wiring between their posts asks for %s V. Check polarity and voltage."
                                    .formatted(
                                            battery.id(),
                                            volts,
                                            tied.get(tied.size() - 1).id(),
                                            already));
                }
                rise(rises, battery.negativePost(), battery.positivePost(), volts);
                tied.add(battery);
            }
        }
    }

    private static void rise(Map<PointId, Map<PointId, Double>> rises, PointId from, PointId to, double volts) {
        rises.computeIfAbsent(from, k -> new HashMap<>()).put(to, volts);
        rises.computeIfAbsent(to, k -> new HashMap<>()).put(from, -volts);
    }

    private static Map<PointId, Double> potentials(Map<PointId, Map<PointId, Double>> rises, PointId start) {
        Map<PointId, Double> found = new HashMap<>(Map.of(start, 0.0));
        Deque<PointId> open = new ArrayDeque<>(List.of(start));
        while (!open.isEmpty()) {
            PointId here = open.pop();
            rises.getOrDefault(here, Map.of()).forEach((next, volts) -> {
                if (found.putIfAbsent(next, found.get(here) + volts) == null) {
                    open.push(next);
                }
            });
        }
        return found;
    }

    private static IllegalArgumentException refused(String why) {
        return new IllegalArgumentException(why);
    }
}
