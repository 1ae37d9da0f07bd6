package app.dantro.core.planning;

import app.dantro.core.quantity.Reason;

/** What a measurement is called, why it is proposed, and what its results would mean. */
public enum PlanReason implements Reason.Kind {
    BASE_AT_POSTS,
    BATTERY_VOLTAGE,
    ACROSS,
    WHOLE,
    POINT_TO_POINT,
    FROM_TO,

    CALLED_ONLY_AFTER,
    CARRIES_ALONE,
    DOES_NOT_FIT,
    TELLS_MOST,
    TELLS_MOST_OF,
    ONE_LEAD_STAYS,
    OWN_CHOICE,
    AGAINST_THE_FLOW,
    MINUS_SIGN,
    NO_CURRENT,
    READ_A_SECOND_TIME,
    ONLY_SUSPECT_LEFT,
    HALVES,

    OVER,
    UNDER,
    BETWEEN,
    UP_TO,
    WHATEVER,
    NO_FAULT_THERE,
    ONE_OF,
    IT_IS,
    POINTS_TO,
    SPEAKS_AGAINST,
    AS_HEALTHY_SHOW,
    GOOD_OTHERWISE,
    GOOD_AT,
    BETWEEN_THEM,
    AS_HEALTHY,
    TAKES_MORE,
    GOOD_READ_LONGER;

    @Override
    public String template() {
        return PlanWords.of(this);
    }
}
