package app.dantro.core.reading;

/** Which value of a moving display was taken down. */
public enum Statistic {
    SETTLED("settled"),
    MEAN("mean of several cranks"),
    MINIMUM("lowest"),
    INRUSH("first peak");

    private final String words;

    Statistic(String words) {
        this.words = words;
    }

    /** True for a value that stood for an instant only: no current belongs to it, so no limit for a drop does. */
    public boolean instant() {
        return this == MINIMUM || this == INRUSH;
    }

    public String words() {
        return words;
    }
}
