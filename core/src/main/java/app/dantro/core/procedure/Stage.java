package app.dantro.core.procedure;

import java.util.EnumSet;
import java.util.Set;

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
    GOOD("Good"),
    NOT_REPRODUCED("Not reproduced"),
    CHARGED("Charged"),
    HANDED_ON("Handed on"),
    DECLINED("Declined"),
    CLOSED("Closed, not verified");

    private static final Set<Stage> OVER =
            EnumSet.of(VERIFIED, GOOD, NOT_REPRODUCED, CHARGED, HANDED_ON, DECLINED, CLOSED);

    private final String words;

    Stage(String words) {
        this.words = words;
    }

    /** True if the work is over. */
    public boolean closed() {
        return OVER.contains(this);
    }

    public String words() {
        return words;
    }
}
