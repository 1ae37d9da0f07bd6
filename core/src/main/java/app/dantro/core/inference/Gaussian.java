package app.dantro.core.inference;

/**
 * The joint normal density of a few observations and what each says beyond the others, in buffers that are reused:
 * {@code y ~ N(μ, S)}, with {@code u = S⁻¹ (y − μ)} and {@code P = S⁻¹} (textbook: conditionals of a normal by its
 * precision matrix; sources.md [BISHOP]). Confined to one thread.
 */
final class Gaussian {
    static final double LOG_TWO_PI = Math.log(2 * Math.PI);

    private final int most;
    /** Lower triangle of the Cholesky factor L, then of its inverse. */
    private final double[] lower;

    private final double[] inverse;
    final double[] precision;
    final double[] weighted;
    double logDensity;
    /** Squared Mahalanobis distance. */
    double distance;

    private int computed;

    Gaussian(int most) {
        this.most = most;
        lower = new double[most * most];
        inverse = new double[most * most];
        precision = new double[most * most];
        weighted = new double[most];
    }

    /**
     * Works out density, {@code u} and {@code P} of the chosen observations.
     *
     * @param covariance full matrix, row after row, {@code stride} wide; not modified
     * @param difference y − μ of all observations
     * @param chosen which of them, the first {@code n} entries
     * @return false if the covariance is not positive definite
     */
    boolean compute(double[] covariance, int stride, double[] difference, int[] chosen, int n) {
        double logDeterminant = factor(covariance, stride, chosen, n);
        if (Double.isNaN(logDeterminant)) {
            return false;
        }
        invert(n);
        computed = n;
        distance = 0;
        for (int i = 0; i < n; i++) {
            double sum = 0;
            for (int j = 0; j < n; j++) {
                sum += precision[i * most + j] * difference[chosen[j]];
            }
            weighted[i] = sum;
            distance += sum * difference[chosen[i]];
        }
        logDensity = -0.5 * (distance + logDeterminant + n * LOG_TWO_PI);
        return true;
    }

    /** Works out the density alone, of the first {@code n} observations. */
    boolean density(double[] covariance, int stride, double[] difference, int n) {
        double logDeterminant = factor(covariance, stride, null, n);
        if (Double.isNaN(logDeterminant)) {
            return false;
        }
        distance = 0;
        for (int i = 0; i < n; i++) {
            double sum = difference[i];
            for (int k = 0; k < i; k++) {
                sum -= lower[i * most + k] * weighted[k];
            }
            weighted[i] = sum / lower[i * most + i];
            distance += weighted[i] * weighted[i];
        }
        logDensity = -0.5 * (distance + logDeterminant + n * LOG_TWO_PI);
        return true;
    }

    /** Cholesky factor of the chosen, or of the first if none are; logarithm of its determinant, NaN if there is none. */
    private double factor(double[] covariance, int stride, int[] chosen, int n) {
        double logDeterminant = 0;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                int row = chosen == null ? i : chosen[i];
                int column = chosen == null ? j : chosen[j];
                double sum = covariance[row * stride + column];
                for (int k = 0; k < j; k++) {
                    sum -= lower[i * most + k] * lower[j * most + k];
                }
                if (i == j) {
                    if (!(sum > 0)) {
                        return Double.NaN;
                    }
                    lower[i * most + i] = Math.sqrt(sum);
                    logDeterminant += Math.log(sum);
                } else {
                    lower[i * most + j] = sum / lower[j * most + j];
                }
            }
        }
        return logDeterminant;
    }

    private void invert(int n) {
        for (int j = 0; j < n; j++) {
            inverse[j * most + j] = 1 / lower[j * most + j];
            for (int i = j + 1; i < n; i++) {
                double sum = 0;
                for (int k = j; k < i; k++) {
                    sum -= lower[i * most + k] * inverse[k * most + j];
                }
                inverse[i * most + j] = sum / lower[i * most + i];
            }
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = 0;
                for (int k = i; k < n; k++) {
                    sum += inverse[k * most + i] * inverse[k * most + j];
                }
                precision[i * most + j] = sum;
                precision[j * most + i] = sum;
            }
        }
    }

    /** Takes over what another worked out, as far as {@link #drop} and what each observation says need it. */
    void copy(Gaussian other) {
        computed = other.computed;
        logDensity = other.logDensity;
        distance = other.distance;
        System.arraycopy(other.weighted, 0, weighted, 0, computed);
        System.arraycopy(other.precision, 0, precision, 0, computed * most);
    }

    /** Entry of S⁻¹. */
    double precision(int i, int j) {
        return precision[i * most + j];
    }

    /** Variance of observation {@code i} of the chosen, given the others. */
    double variance(int i) {
        return 1 / precision[i * most + i];
    }

    /** What the others expect of observation {@code i} lies this far below what was read. */
    double surprise(int i) {
        return weighted[i] * variance(i);
    }

    /** What observation {@code i} adds to the squared distance beyond the others. */
    double share(int i) {
        double surprise = surprise(i);
        return surprise * surprise / variance(i);
    }

    /**
     * Leaves observation {@code i} of the {@code n} computed out of the density, {@code u} and {@code P}: what is left of a
     * precision matrix is its Schur complement. Its own entries mean nothing afterwards, nor does L⁻¹.
     */
    void drop(int i) {
        logDensity -= logNormal(surprise(i), variance(i));
        distance -= share(i);
        double pivot = precision[i * most + i];
        for (int j = 0; j < computed; j++) {
            double factor = precision[j * most + i] / pivot;
            if (j == i || factor == 0) {
                continue;
            }
            weighted[j] -= factor * weighted[i];
            for (int k = 0; k < computed; k++) {
                precision[j * most + k] -= factor * precision[i * most + k];
            }
        }
        for (int j = 0; j < computed; j++) {
            precision[i * most + j] = 0;
            precision[j * most + i] = 0;
        }
        precision[i * most + i] = 1;
        weighted[i] = 0;
    }

    /** Row of L⁻¹: {@code W = L⁻¹ A} whitens slopes. */
    double inverse(int i, int j) {
        return inverse[i * most + j];
    }

    /** Logarithm of the normal density at a distance from the mean. */
    static double logNormal(double difference, double variance) {
        return -0.5 * (difference * difference / variance + Math.log(variance) + LOG_TWO_PI);
    }
}
