package app.dantro.core.network;

/**
 * Dense LU with threshold pivoting for {@code A x = b}, in place, in buffers that are reused. Columns are skipped where
 * the multiplier is zero, so that a matrix ordered for little fill-in costs little more than a sparse one. Confined to
 * one thread. (sources.md [LU])
 */
final class LinearSystem {
    /** A diagonal this much smaller than the column's largest entry is not trusted as pivot. */
    private static final double PIVOT_SHARE = 0.01;

    final int size;
    final double[][] a;
    private final int[] swapped;

    LinearSystem(int size) {
        this.size = size;
        this.a = new double[size][size];
        this.swapped = new int[size];
    }

    /**
     * Factors {@link #a} in place.
     *
     * @return false if a pivot is zero or not finite
     */
    boolean factor() {
        for (int k = 0; k < size; k++) {
            int pivot = pivot(k);
            swapped[k] = pivot;
            if (pivot != k) {
                double[] row = a[k];
                a[k] = a[pivot];
                a[pivot] = row;
            }
            double[] top = a[k];
            if (!(Math.abs(top[k]) > 0 && Math.abs(top[k]) < Double.POSITIVE_INFINITY)) {
                return false;
            }
            double inverse = 1 / top[k];
            for (int i = k + 1; i < size; i++) {
                double[] row = a[i];
                if (row[k] != 0) {
                    double multiplier = row[k] * inverse;
                    row[k] = multiplier;
                    for (int j = k + 1; j < size; j++) {
                        row[j] -= multiplier * top[j];
                    }
                }
            }
        }
        return true;
    }

    /** Solves for one right side with the factors at hand; {@code x} holds b on entry and the solution on return. */
    void solve(double[] x) {
        for (int k = 0; k < size; k++) {
            int pivot = swapped[k];
            if (pivot != k) {
                double b = x[k];
                x[k] = x[pivot];
                x[pivot] = b;
            }
        }
        for (int k = 0; k < size; k++) {
            double here = x[k];
            if (here != 0) {
                for (int i = k + 1; i < size; i++) {
                    x[i] -= a[i][k] * here;
                }
            }
        }
        for (int k = size - 1; k >= 0; k--) {
            double[] row = a[k];
            double sum = x[k];
            for (int j = k + 1; j < size; j++) {
                sum -= row[j] * x[j];
            }
            x[k] = sum / row[k];
        }
    }

    private int pivot(int k) {
        int best = k;
        double most = Math.abs(a[k][k]);
        for (int i = k + 1; i < size; i++) {
            double here = Math.abs(a[i][k]);
            if (here > most) {
                most = here;
                best = i;
            }
        }
        return Math.abs(a[k][k]) >= PIVOT_SHARE * most ? k : best;
    }
}
