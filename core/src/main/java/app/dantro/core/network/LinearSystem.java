package app.dantro.core.network;

import java.util.Arrays;

/**
 * LU with threshold pivoting for {@code A x = b}, in place, in buffers that are reused. The matrix is kept dense, the
 * factors are packed: of an electrical network hardly more than the wiring's own entries are left in them, and one matrix
 * is solved for many right sides. Confined to one thread. (sources.md [LU])
 */
final class LinearSystem {
    /** A diagonal this much smaller than the column's largest entry is not trusted as pivot. */
    private static final double PIVOT_SHARE = 0.01;

    final int size;
    /** Row after row. */
    private final double[] a;

    private final int[] swapped;
    /** Where the rows begin that the column at hand is still to be eliminated from. */
    private final int[] below;
    /** What differs from zero beside the diagonal. */
    private final PackedTriangle lower;

    private final PackedTriangle upper;
    private final double[] inverseDiagonal;

    LinearSystem(int size) {
        this.size = size;
        this.a = new double[size * size];
        this.swapped = new int[size];
        this.below = new int[size];
        this.lower = new PackedTriangle(size);
        this.upper = new PackedTriangle(size);
        this.inverseDiagonal = new double[size];
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
            int count = look(k);
            int pivot = pivot(k, count);
            swapped[k] = pivot;
            if (pivot != k) {
                swapRows(k, pivot);
            }
            int top = k * n;
            double diagonal = a[top + k];
            if (!(Math.abs(diagonal) > 0 && Math.abs(diagonal) < Double.POSITIVE_INFINITY)) {
                return false;
            }
            inverseDiagonal[k] = 1 / diagonal;
            upper.take(k, a, top, k + 1, n);
            for (int i = 0; i < count; i++) {
                eliminate(below[i], k);
            }
        }
        for (int row = 0; row < n; row++) {
            lower.take(row, a, row * n, 0, row);
        }
        return true;
    }

    private void eliminate(int row, int k) {
        double multiplier = a[row + k] * inverseDiagonal[k];
        a[row + k] = multiplier;
        for (int i = upper.ends[k]; i < upper.ends[k + 1]; i++) {
            a[row + upper.columns[i]] -= multiplier * upper.values[i];
        }
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
        for (int i = 1; i < size; i++) {
            x[i] -= lower.times(i, x);
        }
        for (int i = size - 1; i >= 0; i--) {
            x[i] = (x[i] - upper.times(i, x)) * inverseDiagonal[i];
        }
    }

    /** Lists the rows below the diagonal that have something in a column; most have nothing. */
    private int look(int k) {
        int count = 0;
        for (int row = (k + 1) * size; row < a.length; row += size) {
            if (a[row + k] != 0) {
                below[count++] = row;
            }
        }
        return count;
    }

    private int pivot(int k, int count) {
        int best = k;
        double own = Math.abs(a[k * size + k]);
        double most = own;
        for (int i = 0; i < count; i++) {
            double here = Math.abs(a[below[i] + k]);
            if (here > most) {
                most = here;
                best = below[i] / size;
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
