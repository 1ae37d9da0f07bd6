package app.dantro.core.figure;

/** Every mark by which figures beside the volts are judged, in SI units; volts are those of a 12 V block. */
final class Marks {
    /** Of the rating, when that is asked for (docs/job.md, test 19). */
    static final double LEAST_SHARE_OF_RATING = 0.9;

    /** A current this near the plate's may be the plate's. */
    static final double ASSUMED_EXACTLY = 0.01;

    /** Charged enough for a test, and too flat for any (docs/job.md, battery). */
    static final double ENOUGH_CHARGE = 0.75;

    static final double LEAST_CHARGE = 0.2;

    /** Polarization adds to the resistance within a minute: a light load can only clear with room to spare. */
    static final double ASSUMED_POLARIZED = 2;

    /** Two minutes after the load is off (docs/job.md, test 2). */
    static final double RECOVERED_VOLTS = 12.2;

    /** A branch that carries less than this share of a healthy one's is open. */
    static final double ASSUMED_NEXT_TO_NOTHING = 0.15;

    /** Within this of a healthy one's no clamp tells them apart, in A. */
    static final double ASSUMED_LEAST_BRANCH_AMPS = 2;

    /** Two junctions in series, one alone, and none (docs/job.md, test 21). */
    static final double TWO_JUNCTIONS_LOW_VOLTS = 0.750;

    static final double TWO_JUNCTIONS_HIGH_VOLTS = 1.150;
    static final double ONE_JUNCTION_LOW_VOLTS = 0.350;
    static final double SHORT_VOLTS = 0.100;

    /** Of the system's volts at the field: from here it is asked all the time, below the other not at all. */
    static final double ASSUMED_ASKED_FULLY = 0.9;

    static final double ASSUMED_NOT_ASKED = 0.1;

    /** What a running system has at least (docs/job.md, test 15). */
    static final double CHARGING_VOLTS = 13;

    /** The least and the most stand further apart than this (docs/job.md, test 14). */
    static final double UNSTEADY_VOLTS = 0.2;

    /** From phase to phase (docs/job.md, test 25). */
    static final double EQUAL_SHARE = 0.1;

    /** A lead to the frame shows nothing; a meter's hum stays below this. */
    static final double ASSUMED_FRAME_VOLTS = 1;

    /** Below this a machine's ripple is healthy, above the other it fails, in V AC (docs/job.md, test 20). */
    static final double HEALTHY_RIPPLE_VOLTS = 0.1;

    static final double MOST_RIPPLE_VOLTS = 0.5;

    /** Above this no healthy machine lies, twice what they show, in V AC (docs/everyday.md, ripple). */
    static final double BEYOND_RIPPLE_VOLTS = 0.25;

    /** Asleep (docs/job.md, test 24). */
    static final double USUAL_STANDING_DAYS = 21;

    static final double LEAST_STANDING_DAYS = 14;

    /** A battery whose label nobody read may be this much larger than its class's usual one (docs/everyday.md, standing current). */
    static final double ASSUMED_LARGER_BATTERY = 1.3;

    /** No vehicle draws less; it keeps the days finite. */
    static final double ASSUMED_LEAST_STANDING_AMPS = 0.0001;

    /** From crank to crank the posts differ by about this share, as a standard deviation. */
    static final double ASSUMED_CRANK_TO_CRANK = 0.006;

    /** Diameters this near are one pulley, measured with a rule. */
    static final double ASSUMED_SAME_PULLEY = 0.02;

    /** A unit that lasted less was worn out by something, in km. */
    static final double ASSUMED_SHORT_LIFE_KM = 30_000;

    /** Above base, regulated (docs/job.md, test 14). */
    static final double LEAST_RISE_VOLTS = 0.5;

    static final double MOST_RISE_VOLTS = 2.0;

    /** More than the usual rise is looked at again only beyond this, whatever the system. */
    static final double ASSUMED_RISE_SLACK_VOLTS = 0.5;

    /** A regulator holds within this while the speed changes (docs/job.md, test 14). */
    static final double CLIMB_VOLTS = 0.3;

    /** Regulated volts, by a regulator of its own and by a computer (docs/job.md, limits by school). */
    static final double CLASSIC_MOST_VOLTS = 15.0;

    static final double SMART_MOST_VOLTS = 16.0;

    /** Within this of base nothing was left of the charge. */
    static final double ASSUMED_LEFT_VOLTS = 0.1;

    /** More than this is no drop of a wire, in V a block. */
    static final double ASSUMED_LARGEST_DROP_VOLTS = 6;

    /** The last digit of a drop that is carried over to another current, in V (docs/physics.md, instruments). */
    static final double CARRIED_DIGIT_VOLTS = 0.01;

    private Marks() {}
}
