package app.dantro.core.circuit;

import java.util.Arrays;
import java.util.List;

/** Which cross-section keeps a run of cable within its share of the drop: {@code S = ρ(T) L I / V}. */
public final class CableSizer {
    /** Usual cross-sections of vehicle cable in mm² (sources.md [ISO6722]). */
    private static final double[] STANDARD = {
        0.5, 0.75, 1, 1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70, 95, 120, 150, 185, 240
    };

    private static final int SHOWN = 3;
    private static final double SQUARE_MILLIMETRES = 1e6;

    private CableSizer() {}

    /**
     * A run of cable.
     *
     * @param metres length one way, in m
     * @param amps current in A
     * @param allowedVolts its share of the drop, in V
     * @param celsius conductor temperature in °C
     */
    public record Run(double metres, double amps, double allowedVolts, Material material, double celsius) {
        public Run {
            Checked.within(metres, 0.01, 50, "length in m");
            Checked.within(amps, 0.1, 3000, "current in A");
            Checked.within(allowedVolts, 0.001, 10, "allowed drop in V");
            Checked.within(celsius, -40, 150, "conductor temperature in °C");
        }

        /** The drop over a cross-section in m², in V. */
        public double dropVolts(double squareMetres) {
            return amps * material.ohmMetresAt(celsius) * metres / squareMetres;
        }
    }

    /**
     * What was worked out.
     *
     * @param leastSquareMetres the cross-section that just keeps the run within its share, in m²
     * @param sizes the next standard sizes, smallest that fits first; empty if none is large enough
     */
    public record Sized(double leastSquareMetres, List<Size> sizes) {
        public Sized {
            sizes = List.copyOf(sizes);
        }
    }

    /** A standard cross-section in m², the nearest American gauge that is not thinner, and its drop in V. */
    public record Size(double squareMetres, String gauge, double dropVolts) {}

    public static Sized of(Run run) {
        double least = run.material().ohmMetresAt(run.celsius()) * run.metres() * run.amps() / run.allowedVolts();
        List<Size> sizes = Arrays.stream(STANDARD)
                .map(s -> s / SQUARE_MILLIMETRES)
                .filter(s -> s >= least * (1 - 1e-9))
                .limit(SHOWN)
                .mapToObj(s -> new Size(s, Gauge.notThinnerThan(s), run.dropVolts(s)))
                .toList();
        return new Sized(least, sizes);
    }
}
