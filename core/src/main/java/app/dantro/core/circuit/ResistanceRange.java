package app.dantro.core.circuit;

/**
 * The resistance a healthy part shows: log-normal around its nominal value.
 *
 * @param nominalOhms median of healthy parts, in ohms
 * @param logSpread standard deviation of the natural logarithm
 */
public record ResistanceRange(double nominalOhms, double logSpread) {
    /** Joints of one kind differ more than cables do. */
    public static final double ASSUMED_JOINT_SPREAD = 0.34;

    /** Two-sided 99 % of a normal distribution, times the widening of decisions/0004. */
    private static final double HEALTHY_SIGMAS = 2.58 * 1.5;

    private static final double TAIL_SIGMAS = 2.3;

    public ResistanceRange {
        if (!(nominalOhms > 0 && nominalOhms < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "The healthy resistance (%s ohm) must be finite and > 0.".formatted(nominalOhms));
        }
        if (!(logSpread >= 0 && logSpread < 2)) {
            throw new IllegalArgumentException(
                    "The spread of a healthy resistance (%s) must lie in 0 … 2.".formatted(logSpread));
        }
    }

    /**
     * How far the resistance moves by one standard deviation where it is held to move in a straight line: chosen so that the
     * line meets the logarithm's at {@value #TAIL_SIGMAS} of them, since it is the upper tail that accuses.
     *
     * @param widening factor on the spread
     */
    public double stepOhms(double widening) {
        return nominalOhms * (Math.exp(TAIL_SIGMAS * widening * logSpread) - 1) / TAIL_SIGMAS;
    }

    /** Upper bound of a healthy part in ohms: {@code nominal · exp(2.58 · 1.5 · spread)}. */
    public double upperOhms() {
        return nominalOhms * Math.exp(HEALTHY_SIGMAS * logSpread);
    }

    /** Lower bound of a healthy part in ohms: {@code nominal · exp(−2.58 · 1.5 · spread)}. */
    public double lowerOhms() {
        return nominalOhms * Math.exp(-HEALTHY_SIGMAS * logSpread);
    }
}
