package app.dantro.server.problem;

import java.util.stream.Stream;

/** Knows a failure that comes of a disk without room, whoever reports it. */
public final class DiskFull {
    private DiskFull() {}

    /** True if it is one, or was brought about by one. */
    public static boolean is(Throwable failed) {
        return Stream.iterate(failed, cause -> cause != null, Throwable::getCause)
                .map(cause -> String.valueOf(cause.getMessage()))
                .anyMatch(says -> says.contains("[SQLITE_FULL]") || says.contains("No space left on device"));
    }
}
