package app.dantro.core.inference;

import java.util.Objects;
import java.util.UUID;

/**
 * What an instrument showed.
 *
 * @param reading the reading it belongs to; one reading may carry volts, amperes and speed
 * @param value in V, A or 1/min
 * @param resolution what one step of the display is worth, in the same unit
 * @param repeats how many readings it is the mean of
 */
public record Observation(UUID reading, Observable what, double value, double resolution, int repeats) {
    public Observation {
        Objects.requireNonNull(reading, "reading");
        Objects.requireNonNull(what, "what");
        if (repeats < 1) {
            throw new IllegalArgumentException(
                    "An observation of (%d) readings: it must be 1 at least.".formatted(repeats));
        }
        if (!(Math.abs(value) < Double.POSITIVE_INFINITY && resolution > 0)) {
            throw new IllegalArgumentException(
                    "The value (%s) must be finite and its resolution (%s) > 0.".formatted(value, resolution));
        }
    }

    /** What a single reading showed. */
    public Observation(UUID reading, Observable what, double value, double resolution) {
        this(reading, what, value, resolution, 1);
    }
}
