package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.network.ResponseSolver;
import java.util.Arrays;
import java.util.List;

/**
 * What instruments show in one condition under every single-fault hypothesis, with the slopes by every number that
 * differs between vehicles. Immutable once made; single precision, the slopes of one output in steps of 1/32767 of its
 * steepest, since the model is far coarser. Under most faults most outputs move as they do on a healthy vehicle, and neighbours
 * alike: of rows of slopes that are the same in steps one is kept.
 */
final class ResponseTable {
    final int outputs;
    final int numbers;
    /** hypotheses × outputs. */
    final float[] means;
    /** False where the solver found no operating point. */
    final boolean[] known;
    /** What one step comes to; hypotheses × outputs. */
    private final float[] steps;
    /** Where a row's slopes begin among those kept; hypotheses × outputs. */
    private final int[] begins;
    /** In steps. */
    private final short[] slopes;

    private ResponseTable(int outputs, int numbers, float[] means, boolean[] known, SlopeRows rows) {
        this.outputs = outputs;
        this.numbers = numbers;
        this.means = means;
        this.known = known;
        this.steps = rows.steps;
        this.begins = rows.begins;
        this.slopes = rows.kept();
    }

    static ResponseTable of(
            Circuit circuit, Condition condition, List<Hypothesis> hypotheses, double celsius, double sigmas) {
        ResponseSolver solver = new ResponseSolver(circuit, sigmas);
        int outputs = solver.outputs();
        float[] means = new float[hypotheses.size() * outputs];
        boolean[] known = new boolean[hypotheses.size()];
        SlopeRows rows = new SlopeRows(means.length, solver.numbers());
        double[] mean = new double[outputs];
        double[] slope = new double[outputs * solver.numbers()];
        for (int h = 0; h < known.length; h++) {
            Hypothesis hypothesis = hypotheses.get(h);
            known[h] = solver.respond(
                    condition, hypothesis.state(celsius), hypothesis.strongerState(celsius), mean, slope);
            for (int i = 0; known[h] && i < outputs; i++) {
                means[h * outputs + i] = (float) mean[i];
                rows.take(h * outputs + i, slope, i * solver.numbers());
            }
        }
        return new ResponseTable(outputs, solver.numbers(), means, known, rows);
    }

    /**
     * By how much an output moves with a number, in its unit a standard deviation.
     *
     * @param row hypothesis × outputs + output
     */
    double slope(int row, int number) {
        return steps[row] * slopes[begins[row] + number];
    }

    /**
     * Writes by how much the difference of two outputs moves with each number.
     *
     * @param plus row, −1 for the reference, which does not move
     * @param minus the same
     */
    void write(int plus, int minus, double[] into, int at) {
        Arrays.fill(into, at, at + numbers, 0);
        add(plus, 1, into, at);
        add(minus, -1, into, at);
    }

    /** Adds a row with a sign of +1 or −1; the reference's, −1, adds nothing. */
    void add(int row, float sign, double[] into, int at) {
        if (row < 0) {
            return;
        }
        float step = sign * steps[row];
        int begin = begins[row];
        for (int k = 0; k < numbers; k++) {
            into[at + k] += step * slopes[begin + k];
        }
    }

    /** What an instrument shows under a hypothesis; NaN if it has no operating point. */
    double mean(int hypothesis, Channels.Span span) {
        int at = hypothesis * outputs;
        return known[hypothesis] ? span.high(means, at) - span.low(means, at) : Double.NaN;
    }

    /** Bytes that the table takes. */
    long bytes() {
        return 4L * (means.length + steps.length + begins.length) + 2L * slopes.length + known.length;
    }
}
