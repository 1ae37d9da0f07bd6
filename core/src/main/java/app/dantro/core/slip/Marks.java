package app.dantro.core.slip;

/** Every mark by which a reading is asked about at entry (docs/job.md, slips to catch). */
final class Marks {
    /** No rested or lightly loaded 12 V block shows more, surface charge included (docs/job.md, base voltage). */
    static final double RUNNING_FROM_VOLTS = 13.2;

    /** Below this a drop is asked for its current, at 12 V and 24 V alike (docs/job.md, limits by school). */
    static final double UNLOADED_VOLTS = 0.03;

    /** A running B+ that shows less than this was not on B+, or showed another kind of volts (docs/job.md, slips to catch). */
    static final double NEXT_TO_NOTHING_VOLTS = 1;

    /** A cold machine gives a little more than its plate says; beyond this share the clamp is asked about. */
    static final double ASSUMED_BEYOND_RATING = 1.15;

    /** Two readings that agree within this share, or this many volts, show the same. */
    static final double ASSUMED_SAME = 0.1;

    /** Meanwhile the battery has filled and takes less, in ms. */
    static final long ASSUMED_STALE_MILLIS = 10 * 60_000L;

    /** A moved decimal fits what is around it within this (docs/job.md, slips to catch). */
    static final double FITS_SIGMAS = 2.5;

    /** A sum is no better known than this share of itself. */
    static final double ASSUMED_LEAST_SHARE = 0.02;

    /** Readings add up around a loop only if one current flowed; after a repair more flows than before (docs/job.md, slips to catch). */
    static final double SAME_CURRENT_RATIO = 1.1;

    /** A piece may read this share more than the stretch around it before that is odd. */
    static final double ASSUMED_NESTED_SLACK = 0.15;

    /** Within this a reading is its meter's noise (docs/physics.md, instruments). */
    static final double NOISE_SIGMAS = 3;

    /** Another reading that holds this share of a large drop bears it out (docs/job.md, slips to catch). */
    static final double CORROBORATING_SHARE = 0.5;

    /** A typed digit this much finer than the range's own is finer, not rounded. */
    static final double ASSUMED_FINER = 0.99;

    /** What the posts of a 12 V block can show: at rest, running, and at the least (docs/job.md, slips to catch). */
    static final double HIGHEST_OPEN_CIRCUIT_VOLTS = 13.2;

    static final double HIGHEST_POST_VOLTS = 16;
    static final double LOWEST_POST_VOLTS = 5;

    /** No alternator that runs away pulls a 12 V battery higher. */
    static final double ASSUMED_HIGHEST_OVERCHARGE_VOLTS = 20;

    /** Between these a battery's posts were meant, per block (docs/job.md, slips to catch). */
    static final double LOW_BATTERY_VOLTS = 8;

    static final double HIGH_BATTERY_VOLTS = 13.5;

    /** A reading may exceed the base by its meter's error, or this. */
    static final double ASSUMED_SLACK_VOLTS = 0.1;

    private Marks() {}
}
