package app.dantro.core.circuit;

import java.util.Objects;

/**
 * A 12 V battery, discharging side only.
 *
 * @param internalOhms healthy discharge resistance at 21 °C, fully charged
 */
public record Battery(PartId id, PointId positivePost, PointId negativePost, ResistanceRange internalOhms) {
    public Battery {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(internalOhms, "internalOhms");
        if (Objects.requireNonNull(positivePost, "positivePost")
                .equals(Objects.requireNonNull(negativePost, "negativePost"))) {
            throw new IllegalArgumentException(
                    "The battery (%s) has one point (%s) for both posts.".formatted(id, positivePost));
        }
    }
}
