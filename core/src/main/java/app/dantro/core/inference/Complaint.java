package app.dantro.core.inference;

import app.dantro.core.circuit.Loop;

/** What the vehicle was brought in for; it costs no reading and points to a side (docs/job.md, before measuring). */
public enum Complaint {
    /** Nobody said. */
    UNKNOWN,
    /** It cranks slowly, clicks, or does nothing. */
    STARTING,
    /** Lamp on, lights dim or too bright, battery flat or boiling. */
    CHARGING,
    /** Nothing was noticed: a check. */
    NONE;

    /** The complaint that is about a loop. */
    public static Complaint about(Loop loop) {
        return switch (loop) {
            case STARTING -> STARTING;
            case CHARGING -> CHARGING;
        };
    }
}
