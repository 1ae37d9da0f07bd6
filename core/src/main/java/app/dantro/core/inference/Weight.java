package app.dantro.core.inference;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ResistanceRange;
import java.util.Arrays;
import java.util.OptionalInt;

/** What the readings of an explanation weigh: {@code u = S⁻¹ (y − μ)}, {@code P = S⁻¹}, and their slopes. */
final class Weight {
    private final int[] chosen;
    private final double[] weighted;
    /** P, n × n. */
    private final double[] precision;
    /** Slopes of the chosen observations, n × columns. */
    private final double[] slopes;

    private final int columns;

    private Weight(int[] chosen, double[] weighted, double[] precision, double[] slopes, int columns) {
        this.chosen = chosen;
        this.weighted = weighted;
        this.precision = precision;
        this.slopes = slopes;
        this.columns = columns;
    }

    static Weight of(Fitter fitter, int[] chosen) {
        int n = chosen.length;
        double[] precision = new double[n * n];
        double[] slopes = new double[n * fitter.columns];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                precision[i * n + j] = fitter.gaussian.precision(i, j);
            }
            System.arraycopy(fitter.slopes, chosen[i] * fitter.columns, slopes, i * fitter.columns, fitter.columns);
        }
        return new Weight(chosen, Arrays.copyOf(fitter.gaussian.weighted, n), precision, slopes, fitter.columns);
    }

    /**
     * The loss of log-likelihood if a wiring part's resistance were at the upper bound of a healthy one, {@code ½ dᵀ P d −
     * uᵀ d} with the readings' shifts d (first order).
     */
    Refutation refutation(PreparedCircuit prepared, Part part) {
        ResistanceRange healthy = part.resistance().healthyAt(prepared.celsius());
        double step = healthy.stepOhms(Marks.ASSUMED_WIDENING);
        double steps = (healthy.upperOhms() - healthy.nominalOhms()) / step;
        int column = prepared.columnOf(part.id());
        int n = chosen.length;
        double nats = 0;
        double most = 0;
        int strongest = -1;
        for (int i = 0; i < n; i++) {
            double shift = slopes[i * columns + column] * steps;
            nats -= weighted[i] * shift;
            double own = 0;
            for (int j = 0; j < n; j++) {
                own += 0.5 * shift * precision[i * n + j] * slopes[j * columns + column] * steps;
            }
            nats += own;
            if (own > most) {
                most = own;
                strongest = chosen[i];
            }
        }
        return new Refutation(nats, strongest < 0 ? OptionalInt.empty() : OptionalInt.of(strongest));
    }
}
