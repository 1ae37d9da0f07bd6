package app.dantro.core.standing;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Reading;
import java.util.Optional;

/**
 * Which readings were taken in one crank or one hold, in the order they were taken: those of one condition close together,
 * with no other condition between and no other current. They share loads, drag and charge current; those of another moment
 * do not (docs/everyday.md, a moment has its own currents).
 */
final class Moments {
    /** A crank is over by then. */
    private static final long ASSUMED_CRANK_MILLIS = 8_000;

    /** Within a hold leads are moved about as fast as this. */
    private static final long ASSUMED_HOLD_MILLIS = 100_000;

    /** Another current than before is another moment: a fan came in, the charge tapered. */
    private static final double ASSUMED_OTHER_SHARE = 0.06;

    private static final double ASSUMED_OTHER_AMPS = 3;

    private long number;
    private Condition condition;
    private long atMillis;
    private Optional<Double> amps = Optional.empty();

    /** The moment of the next reading. */
    long of(Reading reading) {
        long most = reading.condition().starterCalled() ? ASSUMED_CRANK_MILLIS : ASSUMED_HOLD_MILLIS;
        boolean other =
                reading.condition() != condition || reading.takenAtMillis() - atMillis > most || otherCurrent(reading);
        if (other) {
            number++;
            amps = Optional.empty();
        }
        condition = reading.condition();
        atMillis = reading.takenAtMillis();
        amps = reading.amps().or(() -> amps);
        return number;
    }

    private boolean otherCurrent(Reading reading) {
        return amps.isPresent()
                && reading.amps()
                        .filter(a -> Math.abs(a - amps.get()) > ASSUMED_OTHER_SHARE * amps.get() + ASSUMED_OTHER_AMPS)
                        .isPresent();
    }
}
