package app.dantro.core.fact;

import app.dantro.core.quantity.Amount;

/** The sentences of the facts. */
public final class FactWords {
    private FactWords() {}

    static String of(FactReason reason) {
        return switch (reason) {
            case LOST_AT_CURRENT -> "%s lost at %s: %s.";
            case LOST_WITHOUT_CURRENT -> "%s lost, current not measured.";
            case BEYOND_HEALTHY -> "A healthy one loses at most %s.";
            case BEYOND_HEALTHY_ESTIMATED -> "A healthy one loses at most %s at the class's current, estimated.";
            case CERTIFIED -> "Certified at %s: a healthy one loses up to %s.";
            case NOT_THE_CAUSE -> "Not the cause, not certified: an open path would carry the battery's volts here.";
            case IMPLAUSIBLE -> "Implausible: it contradicts the copper or the direction of the current. Repeat it.";
            case NO_CURRENT_SHOWN -> "Not proven: nothing shows that current flowed.";
            case MARGINAL -> "Marginal: within the margin of the limit.";
            case LOOP_NOT_CLOSED ->
                "%s to %s reads %s, but the other readings around that loop leave %s. One of them is wrong: read the newest again.";
            case FAILS_THOUGH_GOOD -> "%s to %s fails though every part in it is cleared. Read it again.";
            case CERTIFIED_BY_DROP -> "Certified at %s: %s lost over its stretch, a healthy one loses up to %s.";
            case CERTIFIED_WHILE_CHARGING ->
                "Certified at %s while charging, not yet by the starter's current: %s lost over its stretch, a healthy one loses up to %s.";
            case DISCHARGING -> "It is discharging: %s at %s, the base was %s.";
            case BELOW_BASE ->
                "%s is below the base of %s: switch on headlights and blower and read again; a smart system may rest here.";
            case CHARGES_WELL -> "Charging is good: %s at the posts, both sides %s together.";
            case OPEN_BETWEEN -> "Open: %s of the battery's %s stand between %s and %s while the key is held.";
            case OPEN_ENGINE_OFF ->
                "Open: %s of the battery's %s stand between %s and %s (%s). What lies behind it, or the meter itself, closes the circuit.";
            case SIDE_LOSES -> "%s side: %s lost while cranking, ordinary vehicles lose up to %s.";
            case UNDER_BASE_ON_GOOD_SIDES ->
                "The posts stand at %s at raised speed with all loads on, the base was %s, and both sides lose %s: no more comes.";
            case FALLS_UNDER_LOAD ->
                "The posts hold %s with the loads off and %s with all of them on, and both sides lose %s: no more comes.";
            case LEFT_FOR_THE_MOTOR -> "Left for the motor: %s of the %s at the posts.";
            case HELD -> "%s at the posts while cranking.";
            case BOTH_CERTIFIED -> "Both sides certified at %s: %s lost together.";
            case BOTH_TURNED -> "Both sides good while this starter turned: %s lost together.";
        };
    }

    /** What several cranks say, to the meters' own digit. */
    public static String of(CrankCapture capture) {
        StringBuilder words = new StringBuilder();
        if (capture.cranks() > 0) {
            words.append(capture.cranks() == 1 ? "settled at " : "%d cranks, settled at ".formatted(capture.cranks()))
                    .append(shown(capture, capture.meanVolts()));
            capture.spreadVolts().ifPresent(s -> words.append(" on average, ± ").append(shown(capture, s)));
        }
        capture.lowestVolts().ifPresent(v -> next(words, "lowest ").append(shown(capture, v)));
        capture.peakVolts().ifPresent(v -> next(words, "first peak ").append(shown(capture, v)));
        return words.toString();
    }

    private static StringBuilder next(StringBuilder words, String what) {
        return words.append(words.isEmpty() ? "" : ", ").append(what);
    }

    private static String shown(CrankCapture capture, double volts) {
        return Amount.volts(volts, capture.resolutionVolts());
    }
}
