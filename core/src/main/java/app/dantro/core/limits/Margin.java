package app.dantro.core.limits;

/** When a reading is too near a limit to be called either way. */
public final class Margin {
    /** A maker's figure holds within about this share; ASSUMED, makers give ranges. */
    public static final double MAKERS_SHARE = 0.15;

    private static final double SHARE_OF_LIMIT = 0.10;

    private Margin() {}

    /**
     * True within 10 % of the limit, or within the meter's error of it.
     *
     * @param volts the reading in volts
     * @param limitVolts the limit in volts
     * @param errorVolts the meter's error at this reading in volts
     */
    public static boolean near(double volts, double limitVolts, double errorVolts) {
        return Math.abs(volts - limitVolts) <= Math.max(SHARE_OF_LIMIT * limitVolts, errorVolts);
    }
}
