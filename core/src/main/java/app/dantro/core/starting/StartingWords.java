package app.dantro.core.starting;

/** The sentences of the starting rules. */
final class StartingWords {
    private StartingWords() {}

    static String of(StartingReason reason) {
        return switch (reason) {
            case NO_READINGS -> "No readings yet.";
            case FAULTY -> "Faulty: the %s.";
            case SUSPECT -> "Suspect: the %s.";
            case LOST_IN_SOME -> "Volts are lost on the %s: one of %s parts.";
            case BATTERY_CLEARED -> "Battery cleared.";
            case BATTERY_SUSPECT -> "Battery suspect.";
            case SUPPLY_CERTIFIED -> "Supply side certified at %s.";
            case RETURN_CERTIFIED -> "Return side certified at %s.";
            case NOTHING_PROVEN -> "Nothing is proven yet.";
            case STARTER_TURNS_NORMALLY -> "Turns the engine normally at %s, within its class.";
            case STARTER_JUDGED_LAST ->
                "Judged last: only once battery and both sides are proven good does a slow crank speak against it.";
            case ACROSS_AT_CURRENT -> "Across it %s lost at %s: %s.";
            case ACROSS_WITHOUT_CURRENT -> "Across it %s lost, current not measured.";
            case TIMES_HEALTHY -> "%s times a healthy %s.";
            case TAKES_OF -> "It takes %s of the %s lost around it.";
            case STRETCH_FAILS_AT_CURRENT -> "A stretch through it fails: %s lost at %s: %s.";
            case STRETCH_FAILS_WITHOUT_CURRENT -> "A stretch through it fails: %s lost, current not measured.";
            case ONLY_ONE_LEFT -> "It is the only part left in there.";
            case ONE_OF -> "One of %s parts in there.";
            case NOT_CROSSED -> "No reading with current has crossed it yet.";
            default -> battery(reason);
        };
    }

    private static String battery(StartingReason reason) {
        return switch (reason) {
            case BASE_NOT_READ -> "Its base voltage has not been read.";
            case CHARGE_FIRST -> "%s at rest is under %s: charge it before it is judged.";
            case SURFACE_CHARGE -> "%s at rest is surface charge.";
            case CHARGED_NOT_LOADED -> "%s at rest: charged. Not yet loaded by the starter.";
            case WITHOUT_ITS_CURRENT ->
                "%s while cranking, limit %s at %s °C. Without its own full cranking current that alone proves nothing.";
            case INNER_OHMS -> "(%s − %s) ÷ %s = %s; a healthy one has up to %s.";
            case CHARGED_AND_INNER_OHMS -> "Charged, and (%s − %s) ÷ %s = %s; a healthy one has up to %s.";
            case MARGINAL -> "Marginal.";
            case READ_TWICE -> "Read twice.";
            case CELL_LACKING -> "%s at rest, the other %s: about a cell is missing.";
            case NOT_MATCHED -> "%s at rest, the other %s: charge each on its own, then read both again.";
            case IDLES_BY_CURRENT ->
                "It delivers %s while cranking, a fair share is about %s: it idles behind its link.";
            case IDLES_BY_VOLTS ->
                "Its own posts stay at %s while the other battery falls to %s: it idles behind its link.";
            default -> missing(reason);
        };
    }

    private static String missing(StartingReason reason) {
        return switch (reason) {
            case BOTH_SIDES_CERTIFIED -> "both sides certified";
            case ENGINE_FREE -> "the engine known to turn freely by hand";
            case TRIGGER_VOLTS -> "volts at the trigger terminal that pull a solenoid in, while the key is held";
            case CURRENT_ACROSS -> "the current while reading across it, by clamp";
            case SECOND_READING -> "a second reading that agrees: across it again, or over the whole side";
            case READINGS_THAT_ADD_UP -> "readings that add up: one around this part is wrong";
            case JUST_THIS_PART -> "a reading across just this part";
            case CURRENT_BY_CLAMP -> "the current, by clamp";
            case DROP_WITH_CURRENT -> "a drop over it while cranking, with the current";
            case BASE_VOLTAGE -> "base voltage at rest";
            case CHARGED_BATTERY -> "a charged battery";
            case BASE_AFTER_SURFACE -> "base voltage after the surface charge is gone";
            case POSTS_WHILE_CRANKING -> "voltage at the posts while cranking, with the current";
            case CRANKING_CURRENT -> "the cranking current, by clamp";
            case OWN_CRANKING_CURRENT ->
                "its own cranking current, by a clamp around a cable that carries nothing else";
            case ANOTHER_DAY -> "the same reading on another day or at another charge";
            case SAME_AGAIN -> "the same reading a second time";
            case SAME_AFTER_CHARGING -> "the same after charging it on its own";
            case BLOCKS_OF_ONE_CHARGE -> "two blocks of one charge";
            case LINK_WHILE_CRANKING -> "its link read while cranking, both sides";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
