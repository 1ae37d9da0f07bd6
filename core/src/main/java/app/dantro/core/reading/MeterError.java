package app.dantro.core.reading;

/** Standard uncertainty of a reading: meter ± (0.5 % + 2 digits), and the flutter of a cranking engine. */
public final class MeterError {
    /** Raised with every change of what is held of meters and clamps. */
    public static final int VERSION = 2;

    /** Gain of a meter, ± as a share. */
    public static final double ASSUMED_GAIN = 0.0075;

    private static final double ASSUMED_DIGITS = 2;
    /** Flutter of a cranking engine, as a share. */
    public static final double ASSUMED_CRANKING_FLUTTER = 0.01;
    /** No reading is known better, in V. */
    public static final double ASSUMED_LEAST_VOLTS = 0.0005;

    private static final double UNIFORM = Math.sqrt(3);
    /** Standard uncertainty of a clamp's gain, as a share (docs/physics.md, instruments). */
    public static final double ASSUMED_CLAMP_GAIN = 0.02 / Math.sqrt(3);
    /** Standard uncertainty of a clamp's zero, in A. */
    public static final double ASSUMED_CLAMP_ZERO_AMPS = 2 / Math.sqrt(3);

    private MeterError() {}

    /** Standard uncertainty of one reading, in volts. */
    public static double standardVolts(Reading reading) {
        double gain = ASSUMED_GAIN * Math.abs(reading.volts()) / UNIFORM;
        return Math.hypot(gain, standardVoltsWithoutGain(reading));
    }

    /** The share that does not cancel between readings of the same meter, in volts. */
    public static double standardVoltsWithoutGain(Reading reading) {
        double digits = ASSUMED_DIGITS * Math.min(reading.resolutionVolts(), 0.1) / UNIFORM;
        double flutter = reading.condition().starterCalled() ? ASSUMED_CRANKING_FLUTTER * Math.abs(reading.volts()) : 0;
        return Math.max(ASSUMED_LEAST_VOLTS, Math.hypot(digits, flutter));
    }
}
