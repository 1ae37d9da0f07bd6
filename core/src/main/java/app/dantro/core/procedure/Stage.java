package app.dantro.core.procedure;

/** How far a case has come. */
public enum Stage {
    FRESH("New"),
    BATTERY("Battery"),
    SIDES("Both sides"),
    WALK("Walk to the part"),
    REPAIR("Repair"),
    RETEST("Waits for retest"),
    ELSEWHERE("Wiring is good"),
    VERIFIED("Verified"),
    CLOSED("Closed, not verified");

    private final String words;

    Stage(String words) {
        this.words = words;
    }

    /** True if the work is over. */
    public boolean closed() {
        return this == VERIFIED || this == CLOSED;
    }

    public String words() {
        return words;
    }
}
