package app.dantro.core.circuit;

import java.util.Objects;

/** Two points, whichever way round: where the leads are, or the ends of a part. */
public record Pair(PointId one, PointId other) {
    public Pair {
        if (Objects.requireNonNull(one, "one")
                        .value()
                        .compareTo(Objects.requireNonNull(other, "other").value())
                > 0) {
            PointId first = other;
            other = one;
            one = first;
        }
    }

    public static Pair of(PointId one, PointId other) {
        return new Pair(one, other);
    }
}
