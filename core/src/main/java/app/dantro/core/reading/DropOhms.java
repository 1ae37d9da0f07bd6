package app.dantro.core.reading;

/**
 * The resistance that a drop and a current tell, {@code R = V / I} (sources.md [OHM]), with the errors of both instruments
 * added as squares (sources.md [GUM]).
 *
 * @param ohms without the drop's sign, in Ω
 * @param standardOhms one standard deviation of it, in Ω
 */
public record DropOhms(double ohms, double standardOhms) {
    /** By a measured current, with the gain and the zero of a clamp. */
    public static DropOhms clamped(Reading drop, double amps) {
        return at(drop, amps, Math.hypot(MeterError.ASSUMED_CLAMP_GAIN, MeterError.ASSUMED_CLAMP_ZERO_AMPS / amps));
    }

    /**
     * By a current that is known to a share.
     *
     * @param share one standard deviation of the current, as a share of it
     * @throws IllegalArgumentException if no current flowed
     */
    public static DropOhms at(Reading drop, double amps, double share) {
        double ohms = Drop.ohms(Math.abs(drop.volts()), amps);
        return new DropOhms(ohms, Math.hypot(MeterError.standardVolts(drop) / amps, ohms * share));
    }
}
