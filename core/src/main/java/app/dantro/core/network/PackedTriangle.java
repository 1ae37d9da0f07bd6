package app.dantro.core.network;

/** Rows of a triangle, each with the entries that differ from zero and their columns. */
final class PackedTriangle {
    final int[] ends;
    final int[] columns;
    final double[] values;

    PackedTriangle(int size) {
        ends = new int[size + 1];
        columns = new int[size * size / 2];
        values = new double[size * size / 2];
    }

    /** Takes over the entries of the next row from {@code from} on, up to the column {@code to}. */
    void take(int row, double[] a, int at, int from, int to) {
        int end = ends[row];
        for (int j = from; j < to; j++) {
            if (a[at + j] != 0) {
                columns[end] = j;
                values[end] = a[at + j];
                end++;
            }
        }
        ends[row + 1] = end;
    }

    /** What a row's entries add up to with these unknowns. */
    double times(int row, double[] x) {
        double sum = 0;
        for (int i = ends[row]; i < ends[row + 1]; i++) {
            sum += values[i] * x[columns[i]];
        }
        return sum;
    }
}
