package app.dantro.core.ending;

/** The sentences of the endings. */
final class EndingWords {
    private EndingWords() {}

    static String of(EndingReason reason) {
        return switch (reason) {
            case STARTING_GOOD -> "Starting side good";
            case CHARGING_GOOD -> "Charging is good";
            case BOTH_GOOD -> "Starting and charging are good";
            case NOT_REPRODUCED -> "Not reproduced today";
            case LAMP_ON_GOOD_CHARGING -> "Charging is good: hand the lamp on";
            case DIES_ON_GOOD_START -> "Starting side good: hand the engine on";
            case SLOW_ON_GOOD_SIDES -> "Both sides good: hand on what is left";
            case CLEANED -> "Good since it was cleaned";
            case GOOD_SINCE_CLEANED -> "Its connections were cleaned before anything was read.";
            case CHARGED -> "Charged: find out why it was flat";
            case USUAL_SPEED -> "It turned as it should.";
            case TURNED_SLOWLY ->
                "Both sides are good and it still turned slowly: the battery, the starter or the engine.";
            case REGULATES -> "%s at the posts with the loads off.";
            case STANDS -> "The complaint did not show while these were read.";
            case FLAT_ONCE -> "It came in at %s, which is flat.";
            case SLEEPS -> "Standing current %s.";
            default -> unshown(reason);
        };
    }

    private static String unshown(EndingReason reason) {
        return switch (reason) {
            case ONE_DOES_NOT_FIT -> "One reading that does not fit the others: see the evidence.";
            case CURRENT_UNKNOWN ->
                "The starter's current: a worn starter draws little, and then little is lost on the way.";
            case CHARGING_UNREAD -> "Whether it charges: nothing was read with the engine running.";
            case CHARGING_IN_PART ->
                "Whether it charges well: %s at the posts, %s, but what both sides lose was not read.";
            case STARTING_UNREAD -> "How it starts: nothing was read while cranking.";
            case RIPPLE_UNREAD -> "The diodes: ripple was not read.";
            case DRAIN_UNREAD -> "What it draws asleep.";
            case WHICH_WAS_CLEANED -> "Which connection it was: there is no reading from before.";
            case WHY_FLAT -> "Why it was flat: standing current, short trips, or charging that fails only at times.";
            case LAMP_CIRCUIT -> "Why the lamp is on: codes, and the lamp's own circuit.";
            case DIES_AFTER -> "Why the engine dies: fuel and ignition come after the starter.";
            case WHAT_IS_LEFT ->
                "Which of them: turn the engine by hand, load the battery, measure the starter's current.";
            case NOT_VERIFIED -> "That it is put right: the complaint's own test was not passed.";
            default -> told(reason);
        };
    }

    private static String told(EndingReason reason) {
        return switch (reason) {
            case TELL_VERIFIED ->
                "What was bad is put right, the same readings are good now, and it was tried the way you complained of.";
            case TELL_DECLINED ->
                "You asked us not to go on. What we found so far is written down; it is not put right.";
            case TELL_GOES_ON -> "Somebody else goes on from here. What we found so far goes with it.";
            case TELL_UNVERIFIED ->
                "It was not tried the way you complained of, so we cannot say that it is put right.";
            case TELL_GOOD -> "We measured it and found no fault in what was tested.";
            case TELL_CLEANED ->
                "The connections were cleaned, and everything measured since is good. If it comes back, we measure before we clean.";
            case TELL_NOT_REPRODUCED ->
                "We measured it and everything tested was good today. If it happens again, bring it in as it is: cold or warm, without charging it first.";
            case TELL_LAMP ->
                "The charging itself is good. Why the lamp is on has to be looked for in the lamp's circuit and the codes.";
            case TELL_DIES ->
                "The starter, its cables and the battery do their work. The engine itself has to be looked at.";
            case TELL_FLAT ->
                "The battery was flat and is charged. Nothing tested is faulty so far; if it goes flat again, what draws from it has to be found.";
            case TELL_SLOW -> "The cables are good. What is left is the battery, the starter or the engine itself.";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
