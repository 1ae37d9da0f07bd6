package app.dantro.core.fact;

/** The four answers to a drop, and the one that is none (docs/job.md, answers). */
public enum DropAnswer {
    FAILS("fails"),
    CERTIFIED("certified"),
    NOT_THE_CAUSE("not the cause, not certified"),
    IMPLAUSIBLE("implausible"),
    NOT_PROVEN("not proven");

    private final String words;

    DropAnswer(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
