package app.dantro.core.inference;

import app.dantro.core.circuit.Part;

/**
 * How likely each kind of fault is before anything is read, with the reason. All of it is judgement until a shop's own
 * verified repairs replace it (docs/decisions/0010).
 */
final class Priors {
    /** Raised with every change of the table. */
    static final int VERSION = 2;

    /** Of all that are brought in; a complaint, or its lack, then says which way (docs/everyday.md, priors). */
    static final double ASSUMED_HEALTHY = 0.50;
    /** Two faults at once: old grounds come in company. */
    static final double ASSUMED_PAIR = 0.05;

    static final double ASSUMED_SINGLE = 1 - ASSUMED_HEALTHY - ASSUMED_PAIR;
    /** Most faults in these circuits are wiring (docs/job.md, the idea). */
    static final double ASSUMED_WIRING = 0.65;
    /** Batteries wear out first, then alternators, then starters; a drain is rare among these complaints. */
    static final double ASSUMED_BATTERY = 0.34;

    static final double ASSUMED_ALTERNATOR = 0.30;
    static final double ASSUMED_STARTER = 0.30;
    static final double ASSUMED_DRAIN = 0.06;
    /** After a repair what is left is usually good. */
    static final double ASSUMED_HEALTHY_AFTER_REPAIR = 0.70;

    /** With next to no current a small drop proves little in the shop: planning widens it by this. */
    static final double ASSUMED_UNLOADED_VOLTS = 0.03;

    static final double ASSUMED_LIGHTLY_LOADED_VOLTS = 0.003;

    private Priors() {}

    /** Relative weight of a wiring part: joints and straps go before cables, yet no part is far from the others. */
    static double weight(Part part) {
        return Math.sqrt(part.kind().assumedFaultWeight());
    }
}
