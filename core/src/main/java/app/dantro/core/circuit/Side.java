package app.dantro.core.circuit;

/** The two wiring sides of a loop. */
public enum Side {
    SUPPLY("supply side"),
    RETURN("return side");

    private final String words;

    Side(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
