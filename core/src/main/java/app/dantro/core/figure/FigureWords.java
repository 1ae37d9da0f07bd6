package app.dantro.core.figure;

/** The sentences of the figures. */
final class FigureWords {
    private FigureWords() {}

    static String of(FigureReason reason) {
        return switch (reason) {
            case SURFACE_CHARGE ->
                "Over %s a %s battery carries surface charge: load it a minute, let it rest two, read again.";
            case CHARGED_ENOUGH -> "About %s %% charged: enough for a starting or charging test.";
            case CHARGE_IT -> "About %s %% charged: charge it before it, or anything it feeds, is judged.";
            case INNER_OHMS_LIGHT -> "(%s − %s) ÷ %s = %s, a healthy one up to %s with the load on for a minute.";
            case CLIMBED_BACK -> "It climbed back above %s within two minutes.";
            case SHOULD_CLIMB -> "It should climb above %s within two minutes: charge it, then test it again.";
            case SHARE_OF_MAKERS -> "%s %% of the maker's %s.";
            case DRAW_LOW -> "Low: resistance on the way, or a battery that cannot deliver.";
            case DRAW_HIGH -> "High: the starter drags or the engine is tight. Turn it by hand.";
            case BY_THIS_LIST -> "The list says %s to %s for %s cylinders.";
            case BY_THE_OTHER_LIST -> "The other list in use says %s to %s: there it falls out otherwise.";
            case BY_TWO_CRANKS ->
                "%s at the posts less %s from + post to engine metal. A healthy way back loses up to %s.";
            case LITTLE_LOST -> "Nothing of note is lost on the way back.";
            case MUCH_LOST -> "Too much is lost on the way back: read it directly, leads at both ends.";
            case TOO_COARSE -> "That is too coarse to tell: read the return side directly.";
            case HALF_IN -> "%s takes half of %s Ah in %s %s.";
            case CAPACITY_NOT_ENTERED -> "Its label was not entered: a large one of its class is taken.";
            case DRAIN_USUAL -> "Three weeks to half charge are usual; the maker's figure comes first.";
            case DRAIN_FIND_BRANCH ->
                "Find the branch by fuse drops; lift B+ (battery − off first) to see whether it stops: a leaking diode is one cause.";
            case DRAIN_THROUGH_ALTERNATOR ->
                "It flowed through the alternator: a leaking diode. Ripple and the diode test belong to it; a lamp that glows dimly too.";
            case DRAIN_IN_BRANCH -> "Not the alternator. The fuse of “%s” shows a drop: its branch draws.";
            case DRAIN_NOT_ALTERNATOR ->
                "Not the alternator: read the drop across each fuse, asleep; the one that shows volts draws.";
            default -> output(reason);
        };
    }

    private static String output(FigureReason reason) {
        return switch (reason) {
            case EXACTLY_RATED ->
                "Exactly its rating of %s %s: which load was on? Was the plate typed in place of the clamp?";
            case FULL_OUTPUT -> "%s %% of its rating of %s %s.";
            case PART_OUTPUT ->
                "%s %% of its rating of %s %s. It gives no more than is asked for: below 90 %% counts only when the volts fall too, or under a pile.";
            case MORE_INTO_BATTERY -> "More goes in than is made: was the clamp around one cable, and zeroed?";
            case MADE_LESS_BATTERY -> "%s made − %s into the battery = %s used.";
            case BATTERY_GIVES -> "The battery gives: more is used than made at this speed.";
            case LOADS_STEADY -> "%s. All steady.";
            case LOADS_PULSE -> "%s. %s: the meter jumps with them, leave them off for drops.";
            case RIPPLE_HEALTHY -> "Under 0.1 V AC is healthy.";
            case RIPPLE_IDLE_ONLY -> "Low at idle is not enough: a lost diode shows under load. Repeat it loaded.";
            case RIPPLE_REPEAT_LOADED ->
                "0.1 to 0.5 V AC: repeat it loaded, with the meter on AC and the leads at the machine.";
            case RIPPLE_DIODES_DECIDE -> "0.1 to 0.5 V AC under load: the diode test decides, battery − off.";
            case RIPPLE_FAILS -> "Over 0.5 V AC: a diode or a phase. The diode test decides, battery − off.";
            case ONE_DIRECTION -> "Test both directions.";
            case OPEN_BOTH_WAYS -> "Open both ways: scratch for contact first, and swap the leads once more.";
            case CONDUCTS_BOTH_WAYS ->
                "It conducts both ways or nearly shorts: a shorted or leaking diode. It also drains the battery overnight.";
            case TWO_JUNCTIONS ->
                "Two junctions in series one way, open the other. One open diode cannot be seen this way: ripple shows it.";
            case HALF_A_JUNCTION ->
                "About half of the 0.8 to 1.1 V of two junctions: one of them is shorted, or another circuit hangs on the cable. Is the cable off?";
            case TEST_CABLE_OFF -> "Two junctions in series show 0.8 to 1.1 V one way: test again with the cable off.";
            default -> regulation(reason);
        };
    }

    private static String regulation(FigureReason reason) {
        return switch (reason) {
            case FIELD -> "Switched %s, %s of %s: it %s.";
            case READ_OUTPUT_TOO -> "Read B+ to case with the loads on to say more.";
            case MACHINE_LOW -> "B+ stays low although it is asked fully: the machine, its drive or its feed.";
            case NOBODY_ASKS -> "B+ is low and nobody asks: the computer, its sense or its ground, before the machine.";
            case FIELD_ANSWERED -> "It answers.";
            case MAKERS_FIRST -> "The maker's figure comes first.";
            case MAKER_SAYS_FIELD -> "The maker says %s there.";
            case SWAPPED_ENDS -> "The lowest is above the highest: swap them.";
            case STEADY -> "Steady within %s.";
            case SWINGS ->
                "It swings by %s: probe contact, belt, joints, plug pins, sense lead, brushes. Wiggle while watching, cold and warm; one good pass closes nothing.";
            case PHASE_TO_FRAME -> "A phase to the frame must show nothing: its winding touches the frame.";
            case MEASURE_ALL_PAIRS -> "Measure all three pairs at one speed.";
            case PHASES_EQUAL ->
                "Equal phase to phase: the generator is good if they rise with the speed; then the rectifier-regulator, after its wires.";
            case PHASES_DIFFER ->
                "The pairs differ by more than a tenth: the generator's winding or its plug, before the rectifier-regulator.";
            default -> steps(reason);
        };
    }

    private static String steps(FigureReason reason) {
        return switch (reason) {
            case OVER_BASE -> "%s − %s at rest.";
            case CHARGES -> "It charges: 0.5 to 2 V above the base is usual.";
            case CHARGES_DOUBLED -> "It charges: 0.5 to 2 V above the base is usual, doubled at 24 V.";
            case OVERCHARGES ->
                "Over %s: overcharging by its strategy. First what the regulator senses, and on which ground it stands; then the regulator.";
            case SMART_RESTS ->
                "Smart charging may rest at about the base voltage: force it with headlights and blower, or read the commanded setpoint.";
            case BELOW_BASE_AND_HALF ->
                "Less than base + 0.5 V: a bad path and a dead alternator look the same here. B+ to case decides.";
            case MORE_THAN_USUAL -> "More than usual: read it again warm, and at another speed.";
            case BASE_AND_HALF_KEPT -> "Base + 0.5 V is kept.";
            case UNDER_BASE_AND_HALF ->
                "Under base + 0.5 V: B+ to case at the same load tells whether it is not made or lost on the way.";
            case AGAINST_LOWER_SPEED -> "%s, at the lower speed %s.";
            case CLIMBS ->
                "Still building up at idle, or a regulator that lets it climb: wait until it settles, then read both again.";
            case REGULATED -> "It is regulated: it does not climb with the speed.";
            case NOT_MADE -> "Nothing is made: that it stays the same says nothing.";
            case AGAINST_REST_BEFORE -> "%s, at rest before %s.";
            case SURFACE_LEFT -> "A few tenths above the base show that charging took place; they fall back.";
            case NO_SURFACE_LEFT -> "No surface charge is left: little charging took place, or it was short.";
            default -> units(reason);
        };
    }

    private static String units(FigureReason reason) {
        return switch (reason) {
            case FITS -> "Rating and pulley fit.";
            case DIFFERS_RATING -> "Not the same: it is rated lower, so check that the loads still fit.";
            case DIFFERS_PULLEY -> "Not the same: its pulley differs, so it turns at another speed.";
            case DIFFERS_BOTH ->
                "Not the same: it is rated lower, so check that the loads still fit; its pulley differs, so it turns at another speed.";
            case NEW_FAILS -> "The new unit fails before it is fitted: new parts can be bad.";
            case OLD_PASSES ->
                "The old unit passes on the bench although the vehicle spoke against it: on the bench the wiring is not in the circuit. That points to wiring, regulator or control.";
            case BENCH_AGREES -> "They agree with the change.";
            case LASTED -> "Between both odometers.";
            case SHORT_LIFE -> "It did not last: find what wore it out before the next one goes the same way.";
            case RUNS_BACKWARDS -> "The odometer runs backwards: was the cluster replaced, or one of them mistyped?";
            case ELSEWHERE_AGREES -> "They agree. Unproven here: on a bench the wiring is not in the circuit.";
            case ELSEWHERE_DISAGREES -> "They disagree: neither counts until it is read under load here.";
            case HEALTHY_SHARE -> "A healthy one carries about %s (%s to %s).";
            case SHARE_RIGHT -> "Its share is as it should be.";
            case FLOWS_OTHER_WAY ->
                "It flows the other way: turn the clamp's arrow and look again before it is believed.";
            case NEXT_TO_NOTHING ->
                "It carries next to nothing: this branch is open or bad, and its neighbours carry the rest. Read the drop across it.";
            case TOO_LITTLE ->
                "It carries too little: something in this branch, or less is asked for. Read the drop across it.";
            case TOO_MUCH ->
                "It carries too much: a branch beside it is weak, or more is asked for. Measure that branch too.";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }
}
