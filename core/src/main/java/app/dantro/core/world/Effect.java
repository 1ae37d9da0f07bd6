package app.dantro.core.world;

/** What happens in real vehicles and in no steady state of one circuit. */
enum Effect {
    /** The second crank finds less, an hour later there is more. */
    RECOVERING_BATTERY,
    /** A joint's resistance rises with the watts in it. */
    HEATING_JOINT,
    /** The motor's constant follows its current. */
    SATURATED_MOTOR
}
