package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import java.util.List;

/** What was observed in a circuit, as proofs ask for it. */
record Taken(Circuit circuit, List<Observation> observations) {
    Taken {
        observations = List.copyOf(observations);
    }

    boolean has(Observable what) {
        return observations.stream().anyMatch(o -> o.what().same(what));
    }

    boolean closes(Link link) {
        return observations.stream().anyMatch(link::closedBy);
    }

    /** True if a base voltage between two points was read below a mark in V. */
    boolean restsBelow(PointId red, PointId black, double volts) {
        return observations.stream()
                .filter(o -> o.what().same(Observable.volts(Condition.REST, red, black)))
                .anyMatch(o -> Math.abs(o.value()) < volts);
    }

    /** True if something was read at a value and above, in V. */
    boolean reads(Observable what, double volts) {
        return observations.stream().anyMatch(o -> o.what().same(what) && Math.abs(o.value()) >= volts);
    }

    Observable posts(Condition condition) {
        return Observable.volts(condition, circuit.plusPost(), circuit.minusPost());
    }
}
