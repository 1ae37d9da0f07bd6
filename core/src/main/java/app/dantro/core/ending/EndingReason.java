package app.dantro.core.ending;

import app.dantro.core.quantity.Reason;

/** What an ending says. */
enum EndingReason implements Reason.Kind {
    STARTING_GOOD,
    CHARGING_GOOD,
    BOTH_GOOD,
    NOT_REPRODUCED,
    LAMP_ON_GOOD_CHARGING,
    DIES_ON_GOOD_START,
    SLOW_ON_GOOD_SIDES,
    CHARGED,
    CLEANED,
    GOOD_SINCE_CLEANED,
    WHICH_WAS_CLEANED,

    USUAL_SPEED,
    TURNED_SLOWLY,
    REGULATES,
    STANDS,
    FLAT_ONCE,
    SLEEPS,

    ONE_DOES_NOT_FIT,
    CURRENT_UNKNOWN,
    CHARGING_UNREAD,
    CHARGING_IN_PART,
    STARTING_UNREAD,
    RIPPLE_UNREAD,
    DRAIN_UNREAD,
    WHY_FLAT,
    LAMP_CIRCUIT,
    DIES_AFTER,
    WHAT_IS_LEFT,
    NOT_VERIFIED,

    TELL_GOOD,
    TELL_CLEANED,
    TELL_NOT_REPRODUCED,
    TELL_LAMP,
    TELL_DIES,
    TELL_FLAT,
    TELL_SLOW,
    TELL_VERIFIED,
    TELL_DECLINED,
    TELL_GOES_ON,
    TELL_UNVERIFIED;

    @Override
    public String template() {
        return EndingWords.of(this);
    }
}
