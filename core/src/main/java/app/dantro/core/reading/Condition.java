package app.dantro.core.reading;

/** How the current was made to flow while reading. */
public enum Condition {
    REST("rest", "Everything off", false),
    KEY_ON("key on, engine off", "Ignition on, engine off", false),
    ENGINE_OFF_LOAD("engine-off load", "Lights and blower on, engine off", false),
    CRANKING("cranking", "Crank 3 s", true),
    START_ATTEMPT("start attempt", "Hold the key", true);

    private final String words;
    private final String instruction;
    private final boolean starterCalled;

    Condition(String words, String instruction, boolean starterCalled) {
        this.words = words;
        this.instruction = instruction;
        this.starterCalled = starterCalled;
    }

    public String words() {
        return words;
    }

    public String instruction() {
        return instruction;
    }

    /** True if the key asks for the starter. Only cranking is known to make its full current flow. */
    public boolean starterCalled() {
        return starterCalled;
    }
}
