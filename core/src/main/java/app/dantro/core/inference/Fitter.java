package app.dantro.core.inference;

import java.util.List;

/**
 * Fits one hypothesis to the observations: {@code y = μ + A θ + noise} with {@code θ ~ N(0, I)} shared between all of
 * them. Buffers are reused; confined to one thread.
 */
final class Fitter {
    final PreparedCircuit prepared;
    final List<Observation> observations;
    final int count;
    final int columns;
    /** What is expected, and what lies between that and the reading. */
    final double[] mean;

    final double[] difference;
    /** What was read, with the sign that was meant. */
    final double[] value;

    /** By how much an observation is stretched where it is told by its logarithm. */
    final double[] stretched;

    private final boolean signed;
    /** Of each observation of volts the observation of the amps that flowed meanwhile; −1 without. */
    private final int[] amps;

    private final boolean[] ofWiring;
    /** observations × columns. */
    final double[] slopes;

    final double[] covariance;
    final Gaussian gaussian;
    private final Expectations expectations;

    final Numbers known;
    /** What is expected of each number in the observation's condition; observations × columns. */
    private final double[] usual;
    /** Slopes times the variance of each number, and times what of it lasts; observations × columns. */
    private final double[] variances;

    private final double[] lastings;

    /** Of each two observations whether they are of one moment, and the display's error that both share, in V² or A². */
    private final boolean[] together;

    private final double[] shared;
    /** What an instrument's display can span, for a slip that may be anything. */
    final double[] span;

    Fitter(PreparedCircuit prepared, Evidence evidence) {
        this.prepared = prepared;
        this.observations = evidence.observations();
        this.known = new Numbers(prepared, evidence.entered(), evidence.experience());
        this.count = observations.size();
        this.columns = prepared.columns();
        mean = new double[count];
        difference = new double[count];
        value = new double[count];
        stretched = new double[count];
        signed = evidence.signed();
        slopes = new double[count * columns];
        covariance = new double[count * count];
        gaussian = new Gaussian(Math.max(1, count));
        amps = Meanwhile.amps(observations);
        span = observations.stream()
                .mapToDouble(o -> o.what().isVolts() ? 40 * prepared.circuit().blocks() : 1000)
                .toArray();
        ofWiring = new boolean[columns];
        for (int k = 0; k < columns; k++) {
            ofWiring[k] = prepared.kind(k).ofWiring() && k <= prepared.secondSeverityColumn();
        }
        expectations = new Expectations(prepared, observations);
        usual = new double[count * columns];
        variances = new double[count * columns];
        lastings = new double[count * columns];
        together = new boolean[count * count];
        shared = new double[count * count];
        for (int i = 0; i < count; i++) {
            for (int j = 0; j <= i; j++) {
                together[i * count + j] =
                        observations.get(i).moment() == observations.get(j).moment();
                shared[i * count + j] = shared(observations.get(i), observations.get(j));
            }
            for (int k = 0; k < columns; k++) {
                usual[i * columns + k] =
                        known.mean(k, observations.get(i).what().condition());
            }
        }
    }

    /** Takes over a hypothesis; false if it has no operating point in one of the conditions. */
    boolean load(int first, int second) {
        if (!expectations.write(first, second, mean, slopes)) {
            return false;
        }
        for (int i = 0; i < count; i++) {
            scaleToCurrent(i);
        }
        for (int i = 0; i < count; i++) {
            int row = i * columns;
            mean[i] += Dot.of(slopes, row, usual, row, columns);
            double read = observations.get(i).value();
            value[i] = signed || mean[i] >= 0 ? read : -read;
            difference[i] = value[i] - mean[i];
            logarithm(i);
            for (int k = 0; k < columns; k++) {
                variances[row + k] = slopes[row + k] * known.variance[k];
                lastings[row + k] = slopes[row + k] * known.lasting[k];
            }
        }
        for (int i = 0; i < count; i++) {
            for (int j = 0; j <= i; j++) {
                double[] spread = together[i * count + j] ? variances : lastings;
                double sum = Dot.of(spread, i * columns, slopes, j * columns, columns)
                        + shared[i * count + j] * stretched[i] * stretched[j];
                if (i == j) {
                    sum += own(i);
                }
                covariance[i * count + j] = sum;
                covariance[j * count + i] = sum;
            }
        }
        return true;
    }

    /**
     * Where the amps were measured they are given: more resistance costs volts in proportion to them, not to what the class
     * usually draws.
     */
    private void scaleToCurrent(int i) {
        double expected = amps[i] < 0 ? 0 : Math.abs(mean[amps[i]]);
        if (expected < Marks.ASSUMED_LEAST_AMPS) {
            return;
        }
        double ratio = Math.abs(observations.get(amps[i]).value()) / expected;
        double factor =
                Math.max(1 / Marks.ASSUMED_MOST_CURRENT_RATIO, Math.min(Marks.ASSUMED_MOST_CURRENT_RATIO, ratio));
        for (int k = 0; k < columns; k++) {
            slopes[i * columns + k] *= ofWiring[k] ? factor : 1;
        }
    }

    /** The display's own error is the same when the same thing is read again. */
    private static double shared(Observation one, Observation other) {
        return one.what().equals(other.what())
                ? ReadingNoise.shared(one.what(), Math.min(one.resolution(), other.resolution()))
                : 0;
    }

    /** Flutter is not: it averages out where the same thing is read several times. */
    private double own(int i) {
        Observation one = observations.get(i);
        double variance = ReadingNoise.own(one.what(), mean[i] / stretched[i], one.resolution()) / one.repeats();
        return variance * stretched[i] * stretched[i];
    }

    /**
     * Currents differ by factors: they are told apart by their logarithm, {@code m ln(I / m)} in place of {@code I − m},
     * with the density that belongs to it.
     */
    private void logarithm(int i) {
        stretched[i] = 1;
        boolean amps = observations.get(i).what() instanceof Observable.Amps;
        double least = Marks.ASSUMED_LEAST_AMPS;
        if (!amps || mean[i] < least || value[i] < 0) {
            return;
        }
        double read = Math.max(value[i], least / 2);
        difference[i] = mean[i] * Math.log(read / mean[i]);
        stretched[i] = mean[i] / read;
    }

    /** Density of the chosen observations under the loaded hypothesis. */
    boolean fit(int[] chosen, int n) {
        boolean done = gaussian.compute(covariance, count, difference, chosen, n);
        for (int i = 0; i < n; i++) {
            gaussian.logDensity += Math.log(stretched[chosen[i]]);
        }
        return done;
    }

    /** Leaves one of all observations out of a fit to them. */
    void drop(Gaussian from, int i) {
        from.drop(i);
        from.logDensity -= Math.log(stretched[i]);
    }

    /** Density of all observations only. */
    boolean quick() {
        boolean done = gaussian.density(covariance, count, difference, count);
        for (int i = 0; i < count; i++) {
            gaussian.logDensity += Math.log(stretched[i]);
        }
        return done;
    }

    /** What is then known of the numbers at another moment: {@code θ̂ = m + C Aᵀ u}, with what lasts in C. */
    double[] numbers(int[] chosen, int n) {
        double[] theta = known.mean.clone();
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < columns; k++) {
                theta[k] += known.lasting[k] * slopes[chosen[i] * columns + k] * gaussian.weighted[i];
            }
        }
        return theta;
    }

    /** {@code W = L⁻¹ A C}, n × columns: by how much less each combination of numbers is uncertain at another moment. */
    double[] whitened(int[] chosen, int n) {
        double[] whitened = new double[n * columns];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double factor = gaussian.inverse(i, j);
                for (int k = 0; k < columns; k++) {
                    whitened[i * columns + k] += factor * slopes[chosen[j] * columns + k] * known.lasting[k];
                }
            }
        }
        return whitened;
    }
}
