package app.dantro.core.slip;

/** Every mark by which a reading is asked about at entry (docs/job.md, slips to catch). */
final class Marks {
    /** No rested or lightly loaded 12 V block shows more, surface charge included (docs/job.md, base voltage). */
    static final double RUNNING_FROM_VOLTS = 13.2;

    static final double LITHIUM_RUNNING_FROM_VOLTS = 13.6;

    /** Below this a whole side is asked for its current: a healthy return side shows ten times as much (docs/everyday.md, return side charging). */
    static final double UNLOADED_VOLTS = 0.002;

    /** A running B+ that shows less than this was not on B+, or showed another kind of volts (docs/job.md, slips to catch). */
    static final double NEXT_TO_NOTHING_VOLTS = 1;

    /** A cold machine gives a little more than its plate says; beyond this share the clamp is asked about. */
    static final double ASSUMED_BEYOND_RATING = 1.15;

    /** A tenth of the source's volts, as it stands where nothing flows, is one within this share. */
    static final double ASSUMED_SAME_SOURCE = 0.015;

    /** Shares of its base that a battery holds while the starter is called for behind an open way, with loads or the key on, and under a pile (docs/everyday.md, key on and engine-off loads). */
    static final double ASSUMED_LEFT_WHEN_CALLED = 0.85;

    static final double ASSUMED_LEFT_UNDER_LOADS = 0.88;
    static final double ASSUMED_LEFT_KEY_ON = 0.95;

    static final double ASSUMED_LEFT_UNDER_PILE = 0.75;

    /** Two readings that agree within this share, or this many volts, show the same. */
    static final double ASSUMED_SAME = 0.1;

    /** Vehicles of a class carry machines up to this much larger than its usual one. */
    static final double ASSUMED_LARGEST_OF_CLASS = 1.8;

    /** The posts of a standing engine read again show the same within this; a charged one stood this much higher, in V a block. */
    static final double ASSUMED_SAME_POSTS_VOLTS = 0.02;

    static final double ASSUMED_CHARGED_BY_VOLTS = 0.5;

    /** A drop of this is one, and no offset of the meter. */
    static final double ASSUMED_CLEAR_DROP_VOLTS = 0.05;

    /** Posts of a block that stand so high do not look like a side that loses what is asked about; what a usual one loses; and the least of copper a third of which stands clear of an offset (docs/everyday.md, supply and return side charging). */
    static final double HIGH_ALL_THE_SAME_VOLTS = 13.7;

    static final double ASSUMED_MUCH_SUPPLY_VOLTS = 0.4;
    static final double ASSUMED_MUCH_RETURN_VOLTS = 0.2;
    static final double ASSUMED_LEAST_SIDE_VOLTS = 0.008;
    static final double ASSUMED_CLEAR_COPPER_VOLTS = 0.03;

    /** A drop of a running engine is looked at from here on; a healthy way loses no more than that, in V. */
    static final double ASSUMED_LARGE_DROP_VOLTS = 0.4;

    static final double ASSUMED_HEALTHY_DROP_VOLTS = 0.5;

    /** No way of a pile's is left with so much by anybody who watches it, in V a block: the cable smokes. */
    static final double ASSUMED_MUCH_UNDER_PILE_VOLTS = 2;

    /** A moved decimal fits what is around it within this (docs/job.md, slips to catch). */
    static final double FITS_SIGMAS = 2.5;

    /** A sum is no better known than this share of itself. */
    static final double ASSUMED_LEAST_SHARE = 0.02;

    /** Readings add up around a loop only if one current flowed; after a repair more flows than before (docs/job.md, slips to catch). */
    static final double SAME_CURRENT_RATIO = 1.1;

    /** A piece may read this share more than the stretch around it before that is odd. */
    static final double ASSUMED_NESTED_SLACK = 0.15;

    /** The same where nobody measured both currents: another crank, a charged battery, a warmer engine. */
    static final double ASSUMED_SLACK_AT_ANY_CURRENT = 0.6;

    /** Within this a reading is its meter's noise (docs/physics.md, instruments). */
    static final double NOISE_SIGMAS = 3;

    /** A drop this little beyond a healthy one's most is no slip's size; one of this share of the source is an open way's. */
    static final double ASSUMED_BEYOND_HEALTHY = 1.2;

    static final double ASSUMED_OPEN_SHARE = 0.7;

    /** Another reading that holds this share of a large drop bears it out (docs/job.md, slips to catch). */
    static final double CORROBORATING_SHARE = 0.5;

    /** Most healthy drops lie within this of the class's usual one, either way. */
    static final double ASSUMED_USUAL_FACTOR = 1.6;

    /** A typed digit this much finer than the range's own is finer, not rounded. */
    static final double ASSUMED_FINER = 0.99;

    /** No meter that is carried to a vehicle shows less than this in volts (docs/physics.md, instruments). */
    static final double FINEST_DIGIT_VOLTS = 1e-4;

    /** The finest range of a meter reaches this far (docs/physics.md, instruments). */
    static final double FINEST_RANGE_VOLTS = 0.2;

    /** Moves of less than this are those of a unit's prefix, or of two places. */
    static final double ONE_PLACE = 0.05;

    static final double TENTH = 0.1;

    /** A running source of a 12 V block, however it charges, lies between these (docs/everyday.md, regulated voltage). */
    static final double LEAST_RUNNING_VOLTS = 6;

    static final double MEANT_LEAST_RUNNING_VOLTS = 11;

    static final double MEANT_MOST_RUNNING_VOLTS = 16;

    /** B+ of a 12 V block stands no higher unless it is commanded, or overcharges (docs/everyday.md, where it must dare). */
    static final double HIGHEST_OUTPUT_VOLTS = 15.3;

    /** One that holds another point's volts drives its own this high where the way there is open: its over-voltage diodes give way at 24 V and hold some more (docs/physics.md, devices). */
    static final double MOST_DRIVEN_VOLTS = 27;

    /** A meter on AC without a capacitor shows so many times the DC volts (docs/everyday.md, ripple). */
    static final double ALTERNATING_FACTOR = 2.2;

    static final double ALTERNATING_SLACK = 0.08;

    /** Amps that differ by a clamp's factor do so within this, as a logarithm; small ones taper by as much. */
    static final double ASSUMED_FACTOR_SLACK = 0.25;

    static final double ASSUMED_LEAST_AMPS = 3;

    /** Within this a running engine's current has not tapered to a tenth. */
    static final long ASSUMED_SAME_HOLD_MILLIS = 90_000;

    /** Posts that fell by this a block while cranking tell the battery's resistance; it lies within this of the class's. */
    static final double ASSUMED_FELL_VOLTS = 0.4;

    /** The same where nothing turned: what the coils draw lets a battery's surface charge fall as far. */
    static final double ASSUMED_FELL_STANDING_VOLTS = 1.0;

    static final double ASSUMED_OFF_BATTERY = 5;

    /** Posts that fell to less than this share of the base tell of the battery, not of the clamp. */
    static final double ASSUMED_COLLAPSED_SHARE = 0.6;

    /** And with the factor put right within this. */
    static final double ASSUMED_USUAL_BATTERY = 2.2;

    /** What the posts of a 12 V block can show: at rest, running, and at the least (docs/job.md, slips to catch). */
    static final double HIGHEST_OPEN_CIRCUIT_VOLTS = 13.2;

    /** A wire read from its other end shows as much, up to what a joint between takes. */
    static final double SHOWN_BESIDE_SHARE = 0.2;

    /** An alternator's own diodes hold what it makes below this, in V a block. */
    static final double ASSUMED_MOST_CUT_OFF_VOLTS = 30;

    static final double HIGHEST_POST_VOLTS = 16;
    static final double LOWEST_POST_VOLTS = 5;

    /** No alternator that runs away pulls a 12 V battery higher. */
    static final double ASSUMED_HIGHEST_OVERCHARGE_VOLTS = 20;

    /** Between these a battery's posts were meant, per block (docs/job.md, slips to catch). */
    static final double LOW_BATTERY_VOLTS = 8;

    static final double HIGH_BATTERY_VOLTS = 13.5;

    /** A reading may exceed the base by its meter's error, or this. */
    static final double ASSUMED_SLACK_VOLTS = 0.1;

    /** A battery that turns an engine falls by more, in V a block (docs/everyday.md, cranking). */
    static final double POSTS_STOOD_VOLTS = 0.1;

    private Marks() {}
}
