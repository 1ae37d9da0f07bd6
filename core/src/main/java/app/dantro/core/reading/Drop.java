package app.dantro.core.reading;

/** Ohm's law on a voltage drop (sources.md [OHM]). */
public final class Drop {
    /** Copper that shows less than this share of the least it loses was not what was read; ASSUMED, far below any meter. */
    public static final double LEAST_OF_COPPER = 1.0 / 3;

    private Drop() {}

    /**
     * Resistance {@code R = V / I}.
     *
     * @param volts drop in volts
     * @param amps current that flowed, in amperes
     * @return resistance in ohms
     * @throws IllegalArgumentException if no current flowed: then a drop says nothing about resistance
     */
    public static double ohms(double volts, double amps) {
        if (!(amps > 0 && amps < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "The current (%s A) must be > 0: without current a drop says nothing about the resistance."
                            .formatted(amps));
        }
        return volts / amps;
    }

    /** The drop in volts that the same resistance would show at another current in amperes. */
    public static double voltsAt(double volts, double amps, double otherAmps) {
        return ohms(volts, amps) * otherAmps;
    }
}
