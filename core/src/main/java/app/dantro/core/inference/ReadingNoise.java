package app.dantro.core.inference;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.MeterError;

/** How far a display lies off what is there: an error that it shows again, and flutter that it does not. Variances. */
final class ReadingNoise {
    private ReadingNoise() {}

    /** Of one reading. */
    static double variance(Observable what, double mean, double resolution) {
        return shared(what, resolution) + own(what, mean, resolution);
    }

    /** What is the same each time the same thing is read. */
    static double shared(Observable what, double resolution) {
        double digits = Marks.ASSUMED_SHARED_DIGITS * step(what, resolution);
        double offset = what.isVolts() ? MeterError.ASSUMED_LEAST_VOLTS : 0;
        if (what instanceof Observable.Amps && resolution >= Marks.CLAMP_RESOLUTION_AMPS) {
            offset = MeterError.ASSUMED_CLAMP_ZERO_AMPS;
        }
        return digits * digits + offset * offset;
    }

    /** What differs from reading to reading. */
    static double own(Observable what, double mean, double resolution) {
        double share = what instanceof Observable.Speed
                ? Marks.ASSUMED_SPEED_SHARE
                : what instanceof Observable.Amps ? Marks.ASSUMED_AMPS_FLUTTER : flutter(what.condition());
        double digits = Marks.ASSUMED_OWN_DIGITS * step(what, resolution);
        double least = what.isVolts() ? 0.5 * MeterError.ASSUMED_LEAST_VOLTS : 0.005;
        return share * share * mean * mean + digits * digits + least * least;
    }

    private static double step(Observable what, double resolution) {
        return what.isVolts() ? Math.min(resolution, 0.1) : resolution;
    }

    private static double flutter(Condition condition) {
        if (condition.starterCalled()) {
            return MeterError.ASSUMED_CRANKING_FLUTTER;
        }
        if (condition.running()) {
            return Marks.ASSUMED_RUNNING_FLUTTER;
        }
        return condition == Condition.ENGINE_OFF_LOAD ? Marks.ASSUMED_LOAD_FLUTTER : 0;
    }
}
