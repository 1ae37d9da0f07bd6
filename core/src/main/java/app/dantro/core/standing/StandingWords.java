package app.dantro.core.standing;

/** The sentences of the standings. */
final class StandingWords {
    private StandingWords() {}

    static String of(StandingReason reason) {
        return switch (reason) {
            case NOTHING_SPEAKS -> "No reading speaks for or against it yet.";
            case LOOK_SAYS_OTHERWISE ->
                "The readings speak against it, but: %s: %s. Put that right first, then read again.";
            case READINGS_ALONE -> "Readings alone do not prove it.";
            case SUSPECTED -> "A fault here is %s, by all readings together.";
            case HAS_ABOUT -> "It has about %s, and should have %s.";
            case READINGS_AGREE ->
                "The readings agree, no single one carries this alone, and what reaches it was shown.";
            case CONTRADICTED ->
                "A reading across it is too large, but another explanation of all readings is likelier.";
            case EXONERATED -> "A stretch through it fails, but by all readings together a fault here is %s.";
            case NOT_CAUSE_NOT_CERTIFIED ->
                "Not the cause by all readings, not certified: no current was measured with them.";
            case FAULT_WOULD_SHOW -> "Certified at %s: a fault here would show in the readings.";
            case FAULTY -> "Faulty: the %s.";
            case LIKELIEST -> "%s: the %s.";
            case LIKELIEST_OF -> "%s: the %s. %s more may be it.";
            case LOOKED_NOT_BAD -> "%s: %s. The %s is not proven bad.";
            case FITS_NO_VEHICLE -> "These readings fit no vehicle I know.";
            case PARTS_THEM -> "%s %s does not go with the others: read it again.";
            case NO_FAULT -> "No fault that readings could show.";
            case ACROSS_JUST_THIS -> "a reading across just this part, with its current";
            case SECOND_ACROSS -> "a second reading across it";
            case SECOND_AGREEING -> "a second reading that agrees";
            case READINGS_AFTER -> "the readings after that";
            default -> besideVolts(reason);
        };
    }

    private static String besideVolts(StandingReason reason) {
        return switch (reason) {
            case STALLED_ON_GOOD_VOLTS -> "Nothing turns with %s at the motor: the starter or the engine.";
            case MOVED_BAD -> "Moving it moved the volts: it opens at times.";
            case SEEN_BAD -> "It was opened up and seen to be bad.";
            case SLOW_ON_GOOD_VOLTS -> "It turns slowly with %s left for the motor: the starter or the engine.";
            case ENGINE_HARD ->
                "The engine turns hard by hand: that alone makes a good starter draw much and turn slowly.";
            case BENCH_PASSES -> "It passed off the engine, on a charged battery.";
            case BENCH_FAILS -> "It failed off the engine, on a charged battery.";
            case BENCH_TEST -> "the starter off the engine, on a charged battery";
            case DRAWS_ASLEEP -> "%s are drawn asleep.";
            case WHICH_BRANCH -> "the branch that draws, by the drop across each fuse";
            case FED_AT_REST ->
                "%s between the two + posts with everything off: one battery feeds the other, as it feeds a dead cell.";
            case LOWER_APART ->
                "Parted, charged and rested it reads lower than the other by a volt and more: a cell is dead.";
            case ALIKE_APART ->
                "Parted, charged and rested both read alike: what flowed between them was their charge.";
            case EACH_APART -> "both batteries parted, charged and rested, each read on its own";
            case OVERCHARGES ->
                "%s while charging is more than any regulator asks for at this temperature: the regulator, what it senses, or the ground it stands on.";
            case OVERCHARGES_AS_SAID ->
                "%s while charging, and overcharging is what it came for: classic and calcium charging ask for less in the warm, only a smart system may command it.";
            case RIPPLE -> "Ripple of %s under load is more than any healthy machine gives: a diode or a phase.";
            case DIODE_TEST -> "the diode test, or the generator's phases";
            case DIODES -> "Ripple over 0.5 V AC, and the diode test fails: its diodes.";
            default -> alternator(reason);
        };
    }

    private static String alternator(StandingReason reason) {
        return switch (reason) {
            case SITS_INSIDE -> "The regulator sits inside: the maker sells the assembly, or the regulator apart.";
            case ANSWERS_COMMAND ->
                "The alternator answers when its field is commanded: what commands it is wrong, not the machine. "
                        + "Its own feed, ground and sense wires come first.";
            case DOES_NOT_FOLLOW -> "It does not follow its field command: a field that is grounded or fed inside.";
            case DOES_NOT_ANSWER -> "It does not answer when its field is commanded.";
            case COMMAND_IT -> "Commanding the field as the maker allows tells which of the two.";
            case GENERATOR_DELIVERS -> "The generator delivers, phase to phase.";
            case PHASES_DIFFER -> "Its phases differ, or one touches the frame.";
            case PHASES_TELL -> "The generator's AC volts phase to phase tell which of the two.";
            default -> throw new IllegalArgumentException("There are no words for (%s).".formatted(reason));
        };
    }

    static String of(Requirement requirement) {
        return switch (requirement) {
            case ACROSS -> "a reading across just this part";
            case TRIGGER_VOLTS -> "volts at the trigger terminal that pull a solenoid in, while the key is held";
            case MOTOR_VOLTS -> "the volts that reach the motor while cranking";
            case BATTERY_CRANKING -> "the battery's volts while cranking";
            case STANDING_CURRENT -> "the standing current with everything off";
            case UNKNOWN_READING -> "a reading that this program does not take yet";
            case BASE -> "its base voltage";
            case ITS_CRANKING_VOLTS -> "its volts while cranking";
            case CRANKING_CURRENT -> "the current while cranking, by clamp or as the drop of a known cable";
            case SHARING -> "how the batteries share the current: the drop between them while cranking";
            case OWN_VOLTS -> "the alternator's own volts, B+ to case, while it should charge";
            case UNLOADED_VOLTS -> "its volts with the loads off: under load it may just be at its limit";
            case CHARGEABLE_BATTERY -> "a battery that can take charge: its base voltage";
            case WAY_TO_BATTERY -> "its way to the battery: B+ to + post, or the feed check with the key on";
            case WAY_BACK -> "its way back: case to − post, or B+ to its own case with the key on";
            case SENSED -> "what it senses, to the + post";
            case SENSED_GROUND -> "the ground it senses against, to the − post";
            case ENGINE_FREE -> "the engine turns freely by hand, or the starter fails off it too";
            case TURNS_BADLY -> "that it turns slowly, or not at all: much current alone condemns no starter";
            case CELL_STILL_LOW ->
                "charged on its own and rested, it is still about 2 V low: before that it may just be flat";
            case WHICH_CONSUMER -> "which consumer draws: branch by branch, after the sleep time";
            case PHASES -> "the generator's AC volts phase to phase: equal, rising with the speed, none to the frame";
            case BELT -> "the belt drives it: tight, not glazed, pulley and shaft turn with the engine";
            case UNPLUGGED ->
                "If you can: its plug off, rev once to 2000 rpm. A voltage of its own clears the machine; nothing says little, some give none.";
            case PLUG ->
                "what its plug needs arrives: ignition feed or exciter, sense, field asked for (maker's figures)";
            case FIELD -> "the field commanded as the maker allows, with a load on: whether the alternator answers";
        };
    }
}
