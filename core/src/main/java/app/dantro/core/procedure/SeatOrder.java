package app.dantro.core.procedure;

/** What the person in the seat is told by the one with the probe (docs/job.md, cautions). */
public enum SeatOrder {
    STOP("STOP", "Key off, hands away from it.", 0),
    READY("READY", "Park or neutral, brake on. Hand at the key, do not turn it.", 60_000),
    CRANK("CRANK", "Turn the key and hold it until this says STOP.", 10_000),
    HOLD("HOLD 2000", "Engine running: hold 2000 revs a minute.", 30_000),
    LIGHTS("LIGHTS", "High beam, blower and rear window on.", 30_000);

    private final String headline;
    private final String words;
    private final long lapseMillis;

    SeatOrder(String headline, String words, long lapseMillis) {
        this.headline = headline;
        this.words = words;
        this.lapseMillis = lapseMillis;
    }

    /** Readable from the wing. */
    public String headline() {
        return headline;
    }

    public String words() {
        return words;
    }

    /** How long the order waits for its answer before it counts no more, in milliseconds. */
    public long lapseMillis() {
        return lapseMillis;
    }
}
