package app.dantro.core.inference;

/** How a vehicle decides on its charging voltage, and where that then lies (docs/everyday.md, regulated voltage). */
public enum Strategy {
    CLASSIC(0, 0.28),
    CALCIUM(0.40, 0.32),
    /** Whatever is commanded. */
    SMART(-0.45, 0.75);

    private final double assumedShiftVolts;
    private final double assumedSigmaVolts;

    Strategy(double assumedShiftVolts, double assumedSigmaVolts) {
        this.assumedShiftVolts = assumedShiftVolts;
        this.assumedSigmaVolts = assumedSigmaVolts;
    }

    /** How far its usual voltage lies from the class's, in V a block. */
    double shiftVolts() {
        return assumedShiftVolts;
    }

    /** Standard deviation of healthy ones, in V a block. */
    double sigmaVolts() {
        return assumedSigmaVolts;
    }
}
