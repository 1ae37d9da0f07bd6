package app.dantro.core.circuit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Two ways side by side that one current divides over, such as an engine's ground cable and the body's: cutting one parts
 * nothing, cutting both does. A fault on one of them hardly shows; one on each does.
 *
 * @param one parts of one way, in the circuit's order
 * @param other parts of the other
 */
public record ParallelWays(List<PartId> one, List<PartId> other) {
    public ParallelWays {
        one = List.copyOf(one);
        other = List.copyOf(other);
    }

    /** All of a circuit's between its posts, its starter, its alternator. */
    public static List<ParallelWays> of(Circuit circuit) {
        Set<ParallelWays> all = new LinkedHashSet<>();
        circuit.starter().ifPresent(s -> {
            all.addAll(between(circuit, circuit.minusPost(), s.starterCase()));
            all.addAll(between(circuit, circuit.plusPost(), s.motorStud()));
        });
        circuit.alternator().ifPresent(a -> {
            all.addAll(between(circuit, circuit.minusPost(), a.ground()));
            all.addAll(between(circuit, circuit.plusPost(), a.output()));
        });
        return List.copyOf(all);
    }

    private static List<ParallelWays> between(Circuit circuit, PointId from, PointId to) {
        Map<Set<PartId>, List<PartId>> ways = new LinkedHashMap<>();
        for (Part part : circuit.parts()) {
            Set<PartId> partners = partners(circuit, part, from, to);
            if (!partners.isEmpty()) {
                ways.computeIfAbsent(partners, p -> new ArrayList<>()).add(part.id());
            }
        }
        List<ParallelWays> found = new ArrayList<>();
        List<List<PartId>> each = List.copyOf(ways.values());
        for (int i = 0; i < each.size(); i++) {
            for (int j = i + 1; j < each.size(); j++) {
                if (partners(circuit, circuit.part(each.get(i).get(0)).orElseThrow(), from, to)
                        .contains(each.get(j).get(0))) {
                    found.add(new ParallelWays(each.get(i), each.get(j)));
                }
            }
        }
        return found;
    }

    /** Parts that part the two points if they are cut together with this one, and not alone; none for one that does alone. */
    private static Set<PartId> partners(Circuit circuit, Part part, PointId from, PointId to) {
        Set<PartId> partners = new LinkedHashSet<>();
        if (!joined(circuit, Set.of(part.id()), from, to)) {
            return partners;
        }
        for (Part other : circuit.parts()) {
            if (!other.id().equals(part.id())
                    && joined(circuit, Set.of(other.id()), from, to)
                    && !joined(circuit, Set.of(part.id(), other.id()), from, to)) {
                partners.add(other.id());
            }
        }
        return partners;
    }

    private static boolean joined(Circuit circuit, Set<PartId> cut, PointId from, PointId to) {
        Set<PointId> seen = new HashSet<>(Set.of(from));
        Deque<PointId> open = new ArrayDeque<>(seen);
        while (!open.isEmpty()) {
            PointId here = open.poll();
            for (Part part : circuit.parts()) {
                if (part.touches(here) && !cut.contains(part.id())) {
                    PointId there = part.from().equals(here) ? part.to() : part.from();
                    if (seen.add(there)) {
                        open.add(there);
                    }
                }
            }
        }
        return seen.contains(to);
    }
}
