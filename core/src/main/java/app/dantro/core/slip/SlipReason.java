package app.dantro.core.slip;

import app.dantro.core.quantity.Reason;

/** What is odd about a reading, and what may be answered. */
enum SlipReason implements Reason.Kind {
    TOO_FINE,
    BEYOND_RANGE,
    WHICH_WAS_IT,
    OTHER_RANGE,
    BETTER_RANGE,
    FINER_THAN_SHOWN,
    WHOLE_VOLTS,
    TOO_FAR_BELOW,
    ALTERNATING,
    AMPS_OUT_OF_PLACE,
    AMPS_BESIDE,
    AMPS_ARE_RIGHT,
    MEANT_AMPS,
    ABOVE_BATTERY,
    OVERCHARGE,
    NO_BATTERY,
    TENTH_OF_SOURCE,
    AGAINST_THE_FLOW,
    SOURCE_TURNED,
    SIDE_LOSES_MUCH,
    DOES_NOT_ADD_UP,
    MORE_THAN_AROUND,
    LESS_THAN_INSIDE,
    LESS_THAN_COPPER,
    WOULD_BE_A_FAULT,
    NO_CURRENT_KNOWN,
    UNLOADED_SIDE,
    STILL_LIFTED,
    STILL_UNDER_PILE,
    STILL_DISABLED,
    BACK_ON,
    NOT_SO_READ,
    AS_AT_REST,
    IT_STOOD,
    IT_RAN_SO,
    MORE_THAN_BETWEEN,
    MUCH_BESIDE,
    RUNNING_VOLTAGE,
    NOTHING_ACROSS_LIVE,
    BEYOND_RATING,
    WHAT,
    SHOWED,
    SWAPPED,
    AS_SHOWN,
    NOT_SURE,
    STARTER_TURNED,
    NOTHING_TURNED,
    KEY_HELD,
    POSTS_STOOD,
    TURNED_BY_ANOTHER,
    TURNED_SO,
    KEY_NOT_HELD,
    WITH_THE_CLAMP,
    LOADS_ARE_ON,
    IT_RAN,
    ENGINE_WAS_OFF,
    ON_BRIGHT_METAL;

    @Override
    public String template() {
        return SlipWords.of(this);
    }
}
