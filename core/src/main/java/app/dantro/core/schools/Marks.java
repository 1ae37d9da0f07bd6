package app.dantro.core.schools;

/** Every mark of the schools' rows that is no school's limit. */
final class Marks {
    /** Currents further apart are not one test. */
    static final double ASSUMED_SAME_CURRENT_SHARE = 0.1;

    /** One mark for every temperature, of a 12 V block (docs/job.md, test 3). */
    static final double CRANKING_VOLTS = 9.6;

    private Marks() {}
}
