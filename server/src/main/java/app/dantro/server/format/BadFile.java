package app.dantro.server.format;

/** A file that cannot be taken: where in it, and what would be right. */
public final class BadFile extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final String path;

    public BadFile(String path, String message) {
        super(message);
        this.path = path;
    }

    /** JSON path of the value, such as {@code $.circuit.parts[2].ohms}. */
    public String path() {
        return path;
    }

    /** Path and message in one line. */
    public String line() {
        return path + ": " + getMessage();
    }
}
