package app.dantro.core.schools;

import app.dantro.core.quantity.Reason;

/** What a row is called, what a school's limit is, and why schools part. */
public enum SchoolReason implements Reason.Kind {
    BASE_VOLTAGE,
    CRANKING_VOLTAGE,
    LOWEST_CRANKING,
    IDLE_VOLTAGE,
    IDLE_LOADED_VOLTAGE,
    REGULATED_VOLTAGE,
    LOADED_VOLTAGE,
    CRANKING_SIDE,
    CRANKING_DROP,
    PILE_SIDE,
    PILE_DROP,
    PILE_BOTH,
    CHARGING_SUPPLY,
    CHARGING_RETURN,
    CHARGING_BOTH,

    AT_LEAST,
    AT_LEAST_SETTLED,
    BETWEEN,
    AT_MOST,
    NONE_FOR_THIS,
    WAS_IT_LOADED,

    THEY_PART,
    MARKS_APART,
    DISCHARGING,
    FLOODED_FOR_CALCIUM,
    COLD_LOWERS,
    LOWEST_MAY_BE_FIRST,
    MEANT_FOR_HEAVY,
    SIDES_PASS_SUM_FAILS,
    DIFFERENT_CURRENTS,
    CARRIED_OVER,
    CURRENT_UNKNOWN,

    OVER_THE_POSTS,
    OF_ITS_RATING,
    BY_CLAMP,
    METER_ON_AC;

    @Override
    public String template() {
        return SchoolWords.of(this);
    }
}
