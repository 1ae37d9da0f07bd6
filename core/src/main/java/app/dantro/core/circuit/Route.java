package app.dantro.core.circuit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The way most of a current takes: the path of least nominal resistance, through wiring only (sources.md [DIJKSTRA]). */
final class Route {
    private static final double CELSIUS = 20;

    private Route() {}

    /** Parts from one point to another in the order of flow, each turned to point along it; empty if there is no way. */
    static List<Part> of(Circuit circuit, PointId start, PointId goal) {
        Map<PointId, Double> ohmsTo = new HashMap<>(Map.of(start, 0.0));
        Map<PointId, Part> arrivedBy = new HashMap<>();
        Set<PointId> settled = new HashSet<>();
        while (true) {
            PointId here = ohmsTo.keySet().stream()
                    .filter(p -> !settled.contains(p))
                    .min(Comparator.comparingDouble((PointId p) -> ohmsTo.get(p))
                            .thenComparing(PointId::value))
                    .orElse(null);
            if (here == null || here.equals(goal)) {
                break;
            }
            settled.add(here);
            for (Part part : circuit.parts()) {
                if (part.touches(here)) {
                    relax(turned(part, here), ohmsTo, arrivedBy);
                }
            }
        }
        return backwards(start, goal, arrivedBy);
    }

    private static void relax(Part part, Map<PointId, Double> ohmsTo, Map<PointId, Part> arrivedBy) {
        double ohms =
                ohmsTo.get(part.from()) + part.resistance().healthyAt(CELSIUS).nominalOhms();
        if (ohms < ohmsTo.getOrDefault(part.to(), Double.POSITIVE_INFINITY)) {
            ohmsTo.put(part.to(), ohms);
            arrivedBy.put(part.to(), part);
        }
    }

    private static List<Part> backwards(PointId start, PointId goal, Map<PointId, Part> arrivedBy) {
        Deque<Part> route = new ArrayDeque<>();
        for (PointId here = goal; !here.equals(start); here = route.getFirst().from()) {
            Part by = arrivedBy.get(here);
            if (by == null) {
                return List.of();
            }
            route.addFirst(by);
        }
        return new ArrayList<>(route);
    }

    private static Part turned(Part part, PointId start) {
        if (part.from().equals(start)) {
            return part;
        }
        return new Part(
                part.id(),
                part.name(),
                part.kind(),
                part.to(),
                part.from(),
                part.resistance(),
                part.gate(),
                part.fuseAmps());
    }
}
