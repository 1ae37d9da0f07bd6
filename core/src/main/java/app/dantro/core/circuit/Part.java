package app.dantro.core.circuit;

import java.util.Objects;
import java.util.Optional;

/**
 * A wiring part between two probe points; {@code from} lies upstream, where the current usually enters.
 *
 * @param name as spoken with an article in front, "strap end on the block"
 * @param gate when it conducts
 * @param fuseAmps rating in A, if the part is a fuse
 */
public record Part(
        PartId id,
        String name,
        PartKind kind,
        PointId from,
        PointId to,
        Resistance resistance,
        Gate gate,
        Optional<Double> fuseAmps) {
    public Part {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of part " + id);
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(resistance, "resistance");
        Objects.requireNonNull(gate, "gate");
        fuseAmps.ifPresent(amps -> Checked.within(amps, 0.1, 2000, "fuse rating in A of " + id));
        if (Objects.requireNonNull(from, "from").equals(Objects.requireNonNull(to, "to"))) {
            throw new IllegalArgumentException(
                    "The part (%s) begins and ends at the same probe point (%s). Give it two points."
                            .formatted(id, from));
        }
    }

    /** A part that always conducts. */
    public Part(PartId id, String name, PartKind kind, PointId from, PointId to, Resistance resistance) {
        this(id, name, kind, from, to, resistance, Gate.ALWAYS, Optional.empty());
    }

    /** The same part with other insides. */
    public Part with(Resistance other) {
        return new Part(id, name, kind, from, to, other, gate, fuseAmps);
    }

    /** The same part, conducting only behind a gate. */
    public Part behind(Gate other) {
        return new Part(id, name, kind, from, to, resistance, other, fuseAmps);
    }

    public boolean touches(PointId point) {
        return from.equals(point) || to.equals(point);
    }
}
