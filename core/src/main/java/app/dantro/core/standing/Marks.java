package app.dantro.core.standing;

import app.dantro.core.network.Fault;

/**
 * Every threshold of the standings. What is called faulty and when was chosen on simulated vehicles with hidden faults,
 * seeds and worlds in docs/judgement.md (docs/decisions/0010 and docs/decisions/0013).
 */
final class Marks {
    /** A wiring part is called at this probability; a device costs more, so it takes more (docs/decisions/0010). */
    static final double CALLED = 0.965;

    static final double DEVICE_CALLED = 0.99;
    /** A vehicle is called healthy at this probability (docs/decisions/0010). */
    static final double HEALTHY = 0.86;
    /** A battery is called flat at this probability: it wants charging, which proves nothing (docs/decisions/0010). */
    static final double FLAT = 0.90;

    /** A part that was opened up and seen to be bad is called so from this probability on: that much the readings have to say. */
    static final double SEEN_BAD_FROM = 0.03;

    /** A part this likely is a suspect. */
    static final double SUSPECT = 0.15;

    /** The readings have to have raised its odds by this (docs/everyday.md, priors). */
    static final double RAISED = 3;

    /**
     * And the odds of any fault at all against a healthy vehicle by this: of healthy ones a share of one in so many comes to
     * it at any moment of a case, by Ville's inequality (docs/decisions/0018).
     */
    static final double BEYOND_HEALTHY = 50;

    /** A starter whose current nobody measured (docs/decisions/0018). */
    static final double RAISED_WITHOUT_CURRENT = 1000;

    /** With this left for it a good starter turns as it should, in V a block (docs/everyday.md, here it must dare). */
    static final double ENOUGH_FOR_MOTOR_VOLTS = 9.3;

    /** Under this a 12 V block at rest lacks a cell or is empty; above the other the leads are at a battery's posts (docs/physics.md, battery). */
    static final double LACKS_A_CELL_VOLTS = 11.8;

    static final double ACROSS_A_BATTERY_VOLTS = 5;

    static final double SHOWN_VOLTS = 0.1;

    static final double LEAST_PROBABILITY = 1e-9;

    static final double LIKELIER_THAN_NOT = 0.5;
    /** Drops that call a part faulty stand while the judgement gives it at least this. */
    static final double RULED_OUT = 0.5;

    static final double EXONERATED = 0.02;
    /** Another fault this likely keeps what was read from counting as shown. */
    static final double OTHERS_RULED_OUT = 0.15;

    /** A reading this likely to be a slip is doubted, and asked for again before anything rests on it. */
    static final double DOUBTED = 0.4;
    /** Below this without a reading, that reading carries the verdict alone (docs/decisions/0010). */
    static final double CARRIED_BY_OTHERS = 0.12;
    /** Two readings of the same agree if neither is a slip with more than this. */
    static final double AGREES = 0.2;

    /** The median may be this much below the healthy upper bound, since the reading has its error too (docs/decisions/0013). */
    static final double NEARLY = 0.95;
    /** This much above the upper bound no healthy part lies, whatever the vehicle (docs/decisions/0013). */
    static final double CLEARLY = 2.5;
    /** Up to this much above it healthy parts of unusual vehicles do lie (docs/decisions/0013). */
    static final double CLOSE = 1.3;

    static final double USUAL_STRAIN = 0.70;
    static final double LITTLE_STRAIN = 0.60;
    /** Healthy devices lie within 3.9 standard deviations (99 %, spreads half as wide again); a faulty one lies beyond. */
    static final double FAR_OFF_SIGMAS = 4.6;

    static final double NEARLY_ALL_AMPS = 0.9;

    /** Certified by all readings: this unlikely, and the mildest fault refuted by two and a half standard deviations. */
    static final double REFUTED = 0.004;

    static final double REFUTING_NATS = 3;

    /** An influence is named if it moved a suspicion by this much; the strongest few are. */
    static final double LEAST_INFLUENCE = 0.02;

    static final int MOST_INFLUENCES = 4;
    /** Beyond this ratio of an interval's ends one number would claim too much. */
    static final double WIDE = 2;
    /** Up to so many observations each reading is left out in turn; ASSUMED, since the work grows with their fourth power. */
    static final int LEFT_OUT_ALL = 60;
    /** Of more, so many of those nearest the part are. */
    static final int LEFT_OUT_OF_MANY = 12;

    static final int AT_THE_BOUND_LOOKED_AT = 4;
    static final int FORECASTS = 48;

    /** From here what regulates is named with the machine (docs/decisions/0013). */
    static final double MOSTLY = 0.5;

    /** Half of what a dead cell takes tells it from one that is merely flat (docs/physics.md, battery). */
    static final double LOW_CELL_VOLTS = 0.5 * Fault.DeadCell.VOLTS;

    /** From here a part is said to have no connection (docs/physics.md, faults). */
    static final double NO_CONNECTION_OHMS = 1000;

    /** So many suspects are looked at for a call, the likeliest first (docs/decisions/0013). */
    static final int LOOKED_AT = 2;

    /** The last digit of a clamp, and of a meter across a cable (docs/physics.md, instruments). */
    static final double CLAMP_STEP_AMPS = 1;

    static final double SHUNT_STEP_VOLTS = 1e-4;

    /** Under a pile no more than this is a drop, in V a block. */
    static final double ASSUMED_LARGEST_DROP_VOLTS = 3;

    /** The last digit that is spoken, in V (docs/physics.md, instruments). */
    static final double DIGIT_VOLTS = 1e-3;

    /** A value that was meant fits within this (docs/job.md, slips to catch). */
    static final double FITS_SIGMAS = 3;

    /** Where next to nothing is expected everything fits, and nothing is told. */
    static final double ASSUMED_LEAST_EXPECTED = 1e-4;

    /** A probe without contact shows less than this. */
    static final double ASSUMED_NO_CONTACT_VOLTS = 0.005;

    /** Of the most current that flows in a part; with less a drop says nothing about it. */
    static final double ASSUMED_LEAST_SHARE = 0.08;

    /** So many suspects are named; from this probability on it is foretold what a repair would change. */
    static final int MOST_NAMED = 5;

    static final double ASSUMED_WORTH_FORESEEING = 0.3;

    /** A figure that a repair moves by this share is shown (docs/decisions/0013). */
    static final double TELLS = 0.02;

    /** Loads off, no regulator is commanded to more than this, in V a block (docs/everyday.md, regulated voltage). */
    static final double RESTING_MOST_VOLTS = 15.6;

    /** What a whole starting side of a healthy vehicle loses at the most where nobody measured the current, in V a block, and its contacts beside it (docs/everyday.md, supply side). */
    static final double ORDINARY_SIDE_VOLTS = 0.6;

    static final double ORDINARY_CONTACTS_VOLTS = 0.3;

    /** What both charging sides have and lose in ordinary vehicles, in Ω and in V; a piece of one loses hardly anything (docs/everyday.md, supply side charging). */
    static final double CHARGING_SUPPLY_OHMS = 9e-3;

    static final double CHARGING_RETURN_OHMS = 1.8e-3;
    /** Where nobody measured the current it may have been the plate's, in V a block (docs/everyday.md, here it must dare). */
    static final double CHARGING_SUPPLY_VOLTS = 0.5;

    static final double CHARGING_RETURN_VOLTS = 0.2;
    static final double ORDINARY_PIECE_VOLTS = 0.06;
    /** What several parts of a side have of it at the most. */
    static final double PIECE_SHARE = 0.6;
    /** With the engine off a few amperes flow: a joint, and a way of several, lose no more than this, in V. */
    static final double ORDINARY_JOINT_VOLTS = 0.05;

    static final double ORDINARY_WAY_VOLTS = 0.10;
    /** All loads through a long healthy cable with the engine off, whatever they draw, in V (docs/everyday.md, supply side charging). */
    static final double ORDINARY_CABLE_VOLTS = 0.12;
    /** One joint or fuse with the engine running, whatever flows, in V: a little under what accuses it at 30 A (docs/everyday.md, here it must dare). */
    static final double ORDINARY_JOINT_CHARGING_VOLTS = 0.08;
    /** A joint at a starter's current, whatever that was: half of what accuses it, in V (docs/everyday.md, here it must dare). */
    static final double ORDINARY_JOINT_CRANKING_VOLTS = 0.08;
    /** Between two batteries that give alike, in V. */
    static final double BETWEEN_BATTERIES_VOLTS = 0.15;
    /** Two readings of the same thing that differ by no more than this share and a digit show the same. */
    static final double ALIKE_SHARE = 0.03;

    /** A meter's own share of what it shows (docs/everyday.md, instrument). */
    static final double METER_SHARE = 0.01;
    /** With the key on, with glow plugs, and with lights on the posts of a healthy battery sink no further, in V a block (docs/everyday.md, key on). */
    static final double KEY_ON_SAG_VOLTS = 0.8;

    static final double GLOW_SAG_VOLTS = 1.6;
    static final double UNDER_LIGHTS_VOLTS = 11.0;
    /** Above this the posts of a block held up, and what turned slowly did so on good volts. */
    static final double SLOW_POSTS_VOLTS = 10.5;
    /** A classic regulator holds at least and at the most, loads off, in V a block; in the cold more. And all hold under all loads (docs/everyday.md, regulated voltage). */
    static final double CLASSIC_LEAST_VOLTS = 13.4;

    static final double CLASSIC_MOST_VOLTS = 15.25;
    static final double LITHIUM_MOST_VOLTS = 15.0;
    static final double CLASSIC_VOLTS_PER_KELVIN = 0.012;
    static final double CLASSIC_CELSIUS = 15;
    static final double LOADED_LEAST_VOLTS = 12.7;

    /** A loaded machine stands so far below what it holds without loads at the most, a meter's error allowed for, in V a block (docs/everyday.md, loads off to all loads). */
    static final double MOST_FALL_VOLTS = 1.1;

    static final double FORCED_ABOVE_BASE_VOLTS = 0.4;
    static final double TELLING_AMPS = 15;

    /** With this a motor that is sound turns what turns freely, in V a block (docs/job.md, test 12). */
    static final double STALLED_MOTOR_VOLTS = 6;

    /** A pile that draws less than this part of what it is set to has no way to draw it: its drops tell no ohms. */
    static final double MOST_PILE_SHARE = 20;

    /** A machine whose own studs stand here charges, in V a block (docs/everyday.md, here it must dare). */
    static final double CHARGES_VOLTS = 13.2;

    /** A shop's own repairs are worth a word from this on. */
    static final double ASSUMED_WORTH_SAYING = 0.02;

    private Marks() {}
}
