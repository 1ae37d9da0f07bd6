package app.dantro.core.finding;

/** What the evidence makes of a part. */
public enum Standing {
    CLEARED("cleared"),
    SUSPECT("suspect"),
    FAULTY("faulty"),
    NOT_PROVEN("not proven");

    private final String words;

    Standing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
