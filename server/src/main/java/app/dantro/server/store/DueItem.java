package app.dantro.server.store;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;

/**
 * Something that is to be done on a day.
 *
 * @param vehicle on which; none for work of the shop itself, such as a run sheet of a fleet
 * @param odometer in km, if it is to be done by then; whichever comes first
 */
public record DueItem(
        UUID id,
        Optional<UUID> vehicle,
        Kind kind,
        String words,
        LocalDate day,
        OptionalInt odometer,
        String saidBy,
        long saidAtMs) {

    /** What kind of work it is. */
    public enum Kind {
        RECHECK,
        RUN_SHEET
    }

    /** What became of it. */
    public enum Settled {
        DONE,
        LET_GO,
        /** It is to be done after all. */
        AGAIN
    }

    /** That it was settled. */
    public record Settling(UUID id, UUID due, Settled how, String saidBy, long saidAtMs) {}

    /** Something open. @param vehicle the vehicle it is on, as it is known now */
    public record Open(DueItem item, Optional<OfVehicle> vehicle) {}

    /** The vehicle that something is due on. @param odometer where it stood last, in km as it was typed; empty if never said */
    public record OfVehicle(UUID id, String name, String plate, String odometer) {}
}
