package app.dantro.core.standing;

import app.dantro.core.quantity.Reason;

/** Why the judgement gives a part its standing, what its headline says, and what it still wants. */
enum StandingReason implements Reason.Kind {
    NOTHING_SPEAKS,
    LOOK_SAYS_OTHERWISE,
    DIODES,
    SEEN_BAD,
    MOVED_BAD,
    SLOW_ON_GOOD_VOLTS,
    STALLED_ON_GOOD_VOLTS,
    ENGINE_HARD,
    BENCH_PASSES,
    BENCH_FAILS,
    BENCH_TEST,
    DRAWS_ASLEEP,
    WHICH_BRANCH,
    FED_AT_REST,
    LOWER_APART,
    ALIKE_APART,
    EACH_APART,
    OVERCHARGES,
    OVERCHARGES_AS_SAID,
    RIPPLE,
    DIODE_TEST,
    READINGS_ALONE,
    SUSPECTED,
    HAS_ABOUT,
    READINGS_AGREE,
    CONTRADICTED,
    EXONERATED,
    NOT_CAUSE_NOT_CERTIFIED,
    FAULT_WOULD_SHOW,

    FAULTY,
    LIKELIEST,
    LIKELIEST_OF,
    LOOKED_NOT_BAD,
    NO_FAULT,
    FITS_NO_VEHICLE,
    PARTS_THEM,

    ACROSS_JUST_THIS,
    SECOND_ACROSS,
    SECOND_AGREEING,
    READINGS_AFTER,

    SITS_INSIDE,
    ANSWERS_COMMAND,
    DOES_NOT_FOLLOW,
    DOES_NOT_ANSWER,
    COMMAND_IT,
    GENERATOR_DELIVERS,
    PHASES_DIFFER,
    PHASES_TELL;

    @Override
    public String template() {
        return StandingWords.of(this);
    }
}
