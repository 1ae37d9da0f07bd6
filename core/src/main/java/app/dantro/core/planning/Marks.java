package app.dantro.core.planning;

/** Every mark of the planning; found on simulated vehicles (docs/decisions/0013). */
final class Marks {
    /** How many readings stand by after the next one (docs/decisions/0013). */
    static final int STANDBY = 4;

    /** A suspect this likely is worth proving at once (docs/decisions/0013). */
    static final double PROVE_FROM = 0.80;

    /** Parts that cannot be told apart are looked at from this probability of all of them, each from that of its own. */
    static final double CERTAIN_TOGETHER = 0.9;

    static final double WORTH_OPENING = 0.05;

    /** From so many readings on the next has to tell twice as much after every few more: whoever measures loses patience. */
    static final int PATIENT_READINGS = 14;

    static final double PATIENCE_READINGS = 4;

    /** The same where no part is suspect: a search that speaks against nothing wears out sooner. */
    static final int PATIENT_IF_QUIET = 9;

    /** Below this nothing more is to be learned of a vehicle that is probably healthy (docs/decisions/0013). */
    static final double LEAST_BITS = 0.10;

    /** Before giving up without a verdict, even a small step is worth a reading (docs/decisions/0013). */
    static final double LEAST_BITS_UNDECIDED = 0.04;

    /** The same reading is asked for so often at most (docs/decisions/0013). */
    static final int MOST_REPEATS = 3;

    /** The likelier a healthy vehicle, the more a further reading has to tell (docs/decisions/0013). */
    static final double BITS_IF_HEALTHY = 0.14;

    /** From here a vehicle is probably healthy (docs/decisions/0013). */
    static final double HEALTHY_ENOUGH = 0.60;

    /** A part this likely after a result is named by it; up to three are. */
    static final double ASSUMED_NAMED = 0.12;

    /** More names than this nobody reads under the bonnet (docs/decisions/0013). */
    static final int MOST_NAMES = 3;

    /** A part less likely than this is in question no more. */
    static final double ASSUMED_IN_QUESTION = 0.02;

    /** Only from here a result is said to be a fault; under it, to point there (docs/everyday.md, sentences a good technician would accept). */
    static final double IT_IS = 0.9;

    /** From here a result means mostly that. */
    static final double ASSUMED_MOSTLY = 0.5;

    /** Results closer than this tell nothing apart. */
    static final double ASSUMED_SAME_VOLTS = 1e-3;

    /** A good part's share of the way to a faulty one's reading that still counts as good. */
    static final double ASSUMED_MARGIN = 0.1;

    /** How many readings stand by while the drops alone speak (docs/decisions/0005). */
    static final int STANDBY_BY_RULES = 3;

    /** Effort of a reading and of the crank it needs, in units of the easiest lead (docs/decisions/0005). */
    static final double READING_COST = 1;

    static final double CRANK_COST = 3;

    /** A reading that loses half of what the failing stretch loses too much has the fault inside. */
    static final double ASSUMED_HALF = 0.5;

    /** The quick figure may flatter one condition: the best of each are looked at (docs/decisions/0013). */
    static final int EXACT_PER_CONDITION = 4;

    /** A reading that proves what is suspected is worth this much more (docs/decisions/0013). */
    static final double PROOF_BITS = 0.7;

    /** From here a reading is doubted, and read again first (docs/decisions/0013). */
    static final double DOUBTED = 0.15;

    /** Effort of putting the leads where nobody would look for the fault; a bad start is looked for in the big current's way (docs/decisions/0013). */
    static final double UNFAMILIAR = 1.0;

    static final double UNFAMILIAR_FOR_A_START = 2.5;

    /** A way is not read in millivolts to save a crank, or the start of the engine (docs/job.md, order of work). */
    static final double IDLE_WAY = 5;

    /** Both orders are followed for the suspects that hold so much of the weight (docs/decisions/0033). */
    static final double SHARE_FOLLOWED = 0.9;

    /** For no more than so many: the answer is due within 30 ms. */
    static final int MOST_FOLLOWED = 24;

    /** Leaving the trade's order has to save so many readings on average, or so many cranks. */
    static final double READINGS_TO_LEAVE = 2;

    static final double CRANKS_TO_LEAVE = 1;

    /** What parts less of the names for its effort is not worth a reading. */
    static final double LEAST_PARTED = 1e-3;

    /** From how many readings the next is chosen. */
    static final int CHOICES = 24;

    private Marks() {}
}
