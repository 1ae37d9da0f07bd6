package app.dantro.core.procedure;

/** The sentences with which a job ends, and those of the charging survey. */
final class ClosingWords {
    private ClosingWords() {}

    static String of(ProcedureReason reason) {
        return switch (reason) {
            case VERIFIED -> "Verified";
            case TEST_PASSED -> "The complaint's own test passed after the retests.";
            case TEST_PASSED_CHARGING -> "The complaint's own test passed after the repair.";
            case REPAIRED_THUS -> "The %s: %s.";
            case BEFORE_AND_AFTER -> "Across the %s: %s before the repair, %s after.";
            case CLOSED_UNVERIFIED -> "Closed, not verified";
            case NOT_PASSED_REASON -> "The complaint's own test was not passed. Reason: %s";
            case DECLINED -> "The customer declines";
            case DECLINED_WORK -> "The work was not wanted. What was found so far stays on record, not verified.";
            case HANDED_ON -> "Handed on";
            case HANDED_ON_OPEN ->
                "Somebody else goes on from here. What was found so far stays on record, not verified.";
            case HOW_DID_IT_TURN -> "How did it turn?";
            case SLOW_IS_A_READING ->
                "The posts held and both sides lose little. Your ear is the last reading: a starter that turns slowly on good volts is not a cable's fault.";
            case DOES_IT_CRANK -> "Does it crank and start as it should?";
            case BOTH_CERTIFIED -> "Both sides are certified again. The complaint's own test closes the case.";
            case BOTH_TURNED ->
                "Both sides are good while this starter turned; its current was not measured. The complaint's own test closes the case.";
            case WIRING_DOES_NOT_EXPLAIN -> "The wiring does not explain it";
            case TURNS_HARD ->
                "The engine turns hard by hand: that alone makes a good starter draw much and turn slowly. "
                        + "Free the engine, then crank and read again; the starter is not proven bad.";
            case NOT_ENOUGH_FOR_STARTER ->
                "The engine turns freely, but the readings are not enough to condemn the starter: measure the cranking speed, or prove the starter off the engine.";
            case NO_VERDICT_ON_STARTER ->
                "No verdict on the starter yet: turn the engine by hand, or prove the starter off the engine, before it is called faulty.";
            case BATTERY_NOT_PROVEN -> "The battery is not proven either: %s";
            default -> asleep(reason);
        };
    }

    private static String asleep(ProcedureReason reason) {
        return switch (reason) {
            case SLEEPS_WELL -> "What does it draw asleep?";
            case WHILE_IT_SLEEPS ->
                "What empties it overnight shows only asleep: bonnet latch closed by hand, key away, modules asleep, then the ammeter in the battery's −.";
            case FIND_THE_DRAIN -> "Find what draws";
            case FUSES_STAY_IN ->
                "Battery − off before B+ is lifted. Read millivolts across each fuse with the vehicle asleep: pulling one wakes modules.";
            case OUTPUT_IN_ORDER ->
                "Then B+ in its order: battery − off, B+ off and insulated, battery − back through the meter; meanwhile nobody cranks or opens a door.";
            default -> charging(reason);
        };
    }

    private static String charging(ProcedureReason reason) {
        return switch (reason) {
            case IDLE_VOLTAGE -> "Voltage at idle, loads off";
            case BASE_FOR_CHARGING -> "Every charging figure is held against it.";
            case BUILT_UP -> "Wait until it has built up. It must not climb much when the engine turns faster.";
            case REGULATED_VOLTAGE -> "Regulated voltage at the posts";
            case MUST_RISE -> "Must rise above the base voltage by 0.5 to 2 V and settle.";
            case LOADED_VOLTAGE -> "Loaded voltage at the posts";
            case MAY_REST ->
                "Once more after a minute, headlights and blower on: a smart system may just have been resting.";
            case MUST_HOLD -> "All loads on: it must hold.";
            case OWN_VOLTAGE -> "Alternator's own voltage, loaded";
            case WHAT_IT_MAKES -> "B+ to its case: what it makes before the wiring takes its share.";
            case SUPPLY_LOADED -> "Whole supply side, loaded";
            case OUTPUT_TO_POST -> "From B+ to the + post.";
            case RETURN_LOADED -> "Whole return side, loaded";
            case POST_TO_CASE -> "From the − post to the case.";
            case SHOWS_REPAIR_HOLDS -> "Read before the repair: %s. It shows whether the repair holds.";
            case TAKEN_OF -> "%s of %s readings taken. They are compared with a healthy vehicle, not judged.";
            case SEE_FITTED -> "See what was fitted at work";
            case VOLTS_ARE_BACK -> "The volts are back. Belt, lamp and ripple show what volts alone do not.";
            case DOES_IT_CHARGE -> "Does it charge as it should?";
            case CHARGES_TOO ->
                "Verified: it starts. Does it charge too? What keeps it from charging would bring it back: one reading before it goes.";
            case CHARGING_STAYS_OFF -> "It starts. Under load charging still does not hold: that is a job of its own.";
            case TAKEN_AGAIN -> "The readings were taken again. The complaint's own test closes the case.";
            case POINT_BY_POINT -> "Take it point by point";
            case NOTHING_MORE_AT_HAND ->
                "No reading at hand would tell more. Place the leads anywhere on the profile: what a healthy vehicle reads there is shown. The alternator is not called bad on what the meter alone can show.";
            case WORKING_IT_OUT -> "Working this circuit out";
            case STILL_PREPARING ->
                "Place the leads anywhere on the profile: what a healthy vehicle reads there is shown. The circuit is still being prepared, so no part is called bad yet.";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
