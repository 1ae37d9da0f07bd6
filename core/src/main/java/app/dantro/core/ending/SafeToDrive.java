package app.dantro.core.ending;

/** What an ending says about driving on. */
public enum SafeToDrive {
    YES("yes, by what was read"),
    NO("no"),
    NOT_JUDGED("not judged");

    private final String words;

    SafeToDrive(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
