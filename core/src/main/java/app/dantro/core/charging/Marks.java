package app.dantro.core.charging;

/** Every mark of the charging rules, in SI units. */
final class Marks {
    /** Copper that gets 60 K warmer has a quarter more resistance; more is a joint that moves. */
    static final double ASSUMED_COPPER_FACTOR = 1.3;

    /** A drop is smaller than this; across a source nothing is lost. */
    static final double ASSUMED_MOST_DROP_VOLTS = 6;

    /** Beyond the meter's error of two readings. */
    static final double ASSUMED_PIN_ERROR_VOLTS = 0.05;

    /** What one school allows between the battery and a pin (docs/job.md, test 13). */
    static final double PIN_ALLOWED_VOLTS = 0.4;

    /** A sensed ground further above battery − than this makes the alternator charge too high (docs/job.md, test 22). */
    static final double GROUND_LIFT_VOLTS = 0.2;

    /** What a feed may fall under a test lamp, and when it fails (docs/job.md, test 13). */
    static final double LAMP_FALL_VOLTS = 0.3;

    static final double LAMP_FAILS_VOLTS = 1;

    /** What was said to be missing and is there sooner than this was a wrong button. */
    static final long ASSUMED_LEAST_REPAIR_MILLIS = 60_000;

    /** A running system stands this much above the battery at rest, for 12 V (docs/job.md, test 15). */
    static final double ABOVE_BASE_VOLTS = 0.5;

    /** A machine that gives this share of what its loads ask for gives what is asked. */
    static final double ASSUMED_LEAST_SHARE_OF_ASKED = 0.9;

    /** Between battery − and any ground, running with loads: above this look, above twice this most schools fail it (docs/job.md, test 23). */
    static final double GROUND_LOOK_VOLTS = 0.1;

    /** Below this a change is not worth a line. */
    static final double ASSUMED_TELLS_VOLTS = 0.05;

    /** What goes bad in a power cable, a thin wire and a signal wire, told apart by what they carry. */
    static final double ASSUMED_POWER_OHMS = 0.010;

    static final double ASSUMED_THIN_OHMS = 0.100;
    static final double ASSUMED_SIGNAL_OHMS = 100;
    static final double ASSUMED_POWER_AMPS = 15;
    static final double ASSUMED_SIGNAL_AMPS = 0.2;

    private Marks() {}
}
