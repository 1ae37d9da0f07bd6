package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Channels.Span;
import app.dantro.core.network.Fault;
import app.dantro.core.reading.MeterError;
import java.util.function.IntToDoubleFunction;

/** How observables move with the numbers that differ between vehicles: one row of columns each. */
final class Sensitivities {
    private final PreparedCircuit prepared;

    Sensitivities(PreparedCircuit prepared) {
        this.prepared = prepared;
    }

    /**
     * Writes how an observable moves with every column, in its unit a standard deviation.
     *
     * @param second of a pair of hypotheses, or {@link Explanation#NONE}
     * @param mean what it shows, in its unit
     * @param into a row of {@link PreparedCircuit#columns()} is written, from {@code at} on
     */
    void write(int first, int second, Observable what, double mean, double[] into, int at) {
        Span span = prepared.channels().of(what);
        ResponseTable table = prepared.table(what.condition());
        int numbers = table.numbers;
        single(table, first, span, into, at);
        into[at + numbers] = 0;
        if (second >= 0) {
            double severity = into[at + numbers - 1];
            addPair(table, second, span, into, at);
            into[at + numbers] = into[at + numbers - 1] - severity;
            into[at + numbers - 1] = severity;
            if (besideEachOther(first, second)) {
                into[at + numbers - 1] = together(first, h -> prepared.mean(h, second, what.condition(), span), mean);
                into[at + numbers] = together(second, h -> prepared.mean(first, h, what.condition(), span), mean);
            }
        }
        into[at + numbers + 1] = what.isVolts() ? MeterError.ASSUMED_GAIN / Math.sqrt(3) * mean : 0;
        into[at + numbers + 2] = what instanceof Observable.Amps ? MeterError.ASSUMED_CLAMP_GAIN * mean : 0;
    }

    /** Where a current divides each fault alone moves next to nothing, and both together much. */
    private boolean besideEachOther(int first, int second) {
        PartId one = prepared.hypotheses().get(first).parts().get(0);
        PartId other = prepared.hypotheses().get(second).parts().get(0);
        return prepared.parallel().stream()
                .anyMatch(ways -> ways.one().contains(one) && ways.other().contains(other)
                        || ways.one().contains(other) && ways.other().contains(one));
    }

    /** How a pair moves with one of its severities, by the next of the grid; nothing where there is none. */
    private double together(int hypothesis, IntToDoubleFunction shown, double mean) {
        int next = isStep(hypothesis, hypothesis + 1) ? hypothesis + 1 : hypothesis - 1;
        if (!isStep(hypothesis, next)) {
            return 0;
        }
        double moved = (shown.applyAsDouble(next) - mean) * (next - hypothesis);
        return Double.isNaN(moved) ? 0 : moved * Marks.STEP_SIGMA / Math.log(Marks.STEP);
    }

    /** True if another hypothesis is a fault of the same part that has a severity. */
    private boolean isStep(int hypothesis, int other) {
        return other > 0
                && other < prepared.hypotheses().size()
                && prepared.hypotheses()
                        .get(other)
                        .parts()
                        .equals(prepared.hypotheses().get(hypothesis).parts())
                && !(prepared.hypotheses().get(other).faults().get(0) instanceof Fault.Open);
    }

    private static void single(ResponseTable table, int hypothesis, Span span, double[] into, int at) {
        int numbers = table.numbers;
        int base = hypothesis * table.outputs * numbers;
        for (int k = 0; k < numbers; k++) {
            into[at + k] = (span.plus() < 0 ? 0 : table.slopes[base + span.plus() * numbers + k])
                    - (span.minus() < 0 ? 0 : table.slopes[base + span.minus() * numbers + k]);
        }
    }

    /** Slopes of two faults together, as if each moved the vehicle by itself. */
    private static void addPair(ResponseTable table, int second, Span span, double[] into, int at) {
        int numbers = table.numbers;
        int of = second * table.outputs * numbers;
        for (int k = 0; k < numbers; k++) {
            int p = span.plus() * numbers + k;
            int m = span.minus() * numbers + k;
            into[at + k] += (span.plus() < 0 ? 0 : table.slopes[of + p] - table.slopes[p])
                    - (span.minus() < 0 ? 0 : table.slopes[of + m] - table.slopes[m]);
        }
    }
}
