package app.dantro.core.inference;

import app.dantro.core.circuit.Pair;
import java.util.stream.IntStream;

/**
 * The likeliest explanations up to a share of the weight, and what a meter would show of each: what an order of readings
 * leads to can be followed on them to its end.
 */
public final class Suspects {
    private final Likeliest likeliest;
    private final int count;

    private Suspects(Likeliest likeliest, int count) {
        this.likeliest = likeliest;
        this.count = count;
    }

    /** The fewest that hold a share of the weight, but no more than so many. */
    static Suspects of(Likeliest likeliest, double share, int most) {
        double held = 0;
        int count = 0;
        while (count < Math.min(most, likeliest.weights.length) && held < share) {
            held += likeliest.weights[count++];
        }
        return new Suspects(likeliest, count);
    }

    public int count() {
        return count;
    }

    public double weight(int suspect) {
        return likeliest.weights[suspect];
    }

    /** Number of the name a suspect goes by: two that call the same parts bad share it. */
    public int name(int suspect) {
        return likeliest.groups[suspect];
    }

    /** True if all of a set, one bit each, go by one name. */
    public boolean named(long set) {
        int first = Long.numberOfTrailingZeros(set);
        return IntStream.range(0, count).filter(s -> (set >> s & 1) == 1).allMatch(s -> name(s) == name(first));
    }

    /** True if a reading lies across just one of the parts that a suspect calls bad. */
    public boolean across(int suspect, Observable what) {
        return what instanceof Observable.Volts volts
                && likeliest.forecasts.get(suspect).explanation().parts(likeliest.prepared).stream()
                        .flatMap(part -> likeliest.prepared.circuit().part(part).stream())
                        .anyMatch(part -> Pair.of(part.from(), part.to()).equals(Pair.of(volts.red(), volts.black())));
    }

    /** True if a suspect calls a wiring part bad: nobody is called so without a reading across just that part. */
    public boolean wiring(int suspect) {
        return likeliest.forecasts.get(suspect).explanation().parts(likeliest.prepared).stream()
                .anyMatch(part -> likeliest.prepared.circuit().part(part).isPresent());
    }

    /**
     * What a reading would show of each suspect.
     *
     * @param values in the reading's unit; NaN where there is no operating point
     * @param variances of them, by the meter and by what is not known of the vehicle
     */
    public record Shown(double[] values, double[] variances) {
        /** True if two suspects are not told apart: the results lie closer than twice their combined spread. */
        public boolean alike(int one, int other) {
            double least = 2 * Math.sqrt(variances[one] + variances[other]);
            return one == other || Math.abs(values[one] - values[other]) <= least;
        }
    }

    /** What a reading would show of each; arises with every call. */
    public Shown of(Observable what) {
        double[] values = new double[count];
        double[] variances = new double[count];
        for (int s = 0; s < count; s++) {
            Forecast.Expected expected = likeliest.forecasts.get(s).expected(what, Display.resolution(what, 0));
            values[s] = expected.mean();
            variances[s] = expected.variance() + Likeliest.unloaded(what);
        }
        return new Shown(values, variances);
    }
}
