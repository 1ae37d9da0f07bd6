package app.dantro.core.circuit;

import java.util.Objects;

/**
 * A wiring part between two probe points; {@code from} lies upstream, where the starting current enters.
 *
 * @param name as spoken with an article in front, "strap end on the block"
 */
public record Part(PartId id, String name, PartKind kind, PointId from, PointId to, Resistance resistance) {
    public Part {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of part " + id);
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(resistance, "resistance");
        if (Objects.requireNonNull(from, "from").equals(Objects.requireNonNull(to, "to"))) {
            throw new IllegalArgumentException(
                    "The part (%s) begins and ends at the same probe point (%s). Give it two points."
                            .formatted(id, from));
        }
    }
}
