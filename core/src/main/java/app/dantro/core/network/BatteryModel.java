package app.dantro.core.network;

/** How a 12 V battery's open-circuit voltage and resistance follow charge and temperature (docs/physics.md). */
public final class BatteryModel {
    private static final double ASSUMED_EMPTY_VOLTS = 11.80;
    private static final double ASSUMED_RISE_VOLTS = 0.92;
    private static final double ASSUMED_VOLTS_PER_KELVIN = 0.0012;
    private static final double REFERENCE_CELSIUS = 20;
    private static final double ASSUMED_EMPTY_OHMS_RISE = 1.2;
    private static final double ASSUMED_COLD_OHMS_PER_KELVIN = 0.0095;
    private static final double COLD_BELOW_CELSIUS = 21;

    private BatteryModel() {}

    /** {@code E = 11.80 + 0.92 SOC + 0.0012 (T − 20)}, in volts. */
    public static double openCircuitVolts(double stateOfCharge, double celsius) {
        return ASSUMED_EMPTY_VOLTS
                + ASSUMED_RISE_VOLTS * stateOfCharge
                + ASSUMED_VOLTS_PER_KELVIN * (celsius - REFERENCE_CELSIUS);
    }

    /** The state of charge, 0 … 1, that a base voltage in volts speaks of. */
    public static double stateOfCharge(double baseVolts, double celsius) {
        double charge = (baseVolts - openCircuitVolts(0, celsius)) / ASSUMED_RISE_VOLTS;
        return Math.max(0, Math.min(1, charge));
    }

    /** Factor by which the resistance exceeds that of a full battery at 21 °C. */
    public static double ohmsFactor(double stateOfCharge, double celsius) {
        double empty = 1 - stateOfCharge;
        double cold = 1 + ASSUMED_COLD_OHMS_PER_KELVIN * Math.max(0, COLD_BELOW_CELSIUS - celsius);
        return (1 + ASSUMED_EMPTY_OHMS_RISE * empty * empty) * cold;
    }
}
