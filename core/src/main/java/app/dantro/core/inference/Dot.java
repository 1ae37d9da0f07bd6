package app.dantro.core.inference;

/** Scalar product of two rows, in four sums side by side: one alone would wait for itself at each step. */
final class Dot {
    private Dot() {}

    static double of(double[] one, int at, double[] other, int from, int length) {
        double a = 0;
        double b = 0;
        double c = 0;
        double d = 0;
        int k = 0;
        for (; k < length - 3; k += 4) {
            a += one[at + k] * other[from + k];
            b += one[at + k + 1] * other[from + k + 1];
            c += one[at + k + 2] * other[from + k + 2];
            d += one[at + k + 3] * other[from + k + 3];
        }
        for (; k < length; k++) {
            a += one[at + k] * other[from + k];
        }
        return a + b + (c + d);
    }
}
