package app.dantro.core.finding;

/** What gave a part its standing. */
public enum StandingRule {
    /** The drops of the starting loop alone, or nothing at all. */
    BY_DROPS,
    /** It was opened up and seen to be bad. */
    SEEN_BAD,
    /** It was looked at beside the readings, and is not as it must be for a verdict. */
    LOOK_REFUTES,
    /** Ripple and diode test both fail. */
    DIODES_FAIL,
    /** It turns slowly on good volts. */
    SLOW_ON_GOOD_VOLTS,
    /** More is drawn asleep than any vehicle may. */
    DRAIN_MEASURED,
    /** Of two batteries one feeds the other with everything off. */
    FED_AT_REST,
    /** It charges higher than any regulator asks for. */
    OVERCHARGES,
    /** It holds its volts with the loads off and not with them on, and both sides are good. */
    FALLS_UNDER_LOAD,
    /** Its ripple is more than any healthy machine's. */
    RIPPLE_SPEAKS,
    /** The judgement calls it, but something is still to be seen. */
    CALLED_UNSEEN,
    /** The judgement calls it, and so do its drops. */
    CALLED_BY_BOTH,
    /** The judgement calls it. */
    CALLED,
    /** Its drops call it, and the judgement does not contradict. */
    DROPS_STAND,
    /** Its drops call it, but another explanation of all readings is likelier. */
    DROPS_CONTRADICTED,
    /** Likely enough by all readings. */
    LIKELY,
    /** A stretch through it fails, but by all readings a fault here is unlikely. */
    EXONERATED,
    /** A drop of the charging loop certifies it. */
    CERTIFIED_BY_DROP,
    /** The mildest fault would have shown in the readings. */
    CERTIFIED_BY_ALL,
    /** It delivers what is asked for. */
    DELIVERS,
    /** It was said so when the case closed. */
    AS_SAID
}
