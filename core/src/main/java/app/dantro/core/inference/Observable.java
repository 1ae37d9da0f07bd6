package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import java.util.Objects;
import java.util.Optional;

/** Something an instrument can show in one condition. */
public sealed interface Observable {
    Condition condition();

    static Volts volts(Condition condition, PointId red, PointId black) {
        return new Volts(condition, red, black);
    }

    /** True for the same measurement, whichever way round the leads are. */
    default boolean same(Observable other) {
        return equals(other);
    }

    /** True for a meter's volts. */
    default boolean isVolts() {
        return false;
    }

    /** Volts between two points, red − black. */
    record Volts(Condition condition, PointId red, PointId black) implements Observable {
        public Volts {
            Objects.requireNonNull(condition, "condition");
            if (red.equals(black)) {
                throw new IllegalArgumentException(
                        "Both leads are on (%s). Put them on two different points.".formatted(red));
            }
        }

        @Override
        public boolean isVolts() {
            return true;
        }

        @Override
        public boolean same(Observable other) {
            return other instanceof Volts volts
                    && condition == volts.condition
                    && Pair.of(red, black).equals(Pair.of(volts.red, volts.black));
        }
    }

    /**
     * Amperes by clamp: around everything on the battery's − clamp, or around the charge cable while the alternator or a
     * pile at the alternator makes the current; or in one part, positive as a healthy vehicle's current flows.
     */
    record Amps(Condition condition, Optional<PartId> in) implements Observable {
        public Amps {
            Objects.requireNonNull(condition, "condition");
            Objects.requireNonNull(in, "in");
        }

        /** In the usual place. */
        public Amps(Condition condition) {
            this(condition, Optional.empty());
        }
    }

    /** The crankshaft's speed in 1/min. */
    record Speed(Condition condition) implements Observable {
        public Speed {
            Objects.requireNonNull(condition, "condition");
        }
    }
}
