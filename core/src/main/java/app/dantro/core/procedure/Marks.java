package app.dantro.core.procedure;

/** Every mark of the order of work. */
final class Marks {
    /** By all readings the battery is charged apart from here (docs/decisions/0010). */
    static final double LIKELIER_THAN_NOT = 0.5;

    /** What a good block, and a strong one, holds while cranking, in V, for the results to expect. */
    static final double ASSUMED_GOOD_CRANKING_VOLTS = 11.4;

    static final double ASSUMED_STRONG_VOLTS = 11;

    /** A path certified at less than this share of today's current is read again after a repair. */
    static final double ASSUMED_SAME_CURRENT_SHARE = 0.95;

    /** With less than this for a healthy vehicle a further fault is looked for before the case may close. */
    static final double ASSUMED_HEALTHY_ENOUGH = 0.5;

    /** Under this a 12 V block at rest is flat, which is no fault of its own (docs/job.md, base voltage). */
    static final double FLAT_VOLTS = 12.25;

    /** Less at the posts of a set in series is no charge: it is parted somewhere, in V a block. */
    static final double ASSUMED_PARTED_VOLTS = 6;

    /** So often one reading is asked for; what it leaves open then it leaves open (docs/job.md, endings). */
    static final int MOST_TIMES = 2;

    /** Above this an engine is stopped, not revved, in V a block (docs/job.md, cautions). */
    static final double STOP_VOLTS = 16;

    static final double LITHIUM_STOP_VOLTS = 15;

    /** From here on an engine whose volts still rise is brought back to idle, in V a block (docs/job.md, cautions). */
    static final double RISING_VOLTS = 15.5;

    static final double ASSUMED_RISE_VOLTS = 0.2;

    /** So cold and so low a lead battery may be frozen (docs/job.md, cautions). */
    static final double FREEZING_CELSIUS = -7;

    static final double FREEZING_VOLTS = 11.9;

    /** From here B+ to case and the posts stand so far apart that the sides are split; V a block (docs/everyday.md, loaded). */
    static final double STAND_APART_VOLTS = 0.2;

    private Marks() {}
}
