package app.dantro.core.limits;

/** Lowest settled battery voltage while cranking, corrected for temperature (docs/job.md, test 3). */
public final class CrankingLimit {
    private static final double[] CELSIUS = {-18, -12, -7, -1, 4, 10, 16, 21};
    private static final double[] VOLTS = {8.5, 8.7, 8.9, 9.1, 9.3, 9.4, 9.5, 9.6};

    private CrankingLimit() {}

    /**
     * Interpolates the table between −18 and 21 °C; beyond its ends the end values hold.
     *
     * @param celsius battery temperature in °C
     * @param blocks number of 12 V blocks in series
     * @return limit in volts at the posts of all of them
     */
    public static double voltsAt(double celsius, int blocks) {
        return blocks * blockVoltsAt(celsius);
    }

    private static double blockVoltsAt(double celsius) {
        if (celsius <= CELSIUS[0]) {
            return VOLTS[0];
        }
        for (int i = 1; i < CELSIUS.length; i++) {
            if (celsius <= CELSIUS[i]) {
                double along = (celsius - CELSIUS[i - 1]) / (CELSIUS[i] - CELSIUS[i - 1]);
                return VOLTS[i - 1] + along * (VOLTS[i] - VOLTS[i - 1]);
            }
        }
        return VOLTS[VOLTS.length - 1];
    }
}
