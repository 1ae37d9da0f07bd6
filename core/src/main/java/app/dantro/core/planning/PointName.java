package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PointId;

/** What a probe point is called in a plan's sentences. */
final class PointName {
    private PointName() {}

    /** @throws IllegalArgumentException if the circuit has no such point */
    static String of(Circuit circuit, PointId point) {
        return circuit.point(point)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no probe point (%s) in the circuit (%s).".formatted(point, circuit.id())))
                .name();
    }
}
