package app.dantro.server.backup;

/** A backup that was not made, or cannot be used: one sentence for whoever asked for it. */
public final class BackupFailed extends RuntimeException {
    private static final long serialVersionUID = 1;

    BackupFailed(String message, Throwable cause) {
        super(message, cause);
    }
}
