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
            case CHARGED_GO_ON -> "charged: go on";
            case LOW_GO_ON -> "go on; under %s charge it afterwards";
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
            default -> several(reason);
        };
    }

    private static String several(ProcedureReason reason) {
        return switch (reason) {
            case BASE_OF -> "Base voltage of the %s";
            case EACH_BLOCK -> "Each block on its own: two of unequal charge, or a dead cell, hide in the sum.";
            case EACH_BATTERY -> "Each battery on its own posts: a bad one hides behind the good one.";
            case BETWEEN_PAIR -> "Between the two + posts, everything off";
            case NOTHING_FLOWS_AT_REST ->
                "With everything off nothing flows between two good batteries. Millivolts here are current that the good one feeds into the other: use the millivolt range.";
            case NOTHING_BETWEEN -> "nothing flows: neither drains the other";
            case ONE_FEEDS_THE_OTHER -> "one feeds the other, which may lack a cell";
            case PART_THEM -> "Part the batteries, charge each, read both an hour later";
            case BLOCK_LOW -> "Of the two blocks one stands at %s: charge it on its own, the sum hides it.";
            case CRANKING_OF -> "Volts of the %s while cranking";
            case AHEAD_OF_THE_ORDER ->
                "Ahead of the usual order: it leads to the part at least a crank or two readings sooner.";
            case NO_BASE_AFTER_JUMP ->
                "It came in on a jump pack: what its posts show now is no base. Charge it, let it rest, then read.";
            case REPAIR_CHARGING_FIRST ->
                "Repair charging first: without current a drop test proves nothing. What reaches the alternator comes before both sides.";
            case WIGGLE -> "Wiggle while watching";
            case COMES_AND_GOES ->
                "It comes and goes: leads on the posts, watch lowest and highest, and move every joint and cable, press the probe on, rock the engine.";
            case SECOND_CARRIES ->
                "%s while it cranks is hardly less than at rest: the other battery carries it, or the posts were read too late.";
            case BOTH_GIVE -> "Both batteries share a start: one that gives nothing is hidden behind the other.";
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
            case PUT_RIGHT_FIRST -> "Put right first: %s";
            case OPEN_UP -> "Open up and look: the %s";
            case NO_PROBE_BETWEEN ->
                "All readings leave the fault between them, and no probe gets in between. Wiggle, pull and look at each end; the bad one is named by what is seen, not by a guess.";
            case ONCE_SEEN -> "It is called faulty only once these are seen too.";
            case RETEST_ACROSS -> "Retest across the %s";
            case SAME_LEADS -> "Same leads, same condition as before the repair.";
            case REPAIR_HOLDS -> "the repair holds";
            case OPEN_AGAIN -> "open it again";
            case READ_BEFORE -> "Same leads, same condition: it read %s before the repair.";
            case NOT_READ_BEFORE -> "It was not read before the repair; now it must show what a healthy one shows.";
            case WHOLE_VEHICLE -> "The complaint is tested on a whole vehicle.";
            default -> SafetyWords.of(reason);
        };
    }
}
