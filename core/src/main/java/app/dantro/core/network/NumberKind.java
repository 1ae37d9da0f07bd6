package app.dantro.core.network;

/**
 * What a number that differs between vehicles is, and how much of its spread lasts from one crank or hold to the next:
 * joints stay, loads come and go (docs/everyday.md, a moment has its own currents).
 */
public enum NumberKind {
    WIRING(1),
    /** State of charge: it sinks under lights and rises with the engine running. */
    CHARGE(0.7),
    /** Open-circuit volts that charge does not explain: surface charge. */
    RESIDUAL(0.6),
    /** How far it has sunk under lights, or has not yet come back. */
    SAG(0.3),
    BATTERY_OHMS(0.95),
    /** It halves within minutes of a start. */
    CHARGE_OHMS(0.3),
    MOTOR_CONSTANT(1),
    MOTOR_OHMS(1),
    /** Every crank meets the engine elsewhere. */
    DRAG(0.98),
    LIMIT(0.9),
    /** It falls as the machine warms; a smart one asks for something else every minute. */
    SETPOINT(0.5),
    LOAD(0.3),
    /** Joints of one vehicle have seen the same winters. */
    AGE(1),
    /** Its cables are as long and as thin as its maker made them all. */
    LENGTH(1),
    TEMPERATURE(1),
    SEVERITY(1);

    private final double assumedLasting;

    NumberKind(double assumedLasting) {
        this.assumedLasting = assumedLasting;
    }

    /** True if it moves resistances of wiring: what that does to a drop goes with the current. */
    public boolean ofWiring() {
        return this == WIRING || this == AGE || this == LENGTH || this == SEVERITY;
    }

    /** Share of the variance that two moments have in common. */
    public double lasting() {
        return assumedLasting;
    }
}
