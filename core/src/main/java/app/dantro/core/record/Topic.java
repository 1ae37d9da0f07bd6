package app.dantro.core.record;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is asked, looked at or ticked off beside readings (docs/job.md, before measuring; two-ended items). A topic without
 * choices takes words.
 */
public enum Topic {
    SYMPTOM(
            Group.INTAKE,
            "What it does",
            "NOTHING",
            "nothing",
            "CLICK",
            "one click",
            "CHATTERS",
            "chatters",
            "SLOW",
            "cranks slowly",
            "DIES",
            "cranks, then dies",
            "INTERMITTENT",
            "now and then",
            "STARTS",
            "starts well"),
    CHARGING_SYMPTOM(
            Group.INTAKE,
            "How it charges",
            "NOT_CHARGING",
            "does not charge",
            "UNDERCHARGES",
            "charges too little",
            "LAMP_ON",
            "lamp stays on",
            "LAMP_DIM",
            "lamp glows dimly",
            "OVERCHARGES",
            "charges too much",
            "UNSTEADY",
            "unsteady",
            "FLAT_MORNING",
            "flat in the morning",
            "DIES_DRIVING",
            "dies while driving"),
    ENGINE(Group.INTAKE, "Engine", "COLD", "cold", "WARM", "warm"),
    LAMP(
            Group.INTAKE,
            "Charge lamp, engine running",
            "OUT",
            "out",
            "ON",
            "stays on",
            "DIM",
            "glows dimly",
            "NEVER",
            "never lights"),
    CHARGER(Group.INTAKE, "On a charger or jump pack today", "NO", "no", "YES", "yes"),
    CLAMP(Group.INTAKE, "DC clamp at hand", "YES", "yes", "NO", "no"),
    PILE(Group.INTAKE, "Carbon pile at hand", "NO", "no", "YES", "yes"),
    CLAMP_CHECKED(Group.INTAKE, "Clamp's output factor, and what it shows with empty jaws"),
    REPLACED(Group.INTAKE, "Replaced already"),
    OUTSIDE(Group.INTAKE, "What others found (unproven here)"),
    BATTERY_AGE(Group.INTAKE, "Age of the battery"),
    CODES(Group.INTAKE, "Warning codes"),
    ACCESSORIES(Group.INTAKE, "Accessories on the clamps"),

    LOOK_POSTS(Group.LOOK, "Posts and clamps clean, tight, whole", Choices.LOOK),
    LOOK_CABLES(Group.LOOK, "Cables: skin whole, no kink, no green end", Choices.LOOK),
    LOOK_GROUNDS(Group.LOOK, "Ground straps and their bolts", Choices.LOOK),
    LOOK_FUSES(Group.LOOK, "Fuses and fusible link", Choices.LOOK),
    LOOK_BELT(Group.LOOK, "Belt there, tight, not glazed", Choices.LOOK),
    LOOK_PLUG(Group.LOOK, "Alternator plug seated, pins straight", Choices.LOOK),
    LOOK_PINS(Group.LOOK, "Plug's pins grip a test pin", Choices.LOOK),
    LOOK_MOUNT(Group.LOOK, "Alternator bolts and bracket", Choices.LOOK),
    LOOK_BATTERY(Group.LOOK, "Battery: right type, not swollen, not wet", Choices.LOOK),

    ENGINE_DISABLED(Group.TWO_ENDED, "Engine disabled for cranking", Choices.TWO_ENDED),
    BATTERY_LIFTED(Group.TWO_ENDED, "Battery − lifted", Choices.TWO_ENDED),
    OUTPUT_LIFTED(Group.TWO_ENDED, "B+ cable lifted", Choices.TWO_ENDED),
    FUSE_PULLED(Group.TWO_ENDED, "Fuse or relay pulled", Choices.TWO_ENDED),
    PILE_ON(Group.TWO_ENDED, "Carbon pile connected", Choices.TWO_ENDED),
    MEMORY_KEEPER(Group.TWO_ENDED, "Memory keeper on", Choices.TWO_ENDED),

    ENGINE_TURNS(Group.PROOF, "The engine, turned by hand", "FREELY", "turns freely", "HARD", "turns hard"),
    BELT_DRIVES(Group.PROOF, "Belt, pulley and shaft with the engine", "YES", "it is driven", "NO", "it slips"),
    PLUG_FED(Group.PROOF, "What its plug needs (maker's figures)", "YES", "arrives", "NO", "missing"),
    FIELD_ANSWERS(
            Group.PROOF,
            "Field commanded as the maker allows",
            "YES",
            "the alternator answers",
            "NO",
            "it does not answer"),
    GENERATOR_GOOD(
            Group.PROOF,
            "Generator's AC volts, phase to phase",
            "YES",
            "equal, rising, none to frame",
            "NO",
            "unequal, or to frame"),
    CELL_STAYS_LOW(Group.PROOF, "Charged on its own, then rested", "YES", "a cell still 2 V low", "NO", "it came up"),
    CHARGED_APART(
            Group.PROOF,
            "Every battery charged on its own, then rested",
            "YES",
            "charged",
            "NO",
            "one takes no charge"),
    DRAIN_FOUND(Group.PROOF, "Branch by branch, after the sleep time", "YES", "it is this one", "NO", "it is not"),

    CHEMISTRY(
            Group.FIGURE,
            "Battery's chemistry",
            "FLOODED",
            "flooded",
            "EFB",
            "EFB",
            "CALCIUM",
            "calcium",
            "AGM",
            "AGM",
            "GEL",
            "gel"),
    CRANK_SPEED(Group.FIGURE, "Cranking speed", new Figure("1/min", 10, 600, false)),
    MAKER_DRAW(Group.FIGURE, "Starter's draw, by the maker", new Figure("A", 10, 1500, false)),
    RECOVERY_VOLTS(Group.FIGURE, "Two minutes after the engine-off load", new Figure("V", 0, 40, false)),
    STANDING_CURRENT(Group.FIGURE, "Current asleep, everything off", new Figure("mA", 0, 20_000, false)),
    STRATEGY(
            Group.FIGURE,
            "Charging strategy",
            "CLASSIC",
            "classic",
            "SMART",
            "smart, by the computer",
            "CALCIUM",
            "for calcium batteries"),
    LOADS_ON(Group.FIGURE, "Loads that were on"),
    LAMP_KEY_ON(Group.FIGURE, "Charge lamp, key on", "LIGHTS", "lights", "DARK", "stays dark"),
    PIN_FEED(Group.FIGURE, "Ignition feed or exciter pin, key on", new Figure("V", 0, 40, false)),
    PIN_FEED_LOADED(Group.FIGURE, "The same with a test lamp on it", new Figure("V", 0, 40, false)),
    PIN_SENSE(Group.FIGURE, "Sense pin, key on", new Figure("V", 0, 40, false)),
    DRAIN_LIFTED(Group.FIGURE, "With B+ lifted the current", "STOPS", "stops", "STAYS", "stays"),
    DRAIN_BRANCH(Group.FIGURE, "Branch whose fuse shows a drop"),
    OLD_AMPS(Group.FIGURE, "Old unit's rating", new Figure("A", 5, 600, false)),
    OLD_PULLEY(Group.FIGURE, "Old unit's pulley", new Figure("mm", 20, 200, false)),
    OLD_BENCH(Group.FIGURE, "Old unit on the bench", "PASSES", "passes", "FAILS", "fails", "NOT_DONE", "not tested"),
    NEW_AMPS(Group.FIGURE, "New unit's rating", new Figure("A", 5, 600, false)),
    NEW_PULLEY(Group.FIGURE, "New unit's pulley", new Figure("mm", 20, 200, false)),
    NEW_BENCH(Group.FIGURE, "New unit on the bench", "PASSES", "passes", "FAILS", "fails", "NOT_DONE", "not tested"),
    ODOMETER(Group.FIGURE, "Odometer at the change", new Figure("km", 0, 9_999_999, false)),
    SIDES_READ(
            Group.FIGURE,
            "Both sides of the charging loop",
            "COMPARE",
            "compare first, split if they part",
            "ALWAYS",
            "always read both"),
    RATED_AMPS(Group.FIGURE, "Alternator's rated current, by its plate", new Figure("A", 5, 600, false)),
    BATTERY_AMPS(Group.FIGURE, "Into the battery, all loads on (− out of it)", new Figure("A", -400, 400, false)),
    RIPPLE_IDLE(Group.FIGURE, "Ripple at idle, B+ to case", new Figure("V AC", 0, 30, false)),
    RIPPLE_LOADED(Group.FIGURE, "Ripple loaded, B+ to case", new Figure("V AC", 0, 30, false)),
    RIPPLE_POST(Group.FIGURE, "Ripple loaded, B+ to + post", new Figure("V AC", 0, 30, false)),
    DIODES_FORWARD(Group.FIGURE, "Diode test, red on case, black on B+", new Figure("mV", 0, 3000, true)),
    DIODES_REVERSE(Group.FIGURE, "Diode test, leads swapped", new Figure("mV", 0, 3000, true)),
    FIELD_SIDE(
            Group.FIGURE,
            "The field is switched",
            "FED",
            "by feeding it",
            "GROUNDED",
            "by grounding it",
            "INSIDE",
            "inside the alternator"),
    FIELD_VOLTS(Group.FIGURE, "Field pin, averaged, loads on", new Figure("V", 0, 32, false)),
    UNSTEADY_LOW(Group.FIGURE, "Unsteady voltage, lowest", new Figure("V", 0, 40, false)),
    UNSTEADY_HIGH(Group.FIGURE, "Unsteady voltage, highest", new Figure("V", 0, 60, false)),
    PHASE_ONE(Group.FIGURE, "Generator, first pair of leads", new Figure("V AC", 0, 200, false)),
    PHASE_TWO(Group.FIGURE, "Generator, second pair", new Figure("V AC", 0, 200, false)),
    PHASE_THREE(Group.FIGURE, "Generator, third pair", new Figure("V AC", 0, 200, false)),
    PHASE_FRAME(Group.FIGURE, "Generator, a lead to the frame", new Figure("V AC", 0, 200, false)),

    CRANK(Group.TIMER, "Cranking", "START", "crank", "STOP", "stop"),
    PILE_RUN(Group.TIMER, "Carbon pile", "START", "on", "STOP", "off"),
    BUILD_UP(Group.TIMER, "Voltage builds up", "START", "engine started"),
    SLEEP(Group.TIMER, "Falling asleep", "START", "locked and left alone"),
    SURFACE_CHARGE(Group.TIMER, "Surface charge", "START", "load on"),

    CLOSED_UNVERIFIED(Group.CLOSING, "Closed without the complaint's test, because");

    /** Where a topic belongs. */
    public enum Group {
        /** Asked when the vehicle comes in. */
        INTAKE,
        /** Seen before measuring. */
        LOOK,
        /** Undone again before the case closes. */
        TWO_ENDED,
        /** Seen or tried before a device is called faulty. */
        PROOF,
        /** Begun or ended at a moment that every screen counts from. */
        TIMER,
        /** Measured beside the volts: a number with its unit, or what it depends on. */
        FIGURE,
        /** Why the case ends without proof. */
        CLOSING
    }

    /** Values that several topics share. */
    private static final class Choices {
        private static final String[] LOOK = {"GOOD", "good", "FOUND", "a fault", "NOT_SEEN", "not seen"};
        private static final String[] TWO_ENDED = {"OPEN", "done", "CLOSED", "restored"};
    }

    private final Group group;
    private final String title;
    private final Map<String, String> choices = new LinkedHashMap<>();
    private final Optional<Figure> figure;

    Topic(Group group, String title, String... valuesAndWords) {
        this.group = group;
        this.title = title;
        this.figure = Optional.empty();
        for (int i = 0; i < valuesAndWords.length; i += 2) {
            choices.put(valuesAndWords[i], valuesAndWords[i + 1]);
        }
    }

    Topic(Group group, String title, Figure figure) {
        this.group = group;
        this.title = title;
        this.figure = Optional.of(figure);
    }

    /** The number that is stated, if it is one. */
    public Optional<Figure> figure() {
        return figure;
    }

    public Group group() {
        return group;
    }

    public String title() {
        return title;
    }

    /** Values that may be stated, in the order they are offered; empty if words are. */
    public List<String> choices() {
        return List.copyOf(choices.keySet());
    }

    /** How a value is spoken; the value itself where words are stated. */
    public String words(String value) {
        return figure.map(f -> f.words(value)).orElseGet(() -> choices.getOrDefault(value, value));
    }

    /** What is wrong with a value, if it may not be stated. */
    public Optional<String> refusal(String value) {
        if (figure.isPresent()) {
            return figure.get().refusal(title, value);
        }
        if (choices.isEmpty() || choices.containsKey(value)) {
            return Optional.empty();
        }
        return Optional.of(
                "\"%s\" takes one of %s, not (%s).".formatted(title, String.join(", ", choices.keySet()), value));
    }
}
