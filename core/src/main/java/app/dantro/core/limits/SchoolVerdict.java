package app.dantro.core.limits;

/** What a school says of a drop; silent where its limit is for another measurement. */
public enum SchoolVerdict {
    PASSES("passes"),
    MARGINAL("marginal"),
    FAILS("fails"),
    SILENT("silent");

    private final String words;

    SchoolVerdict(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
