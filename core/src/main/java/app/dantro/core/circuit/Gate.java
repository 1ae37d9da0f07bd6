package app.dantro.core.circuit;

import java.util.Locale;

/** When a part conducts: most do always, a switch only while it is closed. */
public enum Gate {
    ALWAYS,
    /** Closed while the ignition is on. */
    KEY,
    /** Closed while the key asks for the starter. */
    START;

    /** Whether the part conducts in a condition. */
    public boolean closedIn(Condition condition) {
        return switch (this) {
            case ALWAYS -> true;
            case KEY -> condition.keyOn();
            case START -> condition.starterCalled();
        };
    }

    /** The name in files. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
