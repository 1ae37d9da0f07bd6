package app.dantro.core.procedure;

/** How long a starter is turned, and how long it then rests (docs/job.md, cautions). */
public final class CrankTime {
    /** A crank for a reading, in s. */
    public static final int USUAL_SECONDS = 5;
    /** The longest, one or several together, in s. */
    public static final int MOST_SECONDS = 15;
    /** How long the starter rests after that, in s. */
    public static final int REST_SECONDS = 120;

    private CrankTime() {}
}
