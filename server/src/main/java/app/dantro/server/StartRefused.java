package app.dantro.server;

/** Why Dantro does not start, in one sentence that says what to do. */
public final class StartRefused extends RuntimeException {
    private static final long serialVersionUID = 1;

    public StartRefused(String message) {
        super(message);
    }

    public StartRefused(String message, Throwable cause) {
        super(message, cause);
    }
}
