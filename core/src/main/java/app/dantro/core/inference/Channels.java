package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.ResponseSolver;

/** Which of the solver's outputs an instrument shows; −1 is the reference, the − post. */
final class Channels {
    private final ResponseSolver outputs;
    private final PreparedCircuit prepared;

    Channels(PreparedCircuit prepared, ResponseSolver outputs) {
        this.prepared = prepared;
        this.outputs = outputs;
    }

    /** The outputs whose difference an observable is. */
    record Span(int plus, int minus) {
        /** Value of the + side in a row of outputs that begins at an index. */
        float high(float[] row, int from) {
            return plus < 0 ? 0 : row[from + plus];
        }

        float low(float[] row, int from) {
            return minus < 0 ? 0 : row[from + minus];
        }

        /** What it is among the outputs of one solution. */
        double in(float[] outputs) {
            return high(outputs, 0) - low(outputs, 0);
        }
    }

    Span of(Observable what) {
        return new Span(plus(what), minus(what));
    }

    int potential(PointId point) {
        return outputs.potential(point);
    }

    private int plus(Observable what) {
        if (what instanceof Observable.Volts volts) {
            return outputs.potential(volts.red());
        }
        if (what instanceof Observable.Amps amps && amps.in().isPresent()) {
            return flowsBack(amps) ? -1 : amps(amps.in().get());
        }
        if (what instanceof Observable.Speed) {
            return outputs.rpm();
        }
        return what.condition().alternatorsCurrent() ? outputs.chargeAmps() : outputs.batteryAmps();
    }

    private int minus(Observable what) {
        if (what instanceof Observable.Amps amps && amps.in().isPresent() && flowsBack(amps)) {
            return amps(amps.in().get());
        }
        return what instanceof Observable.Volts volts ? outputs.potential(volts.black()) : -1;
    }

    /** True if a healthy current flows from the part's second point to its first. */
    private boolean flowsBack(Observable.Amps amps) {
        return prepared.table(amps.condition()).means[amps(amps.in().orElseThrow())] < 0;
    }

    private int amps(PartId part) {
        int output = outputs.amps(part);
        if (output < 0) {
            throw new IllegalArgumentException("A clamp does not fit around the part (%s).".formatted(part));
        }
        return output;
    }
}
