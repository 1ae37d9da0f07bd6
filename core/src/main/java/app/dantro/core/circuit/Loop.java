package app.dantro.core.circuit;

/** The loops of a vehicle: which one a complaint, a profile, a school or a side is about. */
public enum Loop {
    STARTING,
    CHARGING
}
