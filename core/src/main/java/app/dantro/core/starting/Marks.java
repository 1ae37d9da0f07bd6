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

    private Marks() {}
}
