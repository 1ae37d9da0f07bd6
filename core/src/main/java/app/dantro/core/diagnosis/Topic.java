package app.dantro.core.diagnosis;

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
    DRAIN_FOUND(Group.PROOF, "Branch by branch, after the sleep time", "YES", "it is this one", "NO", "it is not"),

    CRANK(Group.TIMER, "Cranking", "START", "crank", "STOP", "stop"),
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

    Topic(Group group, String title, String... valuesAndWords) {
        this.group = group;
        this.title = title;
        for (int i = 0; i < valuesAndWords.length; i += 2) {
            choices.put(valuesAndWords[i], valuesAndWords[i + 1]);
        }
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
        return choices.getOrDefault(value, value);
    }

    /** What is wrong with a value, if it may not be stated. */
    public Optional<String> refusal(String value) {
        if (choices.isEmpty() || choices.containsKey(value)) {
            return Optional.empty();
        }
        return Optional.of(
                "\"%s\" takes one of %s, not (%s).".formatted(title, String.join(", ", choices.keySet()), value));
    }
}
