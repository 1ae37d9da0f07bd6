package app.dantro.core.network;

import java.util.Arrays;

/**
 * Dense LU with threshold pivoting for {@code A x = b}, in place, in buffers that are reused. Rows are skipped where
 * the multiplier is zero, so that a matrix ordered for little fill-in costs little more than a sparse one. Confined to
 * one thread. (sources.md [LU])
 */
final class LinearSystem {
    /** A diagonal this much smaller than the column's largest entry is not trusted as pivot. */
    private static final double PIVOT_SHARE = 0.01;

    final int size;
    /** Row after row. */
    private final double[] a;

    private final int[] swapped;

    LinearSystem(int size) {
        this.size = size;
        this.a = new double[size * size];
        this.swapped = new int[size];
    }

    void clear() {
        Arrays.fill(a, 0);
    }

    void add(int row, int column, double value) {
        a[row * size + column] += value;
    }

    /** Takes over another system's matrix of the same size. */
    void copy(LinearSystem other) {
        System.arraycopy(other.a, 0, a, 0, a.length);
    }

    /** Makes an unknown zero: its row and column become those of the identity. */
    void pin(int unknown) {
        for (int i = 0; i < size; i++) {
            a[i * size + unknown] = 0;
            a[unknown * size + i] = 0;
        }
        a[unknown * size + unknown] = 1;
    }

    /**
     * Factors the matrix in place.
     *
     * @return false if a pivot is zero or not finite
     */
    boolean factor() {
        int n = size;
        for (int k = 0; k < n; k++) {
            int pivot = pivot(k);
            swapped[k] = pivot;
            if (pivot != k) {
                swapRows(k, pivot);
            }
            int top = k * n;
            double diagonal = a[top + k];
            if (!(Math.abs(diagonal) > 0 && Math.abs(diagonal) < Double.POSITIVE_INFINITY)) {
                return false;
            }
            double inverse = 1 / diagonal;
            for (int row = top + n; row < n * n; row += n) {
                double below = a[row + k];
                if (below != 0) {
                    double multiplier = below * inverse;
                    a[row + k] = multiplier;
                    for (int j = k + 1; j < n; j++) {
                        a[row + j] -= multiplier * a[top + j];
                    }
                }
            }
        }
        return true;
    }

    /** Solves for one right side with the factors at hand; {@code x} holds b on entry and the solution on return. */
    void solve(double[] x) {
        int n = size;
        for (int k = 0; k < n; k++) {
            int pivot = swapped[k];
            if (pivot != k) {
                double b = x[k];
                x[k] = x[pivot];
                x[pivot] = b;
            }
        }
        for (int i = 1; i < n; i++) {
            double sum = x[i];
            int row = i * n;
            for (int j = 0; j < i; j++) {
                sum -= a[row + j] * x[j];
            }
            x[i] = sum;
        }
        for (int i = n - 1; i >= 0; i--) {
            double sum = x[i];
            int row = i * n;
            for (int j = i + 1; j < n; j++) {
                sum -= a[row + j] * x[j];
            }
            x[i] = sum / a[row + i];
        }
    }

    private int pivot(int k) {
        int best = k;
        double own = Math.abs(a[k * size + k]);
        double most = own;
        for (int i = k + 1, at = (k + 1) * size + k; i < size; i++, at += size) {
            double here = Math.abs(a[at]);
            if (here > most) {
                most = here;
                best = i;
            }
        }
        return own >= PIVOT_SHARE * most ? k : best;
    }

    private void swapRows(int one, int other) {
        for (int j = 0; j < size; j++) {
            double value = a[one * size + j];
            a[one * size + j] = a[other * size + j];
            a[other * size + j] = value;
        }
    }
}
