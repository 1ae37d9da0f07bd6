package app.dantro.core.inference;

import java.util.Objects;
import java.util.UUID;

/**
 * What an instrument showed.
 *
 * @param reading the reading it belongs to; one reading may carry volts, amperes and speed
 * @param value in V, A or 1/min
 * @param resolution what one step of the display is worth, in the same unit
 */
public record Observation(UUID reading, Observable what, double value, double resolution) {
    public Observation {
        Objects.requireNonNull(reading, "reading");
        Objects.requireNonNull(what, "what");
        if (!(Math.abs(value) < Double.POSITIVE_INFINITY && resolution > 0)) {
            throw new IllegalArgumentException(
                    "The value (%s) must be finite and its resolution (%s) > 0.".formatted(value, resolution));
        }
    }
}
