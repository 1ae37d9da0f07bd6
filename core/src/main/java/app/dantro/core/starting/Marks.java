package app.dantro.core.starting;

/** Every mark of the starting rules. */
final class Marks {
    /** With less than this of the class's current a crank tells nothing of the battery. */
    static final double ASSUMED_LEAST_SHARE_OF_CLASS_CURRENT = 0.5;

    /** Two blocks in series that rest further apart are not of one charge. */
    static final double ASSUMED_MATCHED_VOLTS = 0.2;

    /** A dead cell takes {@link app.dantro.core.network.Fault.DeadCell#VOLTS}; resting, the others make up for some of it. */
    static final double ASSUMED_CELL_LACKING_VOLTS = 1.8;

    /** In parallel a healthy battery carries a fair share; below this part of it it idles. */
    static final double ASSUMED_IDLE_SHARE = 0.35;

    /** While the starter pulls, an idle battery's own posts stay this much above the others'. */
    static final double ASSUMED_IDLE_VOLTS = 0.3;

    /** Two readings name the same fault if the direct one takes at least this of what the longer one loses too much (docs/job.md, when may a component be called faulty). */
    static final double AGREEING_SHARE = 0.5;

    /** A battery's resistance that no healthy one of a sort has, in Ω (docs/everyday.md, here it must dare). */
    static final double CAR_OHMS = 18e-3;

    static final double MOTORCYCLE_OHMS = 60e-3;
    static final double TRUCK_BLOCK_OHMS = 9e-3;

    /** It is 1.4 times as much at the one and 1.8 times at the other (docs/everyday.md, battery's own resistance). */
    static final double FROST_CELSIUS = -10;

    static final double HARD_FROST_CELSIUS = -18;
    static final double MORE_IN_FROST = 0.4;
    static final double WARM_CELSIUS = 20;

    private Marks() {}
}
