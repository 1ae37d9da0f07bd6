package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.MeterError;
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
    /** observations × columns. */
    final double[] slopes;

    final double[] covariance;
    final Gaussian gaussian;
    private final List<Channels.Span> spans;

    Fitter(PreparedCircuit prepared, List<Observation> observations) {
        this.prepared = prepared;
        this.observations = observations;
        this.count = observations.size();
        this.columns = prepared.columns();
        mean = new double[count];
        difference = new double[count];
        slopes = new double[count * columns];
        covariance = new double[count * count];
        gaussian = new Gaussian(Math.max(1, count));
        spans = observations.stream().map(o -> prepared.channels().of(o.what())).toList();
    }

    /** Takes over a hypothesis; false if it has no operating point in one of the conditions. */
    boolean load(int first, int second) {
        for (int i = 0; i < count; i++) {
            Observable what = observations.get(i).what();
            mean[i] = prepared.mean(first, second, what.condition(), spans.get(i));
            if (Double.isNaN(mean[i])) {
                return false;
            }
            difference[i] = observations.get(i).value() - mean[i];
            prepared.sensitivities().write(first, second, what, mean[i], slopes, i * columns);
        }
        for (int i = 0; i < count; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = 0;
                for (int k = 0; k < columns; k++) {
                    sum += slopes[i * columns + k] * slopes[j * columns + k];
                }
                sum += noise(i, j);
                covariance[i * count + j] = sum;
                covariance[j * count + i] = sum;
            }
        }
        return true;
    }

    /** The display's own error is the same when the same thing is read again; flutter is not. */
    private double noise(int i, int j) {
        Observation one = observations.get(i);
        if (i == j) {
            return shared(one.what(), one.resolution()) + own(one.what(), mean[i], one.resolution()) / one.repeats();
        }
        Observation other = observations.get(j);
        return one.what().equals(other.what()) ? shared(one.what(), Math.min(one.resolution(), other.resolution())) : 0;
    }

    static double variance(Observable what, double mean, double resolution) {
        return shared(what, resolution) + own(what, mean, resolution);
    }

    private static double shared(Observable what, double resolution) {
        double digits = Marks.ASSUMED_SHARED_DIGITS * step(what, resolution);
        double offset = what.isVolts() ? MeterError.ASSUMED_LEAST_VOLTS : 0;
        if (what instanceof Observable.Amps && resolution >= Marks.CLAMP_RESOLUTION_AMPS) {
            offset = MeterError.ASSUMED_CLAMP_ZERO_AMPS;
        }
        return digits * digits + offset * offset;
    }

    static double own(Observable what, double mean, double resolution) {
        double share = what instanceof Observable.Speed ? Marks.ASSUMED_SPEED_SHARE : flutter(what.condition());
        double digits = Marks.ASSUMED_OWN_DIGITS * step(what, resolution);
        double least = what.isVolts() ? 0.5 * MeterError.ASSUMED_LEAST_VOLTS : 0.005;
        return share * share * mean * mean + digits * digits + least * least;
    }

    private static double step(Observable what, double resolution) {
        return what.isVolts() ? Math.min(resolution, 0.1) : resolution;
    }

    private static double flutter(Condition condition) {
        if (condition.starterCalled()) {
            return MeterError.ASSUMED_CRANKING_FLUTTER;
        }
        if (condition.running()) {
            return Marks.ASSUMED_RUNNING_FLUTTER;
        }
        return condition == Condition.ENGINE_OFF_LOAD ? Marks.ASSUMED_LOAD_FLUTTER : 0;
    }

    /** What an instrument's display can span, for a slip that may be anything. */
    double span(int i) {
        double blocks = prepared.circuit().blocks();
        return observations.get(i).what().isVolts() ? 40 * blocks : 1000;
    }

    /** Density of the chosen observations under the loaded hypothesis. */
    boolean fit(int[] chosen, int n) {
        return gaussian.compute(covariance, count, difference, chosen, n);
    }

    /** Density of all observations only. */
    boolean quick() {
        return gaussian.density(covariance, count, difference, count);
    }

    /** What is then known of the numbers: {@code θ̂ = Aᵀ u}. */
    double[] numbers(int[] chosen, int n) {
        double[] theta = new double[columns];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < columns; k++) {
                theta[k] += slopes[chosen[i] * columns + k] * gaussian.weighted[i];
            }
        }
        return theta;
    }

    /** {@code W = L⁻¹ A}, n × columns: by how much less each combination of numbers is uncertain now. */
    double[] whitened(int[] chosen, int n) {
        double[] whitened = new double[n * columns];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double factor = gaussian.inverse(i, j);
                for (int k = 0; k < columns; k++) {
                    whitened[i * columns + k] += factor * slopes[chosen[j] * columns + k];
                }
            }
        }
        return whitened;
    }
}
