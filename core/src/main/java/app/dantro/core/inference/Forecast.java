package app.dantro.core.inference;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ResistanceRange;
import java.util.Arrays;
import java.util.OptionalInt;

/**
 * What one explanation makes of everything that has not been read yet. The numbers that differ between vehicles are
 * known as well as the readings tell: {@code θ ~ N(θ̂, I − Wᵀ W)}.
 */
public final class Forecast {
    private final PreparedCircuit prepared;
    private final Explanation explanation;
    private final int columns;
    private final int rows;
    private final double[] theta;
    private final double[] whitened;
    private final double[] slope;
    private final Weight weight;

    /** What the readings weigh: {@code u = S⁻¹ (y − μ)}, {@code P = S⁻¹}, and their slopes. */
    private record Weight(int[] chosen, double[] weighted, double[] precision, double[] slopes) {}

    private Forecast(
            PreparedCircuit prepared,
            Explanation explanation,
            double[] theta,
            double[] whitened,
            int rows,
            Weight weight) {
        this.weight = weight;
        this.prepared = prepared;
        this.explanation = explanation;
        this.columns = prepared.columns();
        this.rows = rows;
        this.theta = theta;
        this.whitened = whitened;
        this.slope = new double[columns];
    }

    static Forecast of(Fitter fitter, Explanation explanation) {
        int[] chosen = new int[fitter.count - Long.bitCount(explanation.slips())];
        for (int i = 0, at = 0; i < fitter.count; i++) {
            if (!explanation.slipped(i)) {
                chosen[at++] = i;
            }
        }
        if (!fitter.load(explanation.first(), explanation.second()) || !fitter.fit(chosen, chosen.length)) {
            throw new IllegalStateException("The explanation (%s) was fitted before.".formatted(explanation));
        }
        return new Forecast(
                fitter.prepared,
                explanation,
                fitter.numbers(chosen, chosen.length),
                fitter.whitened(chosen, chosen.length),
                chosen.length,
                weight(fitter, chosen));
    }

    private static Weight weight(Fitter fitter, int[] chosen) {
        int n = chosen.length;
        double[] precision = new double[n * n];
        double[] slopes = new double[n * fitter.columns];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                precision[i * n + j] = fitter.gaussian.precision(i, j);
            }
            System.arraycopy(fitter.slopes, chosen[i] * fitter.columns, slopes, i * fitter.columns, fitter.columns);
        }
        return new Weight(chosen, Arrays.copyOf(fitter.gaussian.weighted, n), precision, slopes);
    }

    /**
     * How strongly the readings speak against a wiring part being bad too: the loss of log-likelihood if its resistance
     * were at the upper bound of a healthy one, {@code ½ dᵀ P d − uᵀ d} with the readings' shifts d (first order).
     */
    public Refutation refutation(Part part) {
        ResistanceRange healthy = part.resistance().healthyAt(prepared.celsius());
        double step = healthy.nominalOhms() * (Math.exp(PreparedCircuit.ASSUMED_WIDENING * healthy.logSpread()) - 1);
        double steps = (healthy.upperOhms() - healthy.nominalOhms()) / step;
        int column = prepared.columnOf(part.id());
        int n = weight.chosen.length;
        double nats = 0;
        double most = 0;
        int strongest = -1;
        for (int i = 0; i < n; i++) {
            double shift = weight.slopes[i * columns + column] * steps;
            nats -= weight.weighted[i] * shift;
            double own = 0;
            for (int j = 0; j < n; j++) {
                own += 0.5 * shift * weight.precision[i * n + j] * weight.slopes[j * columns + column] * steps;
            }
            nats += own;
            if (own > most) {
                most = own;
                strongest = weight.chosen[i];
            }
        }
        return new Refutation(nats, strongest < 0 ? OptionalInt.empty() : OptionalInt.of(strongest));
    }

    /**
     * Evidence against a part being bad.
     *
     * @param nats loss of log-likelihood; 4.5 is as much as three standard deviations
     * @param observation number of the observation that speaks loudest; empty if none speaks
     */
    public record Refutation(double nats, OptionalInt observation) {}

    /** The same vehicle with a part as good as new: its fault gone, everything else as the readings tell. */
    public Forecast repaired(PartId part) {
        boolean firstGoes = explanation.first() > 0
                && prepared.hypotheses().get(explanation.first()).parts().contains(part);
        boolean secondGoes = explanation.second() >= 0
                && prepared.hypotheses().get(explanation.second()).parts().contains(part);
        int first =
                firstGoes ? (explanation.second() >= 0 && !secondGoes ? explanation.second() : 0) : explanation.first();
        int second = firstGoes || secondGoes ? -1 : explanation.second();
        double[] kept = theta.clone();
        if (firstGoes) {
            kept[prepared.severityColumn()] = theta[prepared.secondSeverityColumn()];
            kept[prepared.secondSeverityColumn()] = 0;
        }
        return new Forecast(
                prepared,
                new Explanation(first, second, explanation.slips(), explanation.probability()),
                kept,
                whitened,
                rows,
                weight);
    }

    public Explanation explanation() {
        return explanation;
    }

    /**
     * What an observable should show.
     *
     * @param resolution what one step of the display is worth
     * @return mean and variance, meter included; NaN where there is no operating point
     */
    public Expected expected(Observable what, double resolution) {
        double mean = prepared.mean(explanation.first(), explanation.second(), what);
        if (Double.isNaN(mean)) {
            return new Expected(Double.NaN, Double.NaN);
        }
        prepared.slopes(explanation.first(), explanation.second(), what, mean, slope, 0);
        double shifted = mean;
        double variance = Fitter.variance(what, mean, resolution);
        for (int k = 0; k < columns; k++) {
            shifted += slope[k] * theta[k];
            variance += slope[k] * slope[k];
        }
        for (int i = 0; i < rows; i++) {
            double sum = 0;
            for (int k = 0; k < columns; k++) {
                sum += whitened[i * columns + k] * slope[k];
            }
            variance -= sum * sum;
        }
        return new Expected(shifted, Math.max(variance, Fitter.variance(what, 0, resolution) / 4));
    }

    /** Mean and variance of what an instrument should show. */
    public record Expected(double mean, double variance) {}

    /** Potentials of all outputs of a condition, moved by what the readings tell of the numbers; for planning. */
    double[] outputs(app.dantro.core.circuit.Condition condition) {
        ResponseTable table = prepared.table(condition);
        double[] all = new double[table.outputs];
        for (int i = 0; i < all.length; i++) {
            all[i] = prepared.mean(explanation.first(), explanation.second(), condition, i, -1);
            int at = (explanation.first() * table.outputs + i) * table.numbers;
            for (int k = 0; k < table.numbers; k++) {
                all[i] += table.slopes[at + k] * theta[k];
            }
        }
        return all;
    }

    /**
     * By how many standard deviations of healthy vehicles the worst number of a device lies off, by its fault and by what
     * the readings tell of the vehicle together; infinite for what no healthy device can be, 0 if it is not at fault.
     */
    public double off(PartId device) {
        boolean second = explanation.second() >= 0
                && prepared.hypotheses().get(explanation.second()).parts().contains(device);
        int hypothesis = second ? explanation.second() : explanation.first();
        if (!prepared.hypotheses().get(hypothesis).parts().contains(device)) {
            return 0;
        }
        double[] off = prepared.off(hypothesis, severity(device).mean());
        double most = 0;
        for (int k = 0; k < off.length; k++) {
            double whole = off[k] == 0 ? 0 : off[k] + PreparedCircuit.ASSUMED_WIDENING * theta[k];
            most = Math.max(most, Math.abs(whole));
        }
        return most;
    }

    int numbers() {
        return columns;
    }

    /** For every output of a condition its slopes, followed by what of them the readings took away: {@code W a}. */
    double[][] spreads(app.dantro.core.circuit.Condition condition) {
        ResponseTable table = prepared.table(condition);
        double[][] all = new double[table.outputs][columns + rows];
        for (int i = 0; i < all.length; i++) {
            int at = (explanation.first() * table.outputs + i) * table.numbers;
            for (int k = 0; k < table.numbers; k++) {
                all[i][k] = table.slopes[at + k];
            }
            for (int r = 0; r < rows; r++) {
                for (int k = 0; k < table.numbers; k++) {
                    all[i][columns + r] += whitened[r * columns + k] * all[i][k];
                }
            }
        }
        return all;
    }

    /**
     * How far the vehicle's own numbers lie from the usual, against what the assumed spreads let expect: 1 if these are
     * right, less if vehicles differ less. {@code |θ̂|² / tr(Wᵀ W)}, without the severities; 0 without readings.
     */
    public double strain() {
        double square = 0;
        double expected = 0;
        for (int k = 0; k < prepared.severityColumn(); k++) {
            square += theta[k] * theta[k];
            for (int i = 0; i < rows; i++) {
                expected += whitened[i * columns + k] * whitened[i * columns + k];
            }
        }
        return expected > 0 ? square / expected : 0;
    }

    /** By how many of its standard deviations a part's healthy resistance lies off its usual value, mean and variance. */
    Expected number(int column) {
        double variance = 1;
        for (int i = 0; i < rows; i++) {
            variance -= whitened[i * columns + column] * whitened[i * columns + column];
        }
        return new Expected(theta[column], Math.max(1e-6, variance));
    }

    /** How a part's severity moved within its step, in standard deviations, if the part is at fault. */
    Expected severity(PartId part) {
        boolean second = explanation.second() >= 0
                && prepared.hypotheses().get(explanation.second()).parts().contains(part);
        return number(second ? prepared.secondSeverityColumn() : prepared.severityColumn());
    }
}
