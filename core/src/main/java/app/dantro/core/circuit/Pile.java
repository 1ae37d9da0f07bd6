package app.dantro.core.circuit;

import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A carbon pile held across two points: {@code i = min(Iset, v / Rmin)}.
 *
 * @param amps what it is set to, in A, by condition; not connected in the others
 * @param leastOhms its resistance when screwed tight, in Ω
 */
public record Pile(PartId id, String name, PointId from, PointId to, Map<Condition, Double> amps, double leastOhms)
        implements Device {
    public Pile {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of " + id);
        amps = Checked.perCondition(amps, 2000, "pile's current in A");
        Checked.within(leastOhms, 1e-3, 10, "pile's least resistance in ohm");
        Checked.apart(id, from, to);
    }

    @Override
    public List<PointId> terminals() {
        return List.of(from, to);
    }
}
