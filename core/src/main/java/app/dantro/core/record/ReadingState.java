package app.dantro.core.record;

/** Whether a recorded reading takes part in the judgement, and why not. */
public enum ReadingState {
    COUNTS("counts"),
    ASKED("waits for an answer"),
    STRUCK("struck out"),
    TO_REPEAT("to be measured again"),
    CONTROL("check of meter and leads"),
    PEAK("a peak, kept beside the settled value"),
    BEFORE_REPAIR("before the repair");

    private final String words;

    ReadingState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
