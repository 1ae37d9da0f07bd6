package app.dantro.core.circuit;

import java.util.Map;

/** American wire gauge: {@code d = 0.127 mm · 92^((36 − n) / 39)} (sources.md [AWG]). */
final class Gauge {
    private static final double SMALLEST_METRES = 0.127e-3;
    private static final double RATIO = 92;
    private static final int THINNEST = 20;
    /** 0000 counts as −3. */
    private static final int THICKEST = -3;

    private static final Map<Integer, String> ZEROS = Map.of(0, "1/0", -1, "2/0", -2, "3/0", -3, "4/0");

    private Gauge() {}

    /** Cross-section in m² of gauge n; 1/0 is 0, 2/0 is −1, and so on. */
    public static double squareMetres(int n) {
        double diameter = SMALLEST_METRES * Math.pow(RATIO, (36.0 - n) / 39);
        return Math.PI * diameter * diameter / 4;
    }

    /** Name of the thinnest gauge that is not thinner than a cross-section in m², such as "AWG 2" or "AWG 2/0". */
    static String notThinnerThan(double squareMetres) {
        for (int n = THINNEST; n >= THICKEST; n--) {
            if (squareMetres(n) >= squareMetres * 0.96) {
                return name(n);
            }
        }
        return "beyond AWG 4/0";
    }

    private static String name(int n) {
        return "AWG " + ZEROS.getOrDefault(n, String.valueOf(n));
    }
}
