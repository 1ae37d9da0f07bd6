package app.dantro.core.network;

/** What held an operating point back. */
public enum Limit {
    NOT_ENGAGED("the solenoid does not pull in"),
    CHATTERS("the solenoid pulls in and falls back"),
    STALLED("the starter does not turn"),
    ALTERNATOR_AT_LIMIT("the alternator is at its current limit"),
    ALTERNATOR_IDLE("the alternator delivers nothing"),
    OUTPUT_CAPPED("the regulator caps the alternator's own output"),
    OVER_VOLTAGE_CLAMP("the alternator's over-voltage diodes conduct"),
    PILE_AT_LIMIT("the pile is screwed tight");

    private final String words;

    Limit(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
