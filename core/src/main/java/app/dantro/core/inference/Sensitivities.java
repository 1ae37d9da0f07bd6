package app.dantro.core.inference;

import app.dantro.core.circuit.ParallelWays;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Channels.Span;
import app.dantro.core.network.Fault;
import app.dantro.core.reading.MeterError;
import java.util.List;
import java.util.function.IntToDoubleFunction;

/** How observables move with the numbers that differ between vehicles: one row of columns each. */
final class Sensitivities {
    private final PreparedCircuit prepared;
    private final List<byte[]> sides;
    /** Of each hypothesis whether it has a severity, and whether it is of the part of the one before; false past the last. */
    private final boolean[] severities;

    private final boolean[] samePart;

    Sensitivities(PreparedCircuit prepared) {
        this.prepared = prepared;
        this.sides = prepared.parallel().stream()
                .map(ways -> sides(ways, prepared.hypotheses()))
                .toList();
        List<Hypothesis> all = prepared.hypotheses();
        this.severities = new boolean[all.size() + 1];
        this.samePart = new boolean[all.size() + 1];
        for (int h = 1; h < all.size(); h++) {
            severities[h] = !(all.get(h).faults().get(0) instanceof Fault.Open);
            samePart[h] = all.get(h).parts().equals(all.get(h - 1).parts());
        }
    }

    /**
     * Writes how an observable moves with every column, in its unit a standard deviation.
     *
     * @param second of a pair of hypotheses, or {@link Explanation#NONE}
     * @param mean what it shows, in its unit
     * @param into a row of {@link PreparedCircuit#columns()} is written, from {@code at} on
     */
    void write(int first, int second, Observable what, double mean, double[] into, int at) {
        write(first, second, prepared.channel(what), mean, into, at);
    }

    /** The same where the observable was looked up before. */
    void write(int first, int second, Channel of, double mean, double[] into, int at) {
        int numbers = of.table().numbers;
        single(of.table(), first, of.span(), into, at);
        into[at + numbers] = 0;
        if (second >= 0) {
            double severity = into[at + numbers - 1];
            addPair(of.table(), second, of.span(), into, at);
            into[at + numbers] = into[at + numbers - 1] - severity;
            into[at + numbers - 1] = severity;
            if (besideEachOther(first, second)) {
                into[at + numbers - 1] = together(first, h -> shown(h, second, of), mean);
                into[at + numbers] = together(second, h -> shown(first, h, of), mean);
            }
        }
        into[at + numbers + 1] = of.what().isVolts() ? MeterError.ASSUMED_GAIN / Math.sqrt(3) * mean : 0;
        into[at + numbers + 2] = of.what() instanceof Observable.Amps ? MeterError.ASSUMED_CLAMP_GAIN * mean : 0;
    }

    private double shown(int first, int second, Channel of) {
        return prepared.mean(first, second, of.what().condition(), of.span());
    }

    /** Where a current divides each fault alone moves next to nothing, and both together much. */
    private boolean besideEachOther(int first, int second) {
        for (byte[] side : sides) {
            if (side[first] * side[second] < 0) {
                return true;
            }
        }
        return false;
    }

    /** Of every hypothesis on which of two ways its first part lies: 1, −1, or 0 for neither. */
    private static byte[] sides(ParallelWays ways, List<Hypothesis> hypotheses) {
        byte[] sides = new byte[hypotheses.size()];
        for (int h = 1; h < sides.length; h++) {
            PartId part = hypotheses.get(h).parts().get(0);
            sides[h] = (byte) (ways.one().contains(part) ? 1 : ways.other().contains(part) ? -1 : 0);
        }
        return sides;
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

    /** True if another hypothesis, one before or behind, is a fault of the same part that has a severity. */
    private boolean isStep(int hypothesis, int other) {
        return severities[other] && samePart[Math.max(hypothesis, other)];
    }

    private static void single(ResponseTable table, int hypothesis, Span span, double[] into, int at) {
        int base = hypothesis * table.outputs;
        table.write(span.plus() < 0 ? -1 : base + span.plus(), span.minus() < 0 ? -1 : base + span.minus(), into, at);
    }

    /** Slopes of two faults together, as if each moved the vehicle by itself. */
    private static void addPair(ResponseTable table, int second, Span span, double[] into, int at) {
        int of = second * table.outputs;
        if (span.plus() >= 0) {
            table.add(of + span.plus(), 1, into, at);
            table.add(span.plus(), -1, into, at);
        }
        if (span.minus() >= 0) {
            table.add(of + span.minus(), -1, into, at);
            table.add(span.minus(), 1, into, at);
        }
    }
}
