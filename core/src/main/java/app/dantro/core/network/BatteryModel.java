package app.dantro.core.network;

import app.dantro.core.circuit.Battery;

/** How a 12 V battery's open-circuit voltage and slopes follow charge and temperature (docs/physics.md). */
public final class BatteryModel {
    private BatteryModel() {}

    /** {@code E = 11.80 + 0.92 SOC + 0.0012 (T − 20)}, in volts. */
    public static double openCircuitVolts(double stateOfCharge, double celsius) {
        return Parameters.ASSUMED_EMPTY_VOLTS
                + Parameters.ASSUMED_RISE_VOLTS * stateOfCharge
                + Parameters.ASSUMED_VOLTS_PER_KELVIN * (celsius - Parameters.REFERENCE_CELSIUS);
    }

    /** The state of charge, 0 … 1, that a base voltage in volts speaks of. */
    public static double stateOfCharge(double baseVolts, double celsius) {
        double charge = (baseVolts - openCircuitVolts(0, celsius)) / Parameters.ASSUMED_RISE_VOLTS;
        return Math.max(0, Math.min(1, charge));
    }

    /**
     * Factor by which the discharge resistance exceeds its rated value: {@code (1 + 1.2 (1 − SOC)²)}, relative to the
     * state of charge a vehicle comes with, times {@code 1 + 0.0095 (21 − T)} in the cold, relative to 20 °C.
     */
    public static double ohmsFactor(double stateOfCharge, double celsius) {
        return rise(stateOfCharge)
                / rise(VehicleState.USUAL_CHARGE)
                * cold(celsius)
                / cold(Parameters.REFERENCE_CELSIUS);
    }

    /** {@code Rc = (0.035 + 0.20 SOC³) · 60 / C}, in ohms, with the capacity C in Ah. */
    public static double chargeOhms(double stateOfCharge, double ampHours) {
        double cube = stateOfCharge * stateOfCharge * stateOfCharge;
        return (Parameters.ASSUMED_EMPTY_CHARGE_OHMS + Parameters.ASSUMED_FULL_CHARGE_OHMS * cube)
                * Parameters.CHARGE_OHMS_AMP_HOURS
                / ampHours;
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
        return 1 + Parameters.ASSUMED_COLD_OHMS_PER_KELVIN * Math.max(0, Parameters.COLD_BELOW_CELSIUS - celsius);
    }

    private static double rise(double stateOfCharge) {
        double empty = 1 - stateOfCharge;
        return 1 + Parameters.ASSUMED_EMPTY_OHMS_RISE * empty * empty;
    }
}
