package app.dantro.core.charging;

import app.dantro.core.quantity.Reason;

/** What the checks of the charging side say, and what they are called. */
enum ChargingReason implements Reason.Kind {
    OUTPUT_TO_MINUS,
    OUTPUT_TO_CASE,
    SENSE,
    GROUND_OF_SENSE,
    FEED_PIN,
    FEED_PIN_LOADED,
    SENSE_PIN,
    CHARGE_LAMP,

    NOT_READ,
    READ_POSTS_BESIDE,
    ARRIVES,
    BELOW_AT_REST,
    BELOW_ALLOWED,
    DOES_NOT_ARRIVE,
    NO_LIFT,
    LIFTED,
    LAMP_UNLOADED,
    CARRIES_A_LOAD,
    RESISTANCE_IN_FEED,
    LAMP_MUST_LIGHT,
    LAMP_LIGHTS,
    PLUG_OFF,
    UNPLUGGED_HOW,
    UNPLUGGED_HOLDS,
    UNPLUGGED_SILENT,
    LAMP_DARK,
    KEY_ON_FIRST,
    PIN_SAYS,
    ARRIVED,

    FROM_TO,
    AT_CURRENT,
    OPENS_WARM,
    CLOSES_WARM,
    WITHIN_COPPER,

    STEP_TOO_SMALL,
    STEP_LOSES,
    STEP_BACKWARDS,
    SAME_AT_ONE_CURRENT,
    OTHER_AT_ONE_CURRENT,

    PILE_SUPPLY_FIRST,
    PILE_RETURN_NEXT,
    PILE_SUM_HOLDS,
    PILE_SUM_NEAR,
    PILE_SUPPLY_TAKES,
    PILE_RETURN_TAKES,

    OWN_VOLTS,
    OWN_VOLTS_AT,
    RIPPLE_LOADED,
    DELIVERS,
    NOTHING_AGAINST,
    OWN_VOLTS_MISSING,
    CURRENT_MISSING,
    RIPPLE_MISSING,

    OVERCHARGES,
    UNDERCHARGES,
    STANDS_HIGHER;

    @Override
    public String template() {
        return ChargingWords.of(this);
    }
}
