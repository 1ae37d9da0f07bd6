package app.dantro.core.network;

/** How far healthy vehicles of a class differ, as standard deviations (docs/physics.md, parameters). */
public final class VehicleSpread {
    private VehicleSpread() {}

    /** Of the regulated voltage, in V a block. */
    public static double setpointVolts() {
        return Parameters.ASSUMED_SETPOINT_VOLTS;
    }

    /** Of a block's open-circuit volts that its charge does not explain, in V. */
    public static double residualVolts() {
        return Parameters.ASSUMED_RESIDUAL_VOLTS;
    }

    /** Of the logarithm of the alternator's current limit. */
    public static double limit() {
        return Parameters.ASSUMED_LIMIT_SPREAD;
    }

    /** Of the logarithm of the torque that turns the engine. */
    public static double drag() {
        return Parameters.ASSUMED_DRAG_SPREAD;
    }

    /** Of the logarithm of all that is no cable, on one vehicle. */
    public static double age() {
        return Parameters.ASSUMED_AGE_SPREAD;
    }

    /** Of the logarithm of all cables, on one vehicle. */
    public static double length() {
        return Parameters.ASSUMED_LENGTH_SPREAD;
    }
}
