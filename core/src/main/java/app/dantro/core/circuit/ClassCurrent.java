package app.dantro.core.circuit;

/**
 * The current a class of vehicle draws while cranking, used when none was measured.
 *
 * @param nominalAmps median in amperes
 * @param logSpread standard deviation of ln(amps) over healthy and slightly poor vehicles
 */
public record ClassCurrent(double nominalAmps, double logSpread) {
    private static final double NINETY_FIVE_PERCENT = 1.96;

    public ClassCurrent {
        if (!(nominalAmps > 0 && nominalAmps < 5000 && logSpread > 0 && logSpread < 2)) {
            throw new IllegalArgumentException(
                    "The class current (%s A, spread %s) must be > 0.".formatted(nominalAmps, logSpread));
        }
    }

    /** The most that may have flowed, 97.5th percentile, in amperes. */
    public double highAmps() {
        return nominalAmps * Math.exp(NINETY_FIVE_PERCENT * logSpread);
    }

    /** The least that may have flowed, 2.5th percentile, in amperes. */
    public double lowAmps() {
        return nominalAmps * Math.exp(-NINETY_FIVE_PERCENT * logSpread);
    }
}
