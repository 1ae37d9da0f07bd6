package app.dantro.core.inference;

/** Every mark of the inference beside the priors: what instruments and circuits are held to do, and how far is searched (docs/decisions/0010). */
final class Marks {
    /** A display finer than this is an ammeter in series, which has no zero to drift (docs/physics.md, instruments). */
    static final double CLAMP_RESOLUTION_AMPS = 0.1;

    /** Of a running engine, as a share. */
    static final double ASSUMED_RUNNING_FLUTTER = 0.003;

    /** A clamp's display is never still: loads pulse, the engine turns unevenly. */
    static final double ASSUMED_AMPS_FLUTTER = 0.03;

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

    /** Results of a reading that lie closer than this many of the meter's combined errors count as one. */
    static final double ALIKE_SIGMAS = 2;

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

    /** A click is missed, or another noise taken for it, this often; and how sharply a solenoid pulls in, in V. */
    static final double ASSUMED_MISHEARD = 0.06;

    static final double ASSUMED_PULL_WIDTH = 0.5;

    /** One in two hundred healthy vehicles reads further off, on one side (docs/everyday.md, ranges of healthy vehicles). */
    static final double HEALTHY_995_SIGMAS = 2.576;

    /** Beyond this no vehicle, sound or with one fault or two, shows such readings: the 99.9th percentile of χ² (docs/everyday.md, fact, inference, gate). */
    static final double NO_VEHICLE_SIGMAS = 4.5;

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

    /** Who is asked about a reading and says that the meter showed it is wrong this much less often, in nats. */
    static final double LOG_CONFIRMED = Math.log(0.1);

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
    static final double ASSUMED_SYMPTOM_FLOOR = 0.10;

    /** A fault that costs something goes unnoticed this often. */
    static final double ASSUMED_UNNOTICED = 0.05;

    static final double ASSUMED_SLOW = 0.80;
    static final double ASSUMED_DEAD = 0.40;
    static final double ASSUMED_SPEED_WIDTH = 0.07;

    /** Charging volts this far off are noticed, and how sharply. */
    static final double ASSUMED_OFF_VOLTS = 0.35;

    static final double ASSUMED_OFF_WIDTH = 0.12;

    /** Vehicles in a workshop have older joints and longer cables than the class's reference, by so many standard deviations. */
    static final double ASSUMED_OLDER_SIGMAS = 1.0;

    /** The regulated voltage where nobody said which strategy decides on it, against the class's usual one, in V a block. */
    static final double ASSUMED_SHIFT_VOLTS = -0.10;

    static final double ASSUMED_SIGMA_VOLTS = 0.52;

    /** A lithium block rests by so much higher than lead, in V (docs/everyday.md, base voltage). */
    static final double ASSUMED_LITHIUM_VOLTS = 0.62;

    static final double ASSUMED_LITHIUM_SPREAD_VOLTS = 0.14;

    /** How far a regulator lies from what its maker says, in V a block. */
    static final double ASSUMED_MAKERS_VOLTS = 0.12;

    /** A drop goes with its current no further than this either way of what a hypothesis expects. */
    static final double ASSUMED_MOST_CURRENT_RATIO = 5;

    /** Less current than this tells no resistance, in A. */
    static final double ASSUMED_LEAST_AMPS = 2;

    /** A machine's own limit around its plate, and how a battery's resistance goes with its capacity: standard deviations of logarithms. */
    static final double ASSUMED_PLATE_SPREAD = 0.15;

    static final double ASSUMED_OHMS_BY_HOURS = 0.8;
    static final double ASSUMED_OHMS_SPREAD_AT_HOURS = 0.25;

    /** How the cranking torque goes with the cylinders, and what is left to differ. */
    static final double ASSUMED_DRAG_BY_CYLINDERS = 0.6;

    static final double ASSUMED_DRAG_SPREAD_AT_CYLINDERS = 0.24;

    /** Logarithm of the torque against the class's reference. */
    static final double ASSUMED_DIESEL_DRAG = 0.30;

    /** Trucks differ most: engines of one to sixteen litres turn in them. */
    static final double ASSUMED_TRUCK_DRAG_SPREAD = 0.40;

    static final double ASSUMED_PETROL_DRAG = -0.15;

    /** What is written of faults counts like so many verified repairs of a shop's own. */
    static final double ASSUMED_WRITTEN_CASES = 25;
    /** More of its own repairs weigh no more together than this: none is written off unread. */
    static final double ASSUMED_MOST_REPAIRS = 50;
    /** A repair on another sort of vehicle says less. */
    static final double ASSUMED_OTHER_SORT = 0.25;

    /** What is written of healthy parts counts like so many that were certified. */
    static final double ASSUMED_WRITTEN_PARTS = 25;
    /** More of a kind weigh no more together than this. */
    static final double ASSUMED_MOST_CERTIFIED = 100;
    /** One that lies farther off counts as if it lay here: certified parts are good, and some are misread. */
    static final double ASSUMED_FARTHEST_SIGMAS = 2.5;
    /** So far may a shop's own parts move where healthy ones lie, in standard deviations of what is written. */
    static final double ASSUMED_MOST_SHIFT = 1;
    /** What was certified lay below its limit: it shows less than the whole spread, which therefore never shrinks by more. */
    static final double ASSUMED_LEAST_VARIANCE = 0.7;

    static final double ASSUMED_MOST_VARIANCE = 2.25;

    private Marks() {}
}
