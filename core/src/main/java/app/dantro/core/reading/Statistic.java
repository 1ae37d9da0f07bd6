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

    public String words() {
        return words;
    }
}
