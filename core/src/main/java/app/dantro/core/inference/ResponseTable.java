package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.network.ResponseSolver;
import java.util.List;

/**
 * What instruments show in one condition under every single-fault hypothesis, with the slopes by every number that
 * differs between vehicles. Immutable once made; single precision, the slopes of one output in steps of 1/32767 of its
 * steepest, since the model is far coarser.
 */
final class ResponseTable {
    final int outputs;
    final int numbers;
    /** hypotheses × outputs. */
    final float[] means;
    /** hypotheses × outputs × numbers, in steps. */
    private final short[] slopes;
    /** What one step comes to; hypotheses × outputs. */
    private final float[] steps;
    /** False where the solver found no operating point. */
    final boolean[] known;

    private ResponseTable(int hypotheses, int outputs, int numbers) {
        this.outputs = outputs;
        this.numbers = numbers;
        means = new float[hypotheses * outputs];
        slopes = new short[hypotheses * outputs * numbers];
        steps = new float[hypotheses * outputs];
        known = new boolean[hypotheses];
    }

    static ResponseTable of(
            Circuit circuit, Condition condition, List<Hypothesis> hypotheses, double celsius, double sigmas) {
        ResponseSolver solver = new ResponseSolver(circuit, sigmas);
        ResponseTable table = new ResponseTable(hypotheses.size(), solver.outputs(), solver.numbers());
        double[] mean = new double[table.outputs];
        double[] slope = new double[table.outputs * table.numbers];
        for (int h = 0; h < hypotheses.size(); h++) {
            Hypothesis hypothesis = hypotheses.get(h);
            table.known[h] = solver.respond(
                    condition, hypothesis.state(celsius), hypothesis.strongerState(celsius), mean, slope);
            if (table.known[h]) {
                copy(mean, table.means, h * mean.length);
                table.keep(slope, h * table.outputs);
            }
        }
        return table;
    }

    /** Keeps the slopes of one hypothesis, each output's by its own steepest. */
    private void keep(double[] slope, int from) {
        for (int i = 0; i < outputs; i++) {
            double steepest = 0;
            for (int k = 0; k < numbers; k++) {
                steepest = Math.max(steepest, Math.abs(slope[i * numbers + k]));
            }
            steps[from + i] = (float) (steepest / Short.MAX_VALUE);
            for (int k = 0; k < numbers && steepest > 0; k++) {
                slopes[(from + i) * numbers + k] =
                        (short) Math.round(slope[i * numbers + k] / steepest * Short.MAX_VALUE);
            }
        }
    }

    /**
     * By how much an output moves with a number, in its unit a standard deviation.
     *
     * @param row hypothesis × outputs + output
     */
    double slope(int row, int number) {
        return steps[row] * slopes[row * numbers + number];
    }

    /** What an instrument shows under a hypothesis; NaN if it has no operating point. */
    double mean(int hypothesis, Channels.Span span) {
        int at = hypothesis * outputs;
        return known[hypothesis] ? span.high(means, at) - span.low(means, at) : Double.NaN;
    }

    /** Bytes that the table takes. */
    long bytes() {
        return 4L * (means.length + steps.length) + 2L * slopes.length + known.length;
    }

    private static void copy(double[] from, float[] to, int at) {
        for (int i = 0; i < from.length; i++) {
            to[at + i] = (float) from[i];
        }
    }
}
