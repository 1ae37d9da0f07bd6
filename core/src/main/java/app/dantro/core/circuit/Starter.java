package app.dantro.core.circuit;

import java.util.List;
import java.util.Objects;

/** The starter with the engine it turns: {@code v = k ω + i R}, {@code k i = T0 + c ω} at the crankshaft. */
public record Starter(PartId id, String name, PointId motorStud, PointId starterCase, Motor motor) implements Device {
    public Starter {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of " + id);
        Objects.requireNonNull(motor, "motor");
        Checked.apart(id, motorStud, starterCase);
    }

    @Override
    public List<PointId> terminals() {
        return List.of(motorStud, starterCase);
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
            if (!(voltSecondsPerRadian > 0
                    && voltSecondsPerRadian < 1e3
                    && ohms > 1e-5
                    && ohms <= 1e7
                    && dragNewtonMetres >= 0
                    && dragNewtonMetres < 1e6
                    && dragNewtonMetreSeconds > 0
                    && dragNewtonMetreSeconds < 1e6)) {
                throw new IllegalArgumentException(
                        "The starter's k (%s V·s/rad), R (%s ohm) and c (%s N·m·s/rad) must be > 0 and T0 (%s N·m) >= 0."
                                .formatted(voltSecondsPerRadian, ohms, dragNewtonMetreSeconds, dragNewtonMetres));
            }
        }
    }
}
