package app.dantro.server.health;

import java.util.List;
import java.util.Optional;

/**
 * How the program is.
 *
 * @param well true if there is nothing to see to
 * @param seeTo what there is, a sentence each with what to do
 * @param database bytes of the database and of its log, and whether it can be written
 * @param freeBytes on the disk of the data folder
 * @param backups the newest one, and whether it is three days old or more
 * @param judgement circuits that wait to be worked out, and how many were
 * @param eventLines open streams to screens
 * @param heapBytes taken of the heap, and at most
 * @param sinceMs when the program started
 */
public record HealthView(
        boolean well,
        List<String> seeTo,
        Database database,
        long freeBytes,
        Backups backups,
        Judgement judgement,
        int eventLines,
        Heap heapBytes,
        long sinceMs) {
    /**
     * @param writable whether an entry could be written this moment
     * @param reading whether all rows are still being held against their seal
     * @param damage what was found to be other than it was acknowledged
     */
    public record Database(long bytes, long logBytes, boolean writable, boolean reading, Optional<String> damage) {}

    /** @param newestAtMs empty where there is none */
    public record Backups(Optional<Long> newestAtMs, int kept, boolean late) {}

    /** Circuits being worked out, or done. */
    public record Judgement(int waiting, long workedOut) {}

    /** Memory of the program's own. */
    public record Heap(long taken, long most) {}
}
