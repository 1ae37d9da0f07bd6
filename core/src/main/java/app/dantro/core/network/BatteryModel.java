package app.dantro.core.network;

import app.dantro.core.circuit.Battery;

/** How a 12 V battery's open-circuit voltage and slopes follow charge and temperature (docs/physics.md). */
public final class BatteryModel {
    private static final double ASSUMED_EMPTY_VOLTS = 11.80;
    private static final double ASSUMED_RISE_VOLTS = 0.92;
    private static final double ASSUMED_VOLTS_PER_KELVIN = 0.0012;
    private static final double REFERENCE_CELSIUS = 20;
    private static final double ASSUMED_EMPTY_OHMS_RISE = 1.2;
    private static final double ASSUMED_USUAL_CHARGE = 0.85;
    private static final double ASSUMED_COLD_OHMS_PER_KELVIN = 0.0095;
    private static final double COLD_BELOW_CELSIUS = 21;
    private static final double ASSUMED_EMPTY_CHARGE_OHMS = 0.035;
    private static final double ASSUMED_FULL_CHARGE_OHMS = 0.20;
    private static final double CHARGE_OHMS_AMP_HOURS = 60;

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

    /**
     * Factor by which the discharge resistance exceeds its rated value: {@code (1 + 1.2 (1 − SOC)²)}, relative to the
     * state of charge a vehicle comes with, times {@code 1 + 0.0095 (21 − T)} in the cold, relative to 20 °C.
     */
    public static double ohmsFactor(double stateOfCharge, double celsius) {
        return rise(stateOfCharge) / rise(ASSUMED_USUAL_CHARGE) * cold(celsius) / cold(REFERENCE_CELSIUS);
    }

    /** {@code Rc = (0.035 + 0.20 SOC³) · 60 / C}, in ohms, with the capacity C in Ah. */
    public static double chargeOhms(double stateOfCharge, double ampHours) {
        double cube = stateOfCharge * stateOfCharge * stateOfCharge;
        return (ASSUMED_EMPTY_CHARGE_OHMS + ASSUMED_FULL_CHARGE_OHMS * cube) * CHARGE_OHMS_AMP_HOURS / ampHours;
    }

    /** What the battery is electrically: as stated, or by charge and temperature in °C. */
    static Battery.Source source(Battery battery, double stateOfCharge, double celsius) {
        return battery.stated()
                .orElseGet(() -> new Battery.Source(
                        openCircuitVolts(stateOfCharge, celsius),
                        battery.internalOhms().nominalOhms() * ohmsFactor(stateOfCharge, celsius),
                        chargeOhms(stateOfCharge, battery.ampHours())));
    }

    private static double cold(double celsius) {
        return 1 + ASSUMED_COLD_OHMS_PER_KELVIN * Math.max(0, COLD_BELOW_CELSIUS - celsius);
    }

    private static double rise(double stateOfCharge) {
        double empty = 1 - stateOfCharge;
        return 1 + ASSUMED_EMPTY_OHMS_RISE * empty * empty;
    }
}
