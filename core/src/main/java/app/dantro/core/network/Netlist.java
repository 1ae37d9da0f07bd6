package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A circuit with its points numbered for elimination: point of least degree first (sources.md [MINDEG]), the reference
 * last. Built once per circuit; holds no numbers that a state could change.
 */
final class Netlist {
    final Circuit circuit;
    /** Number of unknown potentials; the reference has this number. */
    final int nodes;

    final PointId[] points;
    final Part[] parts;
    final Battery[] batteries;
    final Starter[] starters;
    final Solenoid[] solenoids;
    final Alternator[] alternators;
    final Load[] loads;
    final Pile[] piles;
    /** What the loads conduct of their own in every condition, in S: condition × load. */
    final double[][] loadSiemens;
    /** Index in {@link #parts} of each solenoid's contacts. */
    final int[] contacts;

    private final Map<PointId, Integer> numbers = new HashMap<>();
    private final Map<PartId, Integer> partNumbers = new HashMap<>();

    Netlist(Circuit circuit) {
        this.circuit = circuit;
        this.nodes = circuit.points().size() - 1;
        this.parts = circuit.parts().toArray(Part[]::new);
        this.batteries = devices(Battery.class).toArray(Battery[]::new);
        this.starters = devices(Starter.class).toArray(Starter[]::new);
        this.solenoids = devices(Solenoid.class).toArray(Solenoid[]::new);
        this.alternators = devices(Alternator.class).toArray(Alternator[]::new);
        this.loads = devices(Load.class).toArray(Load[]::new);
        this.piles = devices(Pile.class).toArray(Pile[]::new);
        this.loadSiemens = Arrays.stream(Condition.values())
                .map(c -> Arrays.stream(loads).mapToDouble(l -> l.siemensIn(c)).toArray())
                .toArray(double[][]::new);
        this.points = eliminationOrder();
        for (int i = 0; i < points.length; i++) {
            numbers.put(points[i], i);
        }
        for (int i = 0; i < parts.length; i++) {
            partNumbers.put(parts[i].id(), i);
        }
        this.contacts = Arrays.stream(solenoids)
                .mapToInt(s -> partNumbers.get(s.contacts()))
                .toArray();
    }

    int node(PointId point) {
        Integer number = numbers.get(point);
        if (number == null) {
            throw new IllegalArgumentException("There is no probe point (%s) in the circuit (%s). It has: %s."
                    .formatted(
                            point,
                            circuit.id(),
                            circuit.points().stream().map(p -> p.id().value()).toList()));
        }
        return number;
    }

    /** Index of a wiring part, −1 if the id names no wiring part. */
    int part(PartId id) {
        return partNumbers.getOrDefault(id, -1);
    }

    /** For each device the numbers of its terminals. */
    int[][] nodesOf(Device[] devices) {
        return Arrays.stream(devices)
                .map(d -> d.terminals().stream().mapToInt(this::node).toArray())
                .toArray(int[][]::new);
    }

    private <T extends Device> List<T> devices(Class<T> kind) {
        return circuit.devices().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    private PointId[] eliminationOrder() {
        Map<PointId, Set<PointId>> near = new HashMap<>();
        circuit.points().forEach(p -> near.put(p.id(), new HashSet<>()));
        circuit.parts().forEach(p -> couple(near, List.of(p.from(), p.to())));
        circuit.devices().forEach(d -> couple(near, d.terminals()));
        List<PointId> left =
                new ArrayList<>(circuit.points().stream().map(ProbePoint::id).toList());
        left.remove(circuit.minusPost());
        near.get(circuit.minusPost()).forEach(p -> near.get(p).remove(circuit.minusPost()));
        List<PointId> order = new ArrayList<>();
        while (!left.isEmpty()) {
            PointId next = left.get(0);
            for (PointId point : left) {
                if (near.get(point).size() < near.get(next).size()) {
                    next = point;
                }
            }
            left.remove(next);
            order.add(next);
            Set<PointId> around = near.get(next);
            for (PointId point : around) {
                near.get(point).remove(next);
            }
            couple(near, new ArrayList<>(around));
        }
        order.add(circuit.minusPost());
        return order.toArray(PointId[]::new);
    }

    private static void couple(Map<PointId, Set<PointId>> near, List<PointId> all) {
        for (PointId one : all) {
            for (PointId other : all) {
                if (!one.equals(other)) {
                    near.get(one).add(other);
                }
            }
        }
    }
}
