package app.dantro.core.ending;

/** Every mark of the endings. */
final class Marks {
    /** Under this a 12 V block at rest is flat (docs/job.md, base voltage). */
    static final double FLAT_VOLTS = 12.25;

    /** Loads off, no healthy regulator of a rested lead battery shows more, in V a block (docs/everyday.md). */
    static final double MOST_REGULATED_VOLTS = 15.6;

    /** The same where the regulator is said to hold one voltage (docs/everyday.md, ranges of healthy vehicles). */
    static final double MOST_CLASSIC_VOLTS = 15.2;

    /** Up to this a 12 V block at rest is low: it is measured all the same, and charged afterwards (docs/everyday.md, base voltage). */
    static final double LOW_VOLTS = 12.45;

    /** The same of a lithium block (docs/everyday.md, base voltage). */
    static final double LITHIUM_LOW_VOLTS = 12.9;

    private Marks() {}
}
