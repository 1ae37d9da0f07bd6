package app.dantro.core.procedure;

/** The sentences of steps that stand before a reading, so that nothing runs, cranks or is charged that must not. */
final class SafetyWords {
    private SafetyWords() {}

    static String of(ProcedureReason reason) {
        return switch (reason) {
            case PUT_BACK -> "Put back what was undone";
            case NOT_WHILE_LIFTED -> "Nothing runs and nothing cranks while this is undone.";
            case STOP_THE_ENGINE -> "Stop the engine, do not rev it";
            case NOT_REVVED ->
                "%s while running is more than any regulator may hold: lamps, computers and the battery are at risk. What is left is seen with the engine off: sense wire, feed, the ground the regulator stands on.";
            case BACK_TO_IDLE -> "Back to idle, then off";
            case STILL_RISING ->
                "%s and still rising with the engine's speed: it is not revved for another reading. What is left is seen with the engine off: sense wire, feed, the ground the regulator stands on.";
            case IS_IT_FROZEN -> "Is the battery frozen?";
            case FLAT_FREEZES ->
                "A flat battery freezes in this cold. Look before anything else: a frozen one is not cranked, charged or loaded, it can burst.";
            case LET_IT_THAW -> "Let it thaw, touch nothing";
            case THAW_HOW ->
                "Hours in a warm room, then look again: one whose case bulged or cracked is scrap. Charge it once it is thawed, not before.";
            default -> ClosingWords.of(reason);
        };
    }
}
