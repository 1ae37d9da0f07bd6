package app.dantro.core.fact;

import app.dantro.core.quantity.Reason;

/** What a drop means, and why readings do not fit together. */
enum FactReason implements Reason.Kind {
    LOST_AT_CURRENT,
    LOST_WITHOUT_CURRENT,
    BEYOND_HEALTHY,
    BEYOND_HEALTHY_ESTIMATED,
    CERTIFIED,
    NOT_THE_CAUSE,
    IMPLAUSIBLE,
    NO_CURRENT_SHOWN,
    MARGINAL,
    LOOP_NOT_CLOSED,
    FAILS_THOUGH_GOOD,
    CERTIFIED_BY_DROP,
    CERTIFIED_WHILE_CHARGING,
    DISCHARGING,
    BELOW_BASE,
    CHARGES_WELL,
    OPEN_BETWEEN,
    OPEN_ENGINE_OFF,
    SIDE_LOSES,
    LEFT_FOR_THE_MOTOR,
    FALLS_UNDER_LOAD,
    UNDER_BASE_ON_GOOD_SIDES,
    HELD,
    BOTH_CERTIFIED,
    BOTH_TURNED;

    @Override
    public String template() {
        return FactWords.of(this);
    }
}
