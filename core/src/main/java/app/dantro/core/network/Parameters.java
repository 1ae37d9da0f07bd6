package app.dantro.core.network;

import app.dantro.core.circuit.Condition;

/** What the model assumes of devices and of healthy vehicles, SI units (docs/physics.md, parameters). */
final class Parameters {
    /** Ripple of a healthy machine, in V AC, and its share without current. */
    static final double ASSUMED_RIPPLE_VOLTS = 0.04;

    static final double ASSUMED_RIPPLE_OFFSET = 0.3;

    /** What regulator, diodes and the meter pass with the engine off, at the volts where its diodes would give way: 2.5 mA at 12 V, too little to show in any other figure. */
    static final double ASSUMED_LEAK_AMPS = 0.0048;

    /** Open-circuit volts of a block by its charge and temperature (docs/physics.md, battery). */
    static final double ASSUMED_EMPTY_VOLTS = 11.80;

    static final double ASSUMED_RISE_VOLTS = 0.92;
    static final double ASSUMED_VOLTS_PER_KELVIN = 0.0012;
    static final double REFERENCE_CELSIUS = 20;

    /** Its resistance by charge and cold (docs/physics.md, battery). */
    static final double ASSUMED_EMPTY_OHMS_RISE = 1.2;

    static final double ASSUMED_COLD_OHMS_PER_KELVIN = 0.0095;
    static final double COLD_BELOW_CELSIUS = 21;

    /** Its resistance to charging, of a block of so many ampere-hours (docs/physics.md, battery). */
    static final double ASSUMED_EMPTY_CHARGE_OHMS = 0.035;

    static final double ASSUMED_FULL_CHARGE_OHMS = 0.20;
    static final double CHARGE_OHMS_AMP_HOURS = 60;

    /** Oil thickens in the cold, and setpoints follow the heat outside of these (docs/physics.md, devices). */
    static final double ASSUMED_DRAG_HALVING_KELVIN = 38;

    static final double DRAG_CELSIUS = 20;
    static final double SETPOINT_LOW_CELSIUS = 20;
    static final double SETPOINT_HIGH_CELSIUS = 25;

    /** Surface charge of a block after a run, in V. */
    static final double ASSUMED_SURFACE_VOLTS = 0.25;

    /** Standard deviations of what differs from one healthy vehicle to the next (docs/physics.md, parameters). */
    static final double ASSUMED_CHARGE_SPREAD = 0.08;

    static final double ASSUMED_RESIDUAL_VOLTS = 0.060;
    static final double ASSUMED_CHARGE_OHMS_SPREAD = 0.70;
    static final double ASSUMED_MOTOR_CONSTANT_SPREAD = 0.06;
    static final double ASSUMED_MOTOR_OHMS_SPREAD = 0.15;
    static final double ASSUMED_DRAG_SPREAD = 0.19;
    static final double ASSUMED_LIMIT_SPREAD = 0.22;
    static final double ASSUMED_SETPOINT_VOLTS = 0.40;
    static final double ASSUMED_LOAD_SPREAD = 0.50;

    /** Under lights a battery sinks for minutes, and it recovers as slowly; one that just cranked has not come back. */
    static final double ASSUMED_SAG_UNDER_LOAD_VOLTS = 0.25;

    static final double ASSUMED_SAG_KEY_ON_VOLTS = 0.10;
    static final double ASSUMED_SAG_CRANKING_VOLTS = 0.06;
    static final double ASSUMED_SAG_AFTERWARDS_VOLTS = 0.20;

    /** All joints of a vehicle together. */
    static final double ASSUMED_AGE_SPREAD = 0.20;

    /** All its cables together. */
    static final double ASSUMED_LENGTH_SPREAD = 0.17;

    /** Uncertainty of the temperature that a technician states, in K. */
    static final double ASSUMED_KELVIN = 5;

    /** A dead cell leaves the block this much more resistance (docs/physics.md, faults). */
    static final double ASSUMED_DEAD_CELL_OHMS_FACTOR = 1.2;

    /** A lost phase makes the ripple this much larger (docs/physics.md, faults). */
    static final double ASSUMED_LOST_PHASE_RIPPLE_FACTOR = 14;

    private Parameters() {}

    /** Standard deviation of what a block's open-circuit volts lie off in a condition, beside what holds in all, in V. */
    static double sagVolts(Condition condition) {
        return switch (condition) {
            case ENGINE_OFF_LOAD, PILE_ALTERNATOR, PILE_STARTER -> ASSUMED_SAG_UNDER_LOAD_VOLTS;
            case KEY_ON -> ASSUMED_SAG_KEY_ON_VOLTS;
            case CRANKING, START_ATTEMPT -> ASSUMED_SAG_CRANKING_VOLTS;
            case AFTER_SWITCH_OFF -> ASSUMED_SAG_AFTERWARDS_VOLTS;
            default -> 0;
        };
    }
}
