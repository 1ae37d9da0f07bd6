package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
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
    private final Numbers known;

    private Forecast(PreparedCircuit prepared, Explanation explanation, Fitted fitted) {
        this.known = fitted.known;
        this.weight = fitted.weight;
        this.prepared = prepared;
        this.explanation = explanation;
        this.columns = prepared.columns();
        this.rows = fitted.rows;
        this.theta = fitted.theta;
        this.whitened = fitted.whitened;
        this.slope = new double[columns];
    }

    /** What the readings left of the numbers; arrays are not copied. */
    private record Fitted(double[] theta, double[] whitened, int rows, Weight weight, Numbers known) {}

    static Forecast of(Fitter fitter, Explanation explanation) {
        int[] chosen = new int[fitter.count - explanation.slips().count()];
        for (int i = 0, at = 0; i < fitter.count; i++) {
            if (!explanation.slipped(i)) {
                chosen[at++] = i;
            }
        }
        if (!fitter.load(explanation.first(), explanation.second()) || !fitter.fit(chosen, chosen.length)) {
            throw new IllegalStateException("The explanation (%s) was fitted before.".formatted(explanation));
        }
        Fitted fitted = new Fitted(
                fitter.numbers(chosen, chosen.length),
                fitter.whitened(chosen, chosen.length),
                chosen.length,
                Weight.of(fitter, chosen),
                fitter.known);
        return new Forecast(fitter.prepared, explanation, fitted);
    }

    /** How strongly the readings speak against a wiring part being bad too. */
    public Refutation refutation(Part part) {
        return weight.refutation(prepared, part);
    }

    /** The same vehicle with a part as good as new: its fault gone, everything else as the readings tell. */
    public Forecast repaired(PartId part) {
        Explanation left = explanation.without(prepared, part);
        double[] kept = theta.clone();
        if (left.first() != explanation.first()) {
            kept[prepared.severityColumn()] = theta[prepared.secondSeverityColumn()];
            kept[prepared.secondSeverityColumn()] = 0;
        }
        return new Forecast(prepared, left, new Fitted(kept, whitened, rows, weight, known));
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
        prepared.sensitivities().write(explanation.first(), explanation.second(), what, mean, slope, 0);
        double shifted = mean;
        double variance = ReadingNoise.variance(what, mean, resolution);
        for (int k = 0; k < columns; k++) {
            shifted += slope[k] * (theta[k] + known.moreAtIdle(k, what.condition()));
            variance += slope[k] * slope[k] * known.variance[k];
        }
        for (int i = 0; i < rows; i++) {
            double sum = 0;
            for (int k = 0; k < columns; k++) {
                sum += whitened[i * columns + k] * slope[k];
            }
            variance -= sum * sum;
        }
        return new Expected(shifted, Math.max(variance, ReadingNoise.variance(what, 0, resolution) / 4));
    }

    /** Mean and variance of what an instrument should show. */
    public record Expected(double mean, double variance) {}

    /** Potentials of all outputs of a condition, moved by what the readings tell of the numbers; for planning. */
    double[] outputs(Condition condition) {
        ResponseTable table = prepared.table(condition);
        double[] all = new double[table.outputs];
        for (int i = 0; i < all.length; i++) {
            all[i] = prepared.mean(explanation.first(), explanation.second(), condition, new Channels.Span(i, -1));
            int row = explanation.first() * table.outputs + i;
            for (int k = 0; k < table.numbers; k++) {
                all[i] += table.slope(row, k) * (theta[k] + known.moreAtIdle(k, condition));
            }
        }
        return all;
    }

    /**
     * By how many standard deviations of healthy vehicles the worst number of a device lies off, by its fault and by what
     * the readings tell of the vehicle together; infinite for what no healthy device can be, 0 if it is not at fault.
     */
    public double off(PartId device) {
        OptionalInt hypothesis = explanation.calling(prepared, device);
        if (hypothesis.isEmpty()) {
            return 0;
        }
        double[] off = prepared.off(hypothesis.getAsInt(), severity(device).mean());
        double most = 0;
        for (int k = 0; k < off.length; k++) {
            double whole = off[k] == 0 ? 0 : off[k] + Marks.ASSUMED_WIDENING * theta[k];
            most = Math.max(most, Math.abs(whole));
        }
        return most;
    }

    int numbers() {
        return columns;
    }

    /** For every output of a condition its slopes, followed by what of them the readings took away: {@code W a}. */
    double[][] spreads(Condition condition) {
        ResponseTable table = prepared.table(condition);
        double[][] all = new double[table.outputs][columns + rows];
        for (int i = 0; i < all.length; i++) {
            int row = explanation.first() * table.outputs + i;
            for (int r = 0; r < rows; r++) {
                for (int k = 0; k < table.numbers; k++) {
                    all[i][columns + r] += whitened[r * columns + k] * table.slope(row, k);
                }
            }
            for (int k = 0; k < table.numbers; k++) {
                all[i][k] = table.slope(row, k) * Math.sqrt(known.variance[k]);
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
            double off = theta[k] - known.mean[k];
            square += off * off;
            for (int i = 0; i < rows; i++) {
                expected += whitened[i * columns + k] * whitened[i * columns + k];
            }
        }
        return expected > 0 ? square / expected : 0;
    }

    /** By how many of its standard deviations a part's healthy resistance lies off its usual value, mean and variance. */
    Expected number(int column) {
        double variance = known.variance[column];
        for (int i = 0; i < rows; i++) {
            variance -= whitened[i * columns + column] * whitened[i * columns + column];
        }
        return new Expected(theta[column], Math.max(1e-6, variance));
    }

    /** How a part's severity moved within its step, in standard deviations, if the part is at fault. */
    Expected severity(PartId part) {
        return number(
                explanation.callsSecond(prepared, part) ? prepared.secondSeverityColumn() : prepared.severityColumn());
    }
}
