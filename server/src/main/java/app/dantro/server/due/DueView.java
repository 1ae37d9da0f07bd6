package app.dantro.server.due;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * One line of what is due.
 *
 * @param id by which it is settled; none for what follows from readings: it leaves when they say something else
 * @param day on which it is due, at the latest
 * @param overdue true once that day is over
 * @param odometer by which it is due, in words, and where it stood last; empty if only the day counts
 */
record DueView(
        Optional<UUID> id,
        Kind kind,
        String kindWords,
        String words,
        LocalDate day,
        boolean overdue,
        String odometer,
        Optional<DueVehicleView> vehicle,
        String by) {

    /** What kind of work it is. */
    enum Kind {
        RECHECK("Recheck"),
        RUN_SHEET("Run sheet"),
        DRIFT("Drift"),
        BATTERY("Battery's age");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** The vehicle it is on. */
    record DueVehicleView(UUID id, String name, String plate) {}
}
