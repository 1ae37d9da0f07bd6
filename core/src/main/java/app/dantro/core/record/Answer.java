package app.dantro.core.record;

import app.dantro.core.circuit.Loop;

/** Every answer that a topic may offer. What it means depends on the topic; a typo does not compile. */
public enum Answer {
    NOTHING("nothing"),
    CLICK("one click"),
    CHATTERS("chatters"),
    SLOW("cranks slowly"),
    DIES("cranks, then dies"),
    INTERMITTENT("now and then"),
    STARTS("starts well"),
    NOT_CHARGING("does not charge"),
    UNDERCHARGES("charges too little"),
    LAMP_ON("lamp stays on"),
    LAMP_DIM("lamp glows dimly"),
    OVERCHARGES("charges too much"),
    UNSTEADY("unsteady"),
    FLAT_MORNING("flat in the morning"),
    DIES_DRIVING("dies while driving"),
    CHECK("nothing: a check"),
    NORMALLY("as it should"),
    SLOWLY("slowly"),
    NOT_AT_ALL("not at all"),
    NOT_REPRODUCED("not reproduced today"),
    CHARGED("charged"),
    HANDED_ON("handed on"),
    DECLINED("customer declines"),
    DRIVEN("on its own"),
    JUMPED("on a jump pack"),
    RUNNING("running, not to be stopped"),
    COLD("cold"),
    WARM("warm"),
    OUT("out"),
    ON("stays on"),
    DIM("glows dimly"),
    NEVER("never lights"),
    NO("no"),
    YES("yes"),
    GOOD("good"),
    FOUND("a fault"),
    NOT_SEEN("not seen"),
    OPEN("done"),
    CLOSED("restored"),
    FREELY("turns freely"),
    HARD("turns hard"),
    FLOODED("flooded"),
    EFB("EFB"),
    CALCIUM("calcium"),
    AGM("AGM"),
    GEL("gel"),
    LITHIUM("lithium"),
    CLASSIC("classic"),
    SMART("smart, by the computer"),
    LIGHTS("lights"),
    DARK("stays dark"),
    STOPS("stops"),
    STAYS("stays"),
    PASSES("passes"),
    FAILS("fails"),
    NOT_DONE("not tested"),
    REGULATES("holds a voltage of its own"),
    LOWER("125, 150, 200 A"),
    HIGHER("150–185, 160–200, 185–250 A"),
    COMPARE("compare first, split if they part"),
    ALWAYS("always read both"),
    FED("by feeding it"),
    GROUNDED("by grounding it"),
    INSIDE("inside the alternator"),
    FIRST("the first battery"),
    SECOND("the second battery"),
    ALIKE("both alike"),
    START("crank"),
    STOP("stop");

    private final String words;

    Answer(String words) {
        this.words = words;
    }

    /** What a customer complains of about a loop, the check last. */
    static Answer[] of(Loop loop) {
        return loop == Loop.STARTING
                ? new Answer[] {NOTHING, CLICK, CHATTERS, SLOW, DIES, INTERMITTENT, STARTS, CHECK}
                : new Answer[] {
                    NOT_CHARGING,
                    UNDERCHARGES,
                    LAMP_ON,
                    LAMP_DIM,
                    OVERCHARGES,
                    UNSTEADY,
                    FLAT_MORNING,
                    DIES_DRIVING,
                    CHECK
                };
    }

    /** How it is spoken where a topic has no words of its own for it. */
    String words() {
        return words;
    }
}
