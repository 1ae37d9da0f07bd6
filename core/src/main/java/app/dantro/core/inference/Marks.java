package app.dantro.core.inference;

/** Every mark of the inference beside the priors: what instruments and circuits are held to do, and how far is searched (docs/decisions/0010). */
final class Marks {
    /** A display finer than this is an ammeter in series, which has no zero to drift (docs/physics.md, instruments). */
    static final double CLAMP_RESOLUTION_AMPS = 0.1;

    /** Of a running engine, as a share. */
    static final double ASSUMED_RUNNING_FLUTTER = 0.003;

    /** A speed is told to this share. */
    static final double ASSUMED_SPEED_SHARE = 0.02;

    /** Of a display's ±2 digits most are its calibration's, which stay when the same thing is read again. */
    static final double ASSUMED_SHARED_DIGITS = 1.0;

    static final double ASSUMED_OWN_DIGITS = 0.58;

    /** Steady loads are not: lamps warm up, the battery sags. */
    static final double ASSUMED_LOAD_FLUTTER = 0.001;

    /** The grid of severities, added resistance in Ω (docs/decisions/0010). */
    static final double LEAST_OHMS = 0.3e-3;

    static final double MOST_OHMS = 10;
    static final double MOST_WIRE_OHMS = 1e5;
    static final double OPEN_FACTOR = 1e4;
    static final double STEP = Math.pow(10, 1.0 / 3);

    /** Standard deviation of a severity that lies anywhere in its step of the grid, of its logarithm (docs/decisions/0010). */
    static final double STEP_SIGMA = Math.log(STEP) / Math.sqrt(12);

    static final double RELATIVE_SIGMA = 0.12;

    /** Explanations this much less likely than the best, in nats, are dropped (docs/decisions/0010). */
    static final double DROPPED_NATS = 14;

    /** So many explanations are looked at, these of them exactly, or as many as hold this share (docs/decisions/0013). */
    static final int MOST_EXPLANATIONS = 110;

    static final int MOST_EXACT = 64;
    static final double EXACT_MASS = 0.995;

    /** A reading may always be a slip: no outcome is impossible. */
    static final double ASSUMED_OUTCOME_FLOOR = 1e-4;

    /** Results are told apart at so many places (docs/decisions/0013). */
    static final int MOST_CUTS = 2;

    /** A cut has to tell this much of the name. */
    static final double ASSUMED_LEAST_CUT_BITS = 0.05;

    /** A gap narrower than this share of the readings' spread is none. */
    static final double ASSUMED_GAP_SIGMAS = 0.5;

    /** So many singles lead the search for pairs, of every third severity: they are close together (docs/decisions/0010). */
    static final int LEADS = 4;

    static final int SEVERITY_STRIDE = 3;

    /** Joints of healthy vehicles reach 3.7 times their usual resistance (docs/decisions/0010). */
    static final double HIDDEN_FACTOR = 4;

    /** A fault that moves no reading by this much hides. */
    static final double ASSUMED_HIDDEN_VOLTS = 0.03;

    /** So many pairs of a lead are looked at exactly (docs/decisions/0010). */
    static final int PAIRS_LOOKED_AT = 24;

    /** With less for all pairs together, a leave-one-out does not look at them again. */
    static final double ASSUMED_LEAST_PAIRS = 0.01;

    /** In a leave-one-out, singles that could not come this near the best are not looked at, in nats (docs/decisions/0010). */
    static final double HOPELESS_NATS = 25;

    /** A single fault fits badly beyond the 99th percentile of χ², of at least so many observations (docs/decisions/0010). */
    static final double BAD_FIT_SIGMAS = 2.33;

    static final int LEAST_OBSERVATIONS = 3;

    /** Healthy spreads are widened: it costs little, and halves the wrong calls in a wilder world (docs/decisions/0010). */
    static final double ASSUMED_WIDENING = 1.5;

    /** Width of a bin of the quick figure, which orders readings only. */
    static final double ASSUMED_BIN_SIGMAS = 1.6;

    /** Up to here every reading stands alone (docs/decisions/0016). */
    static final int FEW = 60;

    /** Readings that differ by more than their flutter allows tell of different things, or of a slip (docs/decisions/0016). */
    static final double AGREE_SIGMAS = 3;

    /** Share of readings that are wrong in a way no meter's error explains; then of these the leads swapped, no contact, or anything. */
    static final double ASSUMED_SLIP_SHARE = 0.03;

    static final double ASSUMED_SWAPPED = 0.12;
    static final double ASSUMED_NO_CONTACT = 0.12;
    static final double ASSUMED_ANYTHING = 0.16;

    /** What a probe without contact shows, as a standard deviation in V. */
    static final double ASSUMED_NO_CONTACT_VOLTS = 0.002;

    /** A slip has to gain this much, in nats, before a further one is looked for (docs/decisions/0010). */
    static final double FURTHER_NATS = 1.0;

    /** Readings that are left when all others are slips tell nothing (docs/decisions/0010). */
    static final int LEAST_KEPT = 2;

    /** More slips at once are not looked for (docs/decisions/0010). */
    static final int MOST_SLIPS = 5;

    /** A complaint may always be another's; then the share of the usual speed that is slow, and that is dead, and how sharply. */
    static final double ASSUMED_SYMPTOM_FLOOR = 0.04;

    static final double ASSUMED_SLOW = 0.80;
    static final double ASSUMED_DEAD = 0.40;
    static final double ASSUMED_SPEED_WIDTH = 0.07;

    /** Charging volts this far off are noticed, and how sharply. */
    static final double ASSUMED_OFF_VOLTS = 0.35;

    static final double ASSUMED_OFF_WIDTH = 0.12;

    private Marks() {}
}
