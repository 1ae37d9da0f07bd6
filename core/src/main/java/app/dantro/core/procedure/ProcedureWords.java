package app.dantro.core.procedure;

/** The sentences of the order of work. */
final class ProcedureWords {
    private ProcedureWords() {}

    static String of(ProcedureReason reason) {
        return switch (reason) {
            case AS_RULES_SAY, AS_SAID -> "%s";
            case NOT_JUDGED_TOGETHER -> "All readings together cannot be judged: %s";
            case CANNOT_BE_JUDGED -> "This case cannot be judged: %s";
            case NOT_JUDGED_STEP -> "Go by the readings themselves";
            case NOTHING_LOST ->
                "Everything that was read and said is on record below. Strike the last entry if it was a mistake; take the case file to whoever looks after the program.";
            case KEPT_AS_SAID -> "The verdict stands as it was given. A new reading opens the case again.";
            case BATTERY_FIRST -> "Battery first: every later test needs one that is charged.";
            case CHARGE_THEN_READ -> "Charge the battery, then read it again";
            case FLAT_FIND_OUT ->
                "Its base was under %s: flat, which is no fault of the battery. Charge it, then find out why.";
            case LOW_CHARGE_AFTER ->
                "Nothing that was read is faulty; its base was low. It needs a full charge before it goes.";
            case TOO_LOW_TO_TEST -> "Under %s a starting test says nothing about wiring or starter.";
            case READINGS_SAY_FLAT -> "The readings say that it is flat: %s.";
            case AFTER_CHARGING -> "After charging, at rest.";
            case SURFACE_CHARGE_OFF ->
                "Over %s is surface charge. Lights and blower on 1 min, all off 2 min, then read again.";
            case BASE_OF -> "Base voltage of the %s";
            case EACH_BLOCK -> "Each block on its own: two of unequal charge, or a dead cell, hide in the sum.";
            case EACH_BATTERY -> "Each battery on its own posts: a bad one hides behind the good one.";
            case CHARGED_GO_ON -> "charged: go on";
            case CHARGE_FIRST -> "charge first";
            case SURFACE_READ_AGAIN -> "surface charge: remove it, read again";
            case OR_MORE -> "%s or more";
            case BATTERY_WHILE_CRANKING -> "Battery voltage while cranking";
            case OWN_RESISTANCE ->
                "With the current it gives the battery's own resistance, and proves that current flows.";
            case STRONG_OR_HELD_BACK -> "strong, or something holds the current back";
            case WEAK_OR_TOO_MUCH -> "battery weak, or the current is too high";
            case NEAR_BASE -> "Near the base voltage";
            case NOT_REACHED -> "no current: the starter was not reached";
            case CHARGE_APART -> "Charge the batteries, each on its own";
            case FLAT_OR_WORN ->
                "By all readings it is the %s: flat, or worn out. Charged, rested and read again they tell which.";
            default -> sides(reason);
        };
    }

    private static String sides(ProcedureReason reason) {
        return switch (reason) {
            case CERTIFIED_AT_LESS -> "It was certified at %s; more flows since the repair.";
            case RETEST_WHOLE -> "Retest: the whole side, in the same condition as before the repair.";
            case RETURN_EASIER -> "The return side is easier to reach: usually first.";
            case SUPPLY_AT_ONCE -> "Supply side in one reading, contacts included.";
            case GOOD_AT_THIS -> "good at this current";
            case WALK_ALONG -> "walk along it: the largest step is the fault";
            case WITHOUT_LONG_LEAD -> "Without a long lead: + post to engine metal";
            case TWO_CRANKS ->
                "What it shows less than the posts is lost on the way back. Two cranks are never the same: coarser.";
            case READ_AGAIN_MARGINAL -> "Marginal: read it again, mean of several cranks.";
            case READ_AGAIN_CURRENT -> "Read it again with the current: only then is the side certified.";
            case AGAIN -> "Again: %s";
            case REPAIR -> "Repair the %s";
            case SUSPECT -> "Suspect: the %s";
            case ONCE_SEEN -> "It is called faulty only once these are seen too.";
            case RETEST_ACROSS -> "Retest across the %s";
            case SAME_LEADS -> "Same leads, same condition as before the repair.";
            case REPAIR_HOLDS -> "the repair holds";
            case OPEN_AGAIN -> "open it again";
            case READ_BEFORE -> "Same leads, same condition: it read %s before the repair.";
            case NOT_READ_BEFORE -> "It was not read before the repair; now it must show what a healthy one shows.";
            case PUT_BACK -> "Put back what was undone";
            case WHOLE_VEHICLE -> "The complaint is tested on a whole vehicle.";
            default -> closing(reason);
        };
    }

    private static String closing(ProcedureReason reason) {
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
            case SLEEPS_WELL -> "What does it draw asleep?";
            case WHILE_IT_SLEEPS ->
                "It charges. What empties it overnight shows only asleep: bonnet latch closed by hand, key away, modules asleep, then the ammeter in the battery's −.";
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
            case MUST_HOLD -> "All loads on: it must hold.";
            case OWN_VOLTAGE -> "Alternator's own voltage, loaded";
            case WHAT_IT_MAKES -> "B+ to its case: what it makes before the wiring takes its share.";
            case SUPPLY_LOADED -> "Whole supply side, loaded";
            case OUTPUT_TO_POST -> "From B+ to the + post.";
            case RETURN_LOADED -> "Whole return side, loaded";
            case POST_TO_CASE -> "From the − post to the case.";
            case RETEST_SAME_LEADS -> "Retest with the same leads";
            case SHOWS_REPAIR_HOLDS -> "Read before the repair: %s. It shows whether the repair holds.";
            case TAKEN_OF -> "%s of %s readings taken. They are compared with a healthy vehicle, not judged.";
            case SEE_FITTED -> "See what was fitted at work";
            case VOLTS_ARE_BACK -> "The volts are back. Belt, lamp and ripple show what volts alone do not.";
            case DOES_IT_CHARGE -> "Does it charge as it should?";
            case TAKEN_AGAIN -> "The readings were taken again. The complaint's own test closes the case.";
            case POINT_BY_POINT -> "Take it point by point";
            case NOTHING_MORE_AT_HAND ->
                "No reading at hand would tell more. Place the leads anywhere on the profile: what a healthy vehicle reads there is shown. The alternator is not called bad on what the meter alone can show.";
            case STILL_PREPARING ->
                "Place the leads anywhere on the profile: what a healthy vehicle reads there is shown. The circuit is still being prepared, so no part is called bad yet.";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
