package app.dantro.core.standing;

import app.dantro.core.quantity.Reason;

/** What a chain of proof asks for. */
enum Requirement implements Reason.Kind {
    ACROSS,
    TRIGGER_VOLTS,
    MOTOR_VOLTS,
    BATTERY_CRANKING,
    STANDING_CURRENT,
    UNKNOWN_READING,
    BASE,
    ITS_CRANKING_VOLTS,
    CRANKING_CURRENT,
    SHARING,
    OWN_VOLTS,
    UNLOADED_VOLTS,
    CHARGEABLE_BATTERY,
    WAY_TO_BATTERY,
    WAY_BACK,
    SENSED,
    SENSED_GROUND,

    ENGINE_FREE,
    TURNS_BADLY,
    CELL_STILL_LOW,
    WHICH_CONSUMER,
    PHASES,
    BELT,
    PLUG,
    UNPLUGGED,
    FIELD;

    @Override
    public String template() {
        return StandingWords.of(this);
    }
}
