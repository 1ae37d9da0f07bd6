package app.dantro.core.fact;

/** Every mark by which drops are answered and certified (docs/job.md, answers). */
final class Marks {
    /** A part is loaded if it carries this much of what all loads on at speed would send through it (docs/job.md, test 16). */
    static final double LOADED_SHARE = 0.5;

    /** A drop cannot be larger than its battery at rest by more than this, in V. */
    static final double ASSUMED_SLACK_VOLTS = 1;

    private Marks() {}
}
