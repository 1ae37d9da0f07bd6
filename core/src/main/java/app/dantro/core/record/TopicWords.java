package app.dantro.core.record;

/** The titles of the topics, and how their answers are spoken where that differs from topic to topic. */
final class TopicWords {
    private TopicWords() {}

    static String title(Topic topic) {
        return switch (topic.group()) {
            case INTAKE, ENDING, CLOSING, WORKSHOP -> intake(topic);
            case LOOK, REACH, TWO_ENDED -> look(topic);
            case PROOF, TIMER -> proof(topic);
            case FIGURE -> figure(topic);
        };
    }

    private static String intake(Topic topic) {
        return switch (topic) {
            case SYMPTOM -> "What it does";
            case CHARGING_SYMPTOM -> "How it charges";
            case ENGINE -> "Engine";
            case LAMP -> "Charge lamp, engine running";
            case ARRIVED -> "How it came in";
            case CLEANED -> "Cleaned before anything was read";
            case OUTSIDE_FIRST -> "A test elsewhere, of the unit";
            case OUTSIDE_SECOND -> "A second test elsewhere, of the same";
            case NEXT_VISIT -> "To be read at the next visit";
            case HANDED_TO -> "In the hands of";
            case ODOMETER_REPLACED -> "Odometer was replaced";
            case CHARGER -> "On a charger or jump pack today";
            case CLAMP -> "DC clamp at hand";
            case PILE -> "Carbon pile at hand";
            case CLAMP_CHECKED -> "Clamp's output factor, and what it shows with empty jaws";
            case LAST_TIME -> "To be read this time";
            case REPLACED -> "Replaced already";
            case OUTSIDE -> "What others found (unproven here)";
            case BATTERY_AGE -> "Age of the battery";
            case CODES -> "Warning codes";
            case ACCESSORIES -> "Accessories on the clamps";
            case ENDED -> "Ended as";
            case LEFT -> "Left undone";
            case CLOSED_UNVERIFIED -> "Closed without the complaint's test, because";
            default -> throw untitled(topic);
        };
    }

    private static String look(Topic topic) {
        return switch (topic) {
            case LOOK_POSTS -> "Posts and clamps clean, tight, whole";
            case LOOK_CABLES -> "Cables: skin whole, no kink, no green end";
            case LOOK_GROUNDS -> "Ground straps and their bolts";
            case LOOK_FUSES -> "Fuses and fusible link";
            case LOOK_BELT -> "Belt there, tight, not glazed";
            case LOOK_TENSIONER -> "Tensioner's mark in its range, no squeal";
            case LOOK_PULLEY -> "Pulley and shaft turn with the engine, no noise";
            case LOOK_PLUG -> "Alternator plug seated, pins straight";
            case LOOK_PINS -> "Plug's pins grip a test pin";
            case LOOK_MOUNT -> "Alternator bolts and bracket";
            case LOOK_BATTERY -> "Battery: right type, not swollen, not wet";
            case OUT_OF_REACH -> "No probe gets to";
            case ENGINE_DISABLED -> "Engine disabled for cranking";
            case BATTERY_LIFTED -> "Battery − lifted";
            case OUTPUT_LIFTED -> "B+ cable lifted";
            case FUSE_PULLED -> "Fuse or relay pulled";
            case PILE_ON -> "Carbon pile connected";
            case MEMORY_KEEPER -> "Memory keeper on";
            case MEMORY_LOST -> "Radio, clock, windows lost their memory";
            default -> throw untitled(topic);
        };
    }

    private static String proof(Topic topic) {
        return switch (topic) {
            case CRANKS -> "How the engine turned while you read";
            case ENGINE_TURNS -> "The engine, turned by hand";
            case STARTER_BENCH -> "The starter off the engine, on a charged battery";
            case BELT_DRIVES -> "Belt, pulley and shaft with the engine";
            case PLUG_FED -> "What its plug needs (maker's figures)";
            case FIELD_ANSWERS -> "Field commanded as the maker allows";
            case GENERATOR_GOOD -> "Generator's AC volts, phase to phase";
            case BATTERY_FROZEN -> "Case bulging, ice under the caps, stone cold";
            case CELL_STAYS_LOW -> "Charged on its own, then rested";
            case CHARGED_APART -> "Every battery charged on its own, then rested";
            case LOWER_APART -> "Parted, each charged, rested an hour: lower by a volt and more";
            case DRAIN_FOUND -> "Branch by branch, after the sleep time";
            case GLOW_DONE -> "Wait for the glow plugs: they pull the volts down";
            case UNPLUGGED -> "Its plug off, after one rev to 2000 rpm";
            case MOVED -> "Wiggled, pressed and rocked while watching: the volts moved with";
            case OPENED -> "Opened up: the bad one is";
            case CRANK -> "Cranking";
            case PILE_RUN -> "Carbon pile";
            case BUILD_UP -> "Voltage builds up";
            case SLEEP -> "Falling asleep";
            case SURFACE_CHARGE -> "Surface charge";
            default -> throw untitled(topic);
        };
    }

    private static String figure(Topic topic) {
        return switch (topic) {
            case CHEMISTRY -> "Battery's chemistry";
            case BATTERY_AMP_HOURS -> "Battery's capacity, by its label";
            case CYLINDERS -> "Cylinders";
            case CRANK_SPEED -> "Cranking speed";
            case MAKER_FEED -> "Feed or exciter pin, key on, by the maker";
            case MAKER_FIELD -> "Field pin, running, by the maker";
            case DRAW_LIST -> "List for 4, 6, 8 cylinders";
            case MAKER_DRAW -> "Starter's draw, by the maker";
            case RECOVERY_VOLTS -> "Two minutes after the engine-off load";
            case STANDING_CURRENT -> "Current asleep, everything off";
            case STRATEGY -> "Charging strategy";
            case LOADS_ON -> "Loads that were on";
            case LAMP_KEY_ON -> "Charge lamp, key on";
            case PIN_FEED -> "Ignition feed or exciter pin, key on";
            case PIN_FEED_LOADED -> "The same with a test lamp on it";
            case PIN_SENSE -> "Sense pin, key on";
            case DRAIN_LIFTED -> "With B+ lifted the current";
            case DRAIN_BRANCH -> "Branch whose fuse shows a drop";
            case OLD_AMPS -> "Old unit's rating";
            case OLD_PULLEY -> "Old unit's pulley";
            case OLD_BENCH -> "Old unit on the bench";
            case NEW_AMPS -> "New unit's rating";
            case NEW_PULLEY -> "New unit's pulley";
            default -> output(topic);
        };
    }

    private static String output(Topic topic) {
        return switch (topic) {
            case NEW_BENCH -> "New unit on the bench";
            case OLD_ODOMETER -> "Odometer when the old unit was fitted";
            case ODOMETER -> "Odometer at the change";
            case SIDES_READ -> "Both sides of the charging loop";
            case RATED_AMPS -> "Alternator's rated current, by its plate";
            case SET_POINT -> "Regulated voltage, by the maker, at 20 °C";
            case IDLE_SHARE -> "Alternator at idle, share of its plate";
            case BATTERY_AMPS -> "Into the battery, all loads on (− out of it)";
            case RIPPLE_IDLE -> "Ripple at idle, B+ to case";
            case RIPPLE_LOADED -> "Ripple loaded, B+ to case";
            case RIPPLE_POST -> "Ripple loaded, B+ to + post";
            case DIODES_FORWARD -> "Diode test, red on case, black on B+";
            case DIODES_REVERSE -> "Diode test, leads swapped";
            case FIELD_SIDE -> "The field is switched";
            case FIELD_VOLTS -> "Field pin, averaged, loads on";
            case UNSTEADY_LOW -> "Unsteady voltage, lowest";
            case UNSTEADY_HIGH -> "Unsteady voltage, highest";
            case PHASE_ONE -> "Generator, first pair of leads";
            case PHASE_TWO -> "Generator, second pair";
            case PHASE_THREE -> "Generator, third pair";
            case PHASE_FRAME -> "Generator, a lead to the frame";
            default -> throw untitled(topic);
        };
    }

    private static IllegalArgumentException untitled(Topic topic) {
        return new IllegalArgumentException("The topic (%s) has no title. Add a line here.".formatted(topic));
    }

    static String answer(Topic topic, Answer answer) {
        return switch (topic) {
            case BELT_DRIVES -> either(answer, Answer.YES, "it is driven", "it slips");
            case PLUG_FED -> either(answer, Answer.YES, "arrives", "missing");
            case FIELD_ANSWERS -> either(answer, Answer.YES, "the alternator answers", "it does not answer");
            case GENERATOR_GOOD -> either(answer, Answer.YES, "equal, rising, none to frame", "unequal, or to frame");
            case BATTERY_FROZEN -> either(answer, Answer.YES, "frozen", "not frozen");
            case CELL_STAYS_LOW -> either(answer, Answer.YES, "a cell still 2 V low", "it came up");
            case CHARGED_APART -> either(answer, Answer.YES, "charged", "one takes no charge");
            case GLOW_DONE -> "finished";
            case UNPLUGGED -> either(answer, Answer.NOTHING, "gives nothing", "holds a voltage of its own");
            case DRAIN_FOUND -> either(answer, Answer.YES, "it is this one", "it is not");
            case STRATEGY -> answer == Answer.CALCIUM ? "for calcium batteries" : answer.words();
            case PILE_RUN -> either(answer, Answer.START, "on", "off");
            case BUILD_UP -> answer == Answer.START ? "engine started" : answer.words();
            case SLEEP -> answer == Answer.START ? "locked and left alone" : answer.words();
            case SURFACE_CHARGE -> answer == Answer.START ? "load on" : answer.words();
            default -> answer.words();
        };
    }

    private static String either(Answer answer, Answer one, String ofOne, String ofOther) {
        return answer == one ? ofOne : ofOther;
    }
}
