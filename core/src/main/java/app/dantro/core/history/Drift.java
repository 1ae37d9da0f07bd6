package app.dantro.core.history;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * A straight line through what the visits showed since a part was last repaired: the median of the slopes between every two
 * (sources.md [THEIL-SEN]), which one wrong reading in four does not turn.
 *
 * @param ohmsPerYear its slope
 * @param leavesAtMillis when the line reaches the upper bound of healthy parts; empty if it does not within {@value
 *     #FARTHEST_YEARS} years, or is past it
 */
public record Drift(double ohmsPerYear, OptionalLong leavesAtMillis) {
    /** With fewer, two readings that differ would be a drift. */
    public static final int LEAST_VISITS = 3;

    private static final int FARTHEST_YEARS = 10;
    private static final double MILLIS_PER_YEAR = 365.25 * 24 * 3600 * 1000;

    /** Of every six pairs of visits at least five must rise for a rise to be said. */
    private static final double ASSUMED_RISING_SHARE = 5.0 / 6;

    /**
     * The drift of one part.
     *
     * @param visits one value a visit, in the order of time, all since the same repair
     * @param upperOhms upper bound of healthy parts at the reference temperature
     * @return empty with fewer than three visits, or if nothing rises beyond what the readings leave open
     */
    public static Optional<Drift> of(List<Measured> visits, double upperOhms) {
        if (visits.size() < LEAST_VISITS) {
            return Optional.empty();
        }
        double[] slopes = slopes(visits);
        double slope = median(slopes);
        long rising = Arrays.stream(slopes).filter(s -> s > 0).count();
        Measured first = visits.get(0);
        Measured last = visits.get(visits.size() - 1);
        double risen = slope * (last.atMillis() - first.atMillis());
        double open = median(visits.stream()
                .mapToDouble(v -> (v.highOhms() - v.lowOhms()) / 2)
                .toArray());
        if (rising < ASSUMED_RISING_SHARE * slopes.length || risen <= open) {
            return Optional.empty();
        }
        double now = median(visits.stream()
                .mapToDouble(v -> v.ohms() + slope * (last.atMillis() - v.atMillis()))
                .toArray());
        double millis = (upperOhms - now) / slope;
        boolean soon = millis > 0 && millis < FARTHEST_YEARS * MILLIS_PER_YEAR;
        return Optional.of(new Drift(
                slope * MILLIS_PER_YEAR,
                soon ? OptionalLong.of(last.atMillis() + Math.round(millis)) : OptionalLong.empty()));
    }

    private static double[] slopes(List<Measured> visits) {
        List<Double> slopes = new ArrayList<>();
        for (int i = 0; i < visits.size(); i++) {
            for (int j = i + 1; j < visits.size(); j++) {
                Measured one = visits.get(i);
                Measured other = visits.get(j);
                if (other.atMillis() > one.atMillis()) {
                    slopes.add((other.ohms() - one.ohms()) / (other.atMillis() - one.atMillis()));
                }
            }
        }
        return slopes.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        if (sorted.length == 0) {
            return 0;
        }
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
