package app.dantro.core.inference;

import app.dantro.core.reading.MeterRange;

/** The last digit that an instrument shows: the finest range of a common meter, whole amperes and revolutions. */
public final class Display {
    private Display() {}

    /** What one step of the display is worth at a value, in V, A or 1/min. */
    public static double resolution(Observable what, double value) {
        if (what.isVolts()) {
            return MeterRange.finestFor(value).resolutionVolts();
        }
        return what instanceof Observable.Amps && what.condition() == app.dantro.core.circuit.Condition.REST ? 0.01 : 1;
    }
}
