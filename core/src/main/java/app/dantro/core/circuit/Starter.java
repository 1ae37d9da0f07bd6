package app.dantro.core.circuit;

import java.util.Objects;

/** The starter with the engine it turns: {@code v = k ω + i R}, {@code k i = T0 + c ω} at the crankshaft. */
public record Starter(PartId id, PointId motorStud, PointId starterCase, Motor motor) {
    public Starter {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(motorStud, "motorStud");
        Objects.requireNonNull(starterCase, "starterCase");
        Objects.requireNonNull(motor, "motor");
    }

    /**
     * Motor and engine drag.
     *
     * @param voltSecondsPerRadian motor constant k in V·s/rad
     * @param ohms armature and brushes R in Ω
     * @param dragNewtonMetres engine drag at rest T0 in N·m
     * @param dragNewtonMetreSeconds rise of the drag with speed c in N·m·s/rad
     */
    public record Motor(
            double voltSecondsPerRadian, double ohms, double dragNewtonMetres, double dragNewtonMetreSeconds) {
        public Motor {
            if (!(voltSecondsPerRadian > 0 && ohms > 0 && dragNewtonMetres >= 0 && dragNewtonMetreSeconds > 0)) {
                throw new IllegalArgumentException(
                        "The starter's k (%s), R (%s) and c (%s) must be > 0 and T0 (%s) >= 0."
                                .formatted(voltSecondsPerRadian, ohms, dragNewtonMetreSeconds, dragNewtonMetres));
            }
        }
    }
}
