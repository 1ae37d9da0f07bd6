package app.dantro.core.procedure;

/** Which loop a complaint is about. */
public enum Concern {
    STARTING,
    CHARGING
}
