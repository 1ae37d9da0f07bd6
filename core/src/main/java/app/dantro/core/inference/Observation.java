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
 * @param moment the crank or hold it was read in: readings of one share its loads, its drag and its charge current; those
 *     of another do not
 * @param confirmed whether somebody was asked about it and said that it was shown
 */
public record Observation(
        UUID reading, Observable what, double value, double resolution, int repeats, long moment, boolean confirmed) {
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

    /** What a single reading showed, in a moment of its own. */
    public Observation(UUID reading, Observable what, double value, double resolution) {
        this(reading, what, value, resolution, 1, ownMoment(reading), false);
    }

    /** The same in a moment that others may share. */
    public Observation in(long shared) {
        return new Observation(reading, what, value, resolution, repeats, shared, confirmed);
    }

    /** The same once somebody said that it was shown. */
    public Observation confirmedAs(boolean said) {
        return new Observation(reading, what, value, resolution, repeats, moment, said);
    }

    private static long ownMoment(UUID reading) {
        return reading.getMostSignificantBits() * 31 + reading.getLeastSignificantBits() | Long.MIN_VALUE;
    }
}
