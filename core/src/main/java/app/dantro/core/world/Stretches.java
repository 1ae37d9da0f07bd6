package app.dantro.core.world;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Unbranched stretches between the points that a probe can reach. */
final class Stretches {
    private Stretches() {}

    /** The part, and those that lie behind points that nobody reaches and where nothing branches off. */
    static Set<PartId> of(Circuit circuit, Set<PointId> reachable, PartId part) {
        Set<PartId> all = new LinkedHashSet<>();
        Deque<Part> open = new ArrayDeque<>(circuit.part(part).stream().toList());
        all.add(part);
        while (!open.isEmpty()) {
            Part at = open.pop();
            for (PointId end : List.of(at.from(), at.to())) {
                for (Part next : behind(circuit, reachable, end)) {
                    if (all.add(next.id())) {
                        open.push(next);
                    }
                }
            }
        }
        return all;
    }

    private static List<Part> behind(Circuit circuit, Set<PointId> reachable, PointId point) {
        List<Part> parts =
                circuit.parts().stream().filter(p -> p.touches(point)).toList();
        boolean device = circuit.devices().stream().anyMatch(d -> d.terminals().contains(point));
        return reachable.contains(point) || device || parts.size() != 2 ? List.of() : parts;
    }
}
