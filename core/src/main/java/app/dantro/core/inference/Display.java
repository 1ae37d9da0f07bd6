package app.dantro.core.inference;

import app.dantro.core.reading.MeterRange;

/** The last digit that an instrument is sure to show of a reading yet to come: millivolts at the finest, whole amperes and revolutions. */
public final class Display {
    /** Finer ones stand on the display only if somebody turns to that range (docs/everyday.md, instrument). */
    private static final double FINEST_VOLTS = 1e-3;

    private Display() {}

    /** What one step of the display is worth at a value, in V, A or 1/min. */
    public static double resolution(Observable what, double value) {
        if (what.isVolts()) {
            return Math.max(FINEST_VOLTS, MeterRange.finestFor(value).resolutionVolts());
        }
        return what instanceof Observable.Amps && what.condition() == app.dantro.core.circuit.Condition.REST ? 0.01 : 1;
    }
}
