package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.network.ResponseSolver;
import java.util.List;

/**
 * What instruments show in one condition under every single-fault hypothesis, with the slopes by every number that
 * differs between vehicles. Immutable once made; single precision, since the model is far coarser.
 */
final class ResponseTable {
    final int outputs;
    final int numbers;
    /** hypotheses × outputs. */
    final float[] means;
    /** hypotheses × outputs × numbers. */
    final float[] slopes;
    /** False where the solver found no operating point. */
    final boolean[] known;

    private ResponseTable(int hypotheses, int outputs, int numbers) {
        this.outputs = outputs;
        this.numbers = numbers;
        means = new float[hypotheses * outputs];
        slopes = new float[hypotheses * outputs * numbers];
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
                copy(slope, table.slopes, h * slope.length);
            }
        }
        return table;
    }

    /** What an instrument shows under a hypothesis; NaN if it has no operating point. */
    double mean(int hypothesis, Channels.Span span) {
        int at = hypothesis * outputs;
        return known[hypothesis] ? span.high(means, at) - span.low(means, at) : Double.NaN;
    }

    /** Bytes that the table takes. */
    long bytes() {
        return 4L * (means.length + slopes.length) + known.length;
    }

    private static void copy(double[] from, float[] to, int at) {
        for (int i = 0; i < from.length; i++) {
            to[at + i] = (float) from[i];
        }
    }
}
