package app.dantro.core.fact;

/** Every mark by which drops are answered and certified (docs/job.md, answers). */
final class Marks {
    /** A part is loaded if it carries this much of what all loads on at speed would send through it (docs/job.md, test 16). */
    static final double LOADED_SHARE = 0.5;

    /** A cable that the starter loads is not certified by less than this of what its class draws: broken strands hold that too. */
    static final double ASSUMED_CERTIFIES_SHARE = 0.1;

    /** A drop cannot be larger than its battery at rest by more than this, in V. */
    static final double ASSUMED_SLACK_VOLTS = 1;

    /** Above this a 12 V block at rest carries surface charge, and says nothing of what it holds (docs/job.md, base voltage). */
    static final double NO_SURFACE_CHARGE_VOLTS = 12.85;

    /** Charged under all loads, and not too much, in V a block (docs/job.md, limits by school). */
    static final double CHARGED_POSTS_VOLTS = 13.2;

    static final double MOST_POSTS_VOLTS = 15.3;

    /** Under this a side may lose half a volt of what a usual regulator holds, in V a block (docs/everyday.md, regulated voltage). */
    static final double CLEARLY_CHARGED_VOLTS = 13.5;

    /** From here on no way to the posts can lose more than healthy ones do, whatever a usual regulator asks for, in V a block (docs/everyday.md, regulated voltage). */
    static final double AMPLY_CHARGED_VOLTS = 13.9;

    /** A smart system that is forced stands at least this much over its base, in V a block (docs/everyday.md, here it must dare). */
    static final double FORCED_VOLTS = 0.4;

    /** What charges stands above any base, one with surface charge on it too, by a meter's error between two readings, in V a block. */
    static final double OVER_ANY_BASE_VOLTS = 0.05;

    /** From loads off to all loads on, at raised speed, the posts of a healthy vehicle fall by no more, in V a block (docs/everyday.md, loads off, all loads, raised). */
    static final double MOST_FALL_VOLTS = 1.0;

    /** Both sides together, in V a block (docs/job.md, test 18). */
    static final double BOTH_SIDES_VOLTS = 0.5;

    /** The way back alone, in V a block (docs/everyday.md, return side charging). */
    static final double RETURN_VOLTS = 0.2;

    /** Under this a 12 V block at rest is flat (docs/everyday.md, base voltage). */
    static final double FLAT_VOLTS = 12.25;

    /** What one battery of a pair feeds into a dead cell of the other shows over their link as this at least, in V; and in digits of the meter (docs/physics.md, battery). */
    static final double FED_VOLTS = 0.003;

    static final double FED_DIGITS = 2;

    /** The bases of a pair, each at its own posts, that differ so much speak with a link that shows a single digit, in V. */
    static final double FED_APART_VOLTS = 0.025;

    /** The last digit that is spoken, in V. */
    static final double DIGIT_VOLTS = 0.01;

    /** What a turning starter takes from the posts at least, in V a block (docs/everyday.md, settled cranking voltage). */
    static final double TURNING_VOLTS = 0.15;

    /** What one side of an ordinary vehicle loses at most while cranking, in V a block (docs/everyday.md, supply side). */
    static final double SIDE_VOLTS = 0.6;

    /** Beyond this no side of a healthy vehicle loses while it cranks, whatever it draws, in V a block (docs/everyday.md, here it must dare). */
    static final double MOST_OF_A_SIDE_VOLTS = 1.2;

    /** A joint that has more than so many times its usual resistance is accused, and none of less than these volts: with its current, and without (docs/everyday.md, here it must dare). */
    static final double JOINT_TIMES_HEALTHY = 5;

    static final double JOINT_LEAST_VOLTS = 0.03;
    static final double JOINT_VOLTS = 0.08;

    /** What a piece of a side, or one cable of it, has of the whole at the most; without a current, in V a block. */
    static final double PIECE_SHARE = 0.8;

    static final double PIECE_VOLTS = 0.35;

    /** Healthy contacts lose so much at the most, in V (docs/everyday.md, supply side cranking). */
    static final double CONTACTS_VOLTS = 0.3;

    /** A way across which this share of the battery's volts stands is open (docs/job.md, test 9). */
    static final double OPEN_SHARE = 0.9;

    private Marks() {}
}
