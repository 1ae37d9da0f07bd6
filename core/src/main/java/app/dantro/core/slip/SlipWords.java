package app.dantro.core.slip;

/** The sentences of slips and their answers. */
final class SlipWords {
    private SlipWords() {}

    static String of(SlipReason reason) {
        return switch (reason) {
            case TOO_FINE -> "The %s range has a last digit of %s, so it cannot show %s.";
            case BEYOND_RANGE -> "The %s range ends at %s, so it cannot show %s.";
            case FINER_THAN_SHOWN ->
                "%s has a last digit of %s, which your meter does not show for a reading of that size.";
            case WHOLE_VOLTS ->
                "%s without a digit behind the point, which your meter shows elsewhere: was it millivolts?";
            case TOO_FAR_BELOW -> "%s does not fit a source of %s V while the engine runs.";
            case ALTERNATING -> "%s is what a meter on AC shows across %s of DC. Was it on DC?";
            case AMPS_OUT_OF_PLACE ->
                "%s does not fit: the posts fell from %s to %s. Was the clamp's output factor right?";
            case AMPS_BESIDE -> "%s where it was %s before. Was the clamp's output factor right?";
            case WHICH_WAS_IT -> "Which was it?";
            case OTHER_RANGE -> "The value is right, the range was another";
            case BETTER_RANGE -> "Measure again on the %s range";
            case ABOVE_BATTERY -> "%s is more than the battery's own %s: no part can lose that.";
            case OVERCHARGE ->
                "%s while charging: above %s V stop the engine, do not rev it. Was that what the meter showed?";
            case TENTH_OF_SOURCE ->
                "%s is just a tenth of the %s that stand at the battery, as between points that nothing joins yet.";
            case NO_BATTERY -> "%s does not fit a %s V battery.";
            case AGAINST_THE_FLOW -> "%s runs against the flow: current goes from %s to %s. Were the leads swapped?";
            case SOURCE_TURNED -> "%s across a source from its + side to its − side: were the leads swapped?";
            case SIDE_LOSES_MUCH -> "%s would be much for this side, and the posts stand at %s all the same.";
            case DOES_NOT_ADD_UP -> "%s does not add up with the others, which leave %s here.";
            case MORE_THAN_AROUND -> "%s is more than the %s of the whole stretch around it.";
            case LESS_THAN_INSIDE -> "%s is less than the %s of a piece inside it.";
            case LESS_THAN_COPPER -> "%s is less than the copper alone must lose at %s.";
            case WOULD_BE_A_FAULT -> "%s would be a fault; a healthy one loses %s to %s at %s.";
            case NO_CURRENT_KNOWN ->
                "%s with no current known proves nothing about the wire: without current nothing is lost. Did the starter turn?";
            case UNLOADED_SIDE ->
                "%s over a whole side, without its current. Either next to nothing flows or a lead has no contact: what does the clamp show?";
            case WHAT -> "What did the meter show?";
            default -> charging(reason);
        };
    }

    private static String charging(SlipReason reason) {
        return switch (reason) {
            case POSTS_STOOD -> "%s while cranking, and %s at rest: the posts did not move. What turned the engine?";
            case STILL_LIFTED ->
                "By the record battery − or B+ is still lifted, so nothing runs or cranks. Is it back on?";
            case STILL_UNDER_PILE -> "By the record the carbon pile is still connected, so nothing cranks. Is it off?";
            case STILL_DISABLED -> "By the record the engine is still disabled. Does it run again?";
            case BACK_ON -> "Yes, and it read %s";
            case NOT_SO_READ -> "No, it was not read so";
            case AS_AT_REST ->
                "%s is what the posts showed with the engine off, and it charged before. Was the engine running?";
            case MUCH_BESIDE -> "%s on a wire beside the way that charges would be a fault of its own.";
            case MORE_THAN_BETWEEN -> "%s is more than the %s that lie between the alternator and the posts.";
            case MORE_THAN_IS_LEFT ->
                "%s is more than is left of the %s between the alternator and the posts: the other side took %s of it.";
            case MUCH_UNDER_PILE -> "%s on one way under a pile is more than anybody lets stand.";
            case RUNNING_VOLTAGE -> "%s is a running engine's voltage, not %s. Did the engine run, or is a charger on?";
            case NOTHING_ACROSS_LIVE ->
                "%s across %s and %s, which is live unless its wire is open. Did a probe slip, is the case without its ground, or was the meter on AC?";
            case BEYOND_RATING ->
                "%s is more than the alternator's %s. Was the clamp zeroed, around one cable, and its output factor right?";
            default -> answer(reason);
        };
    }

    private static String answer(SlipReason reason) {
        return switch (reason) {
            case SHOWED -> "It showed %s";
            case AMPS_ARE_RIGHT -> "The amps are right";
            case MEANT_AMPS -> "It was %s: I enter it again";
            case SWAPPED -> "Leads swapped: %s";
            case AS_SHOWN -> "Leads as shown: %s";
            case NOT_SURE -> "Not sure: measure again";
            case STARTER_TURNED -> "The starter turned";
            case TURNED_BY_ANOTHER -> "A jump pack or another battery: keep it as a check";
            case TURNED_SO -> "This battery, and it showed that";
            case KEY_HELD -> "Key held, nothing turned";
            case KEY_NOT_HELD -> "Key not held: keep it as a check of the meter";
            case NOTHING_TURNED -> "Nothing turned: keep it as a check of the meter";
            case WITH_THE_CLAMP -> "Loads checked: I read it again with the clamp";
            case LOADS_ARE_ON -> "Loads are on, leads on bright metal: keep it";
            case IT_STOOD -> "It stood: I start it and read again";
            case IT_RAN_SO -> "It ran, and showed that";
            case IT_RAN -> "It ran, or a charger is on: read again with all off";
            case ENGINE_WAS_OFF -> "Engine and charger were off";
            case ON_BRIGHT_METAL -> "Maybe: measure again on DC, on bright metal";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
