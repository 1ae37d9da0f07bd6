package app.dantro.core.standing;

import app.dantro.core.quantity.Reason;

/** What is odd about a reading, and the slip that would explain it. */
enum DoubtReason implements Reason.Kind {
    READS_BUT_LEAVE,
    FITS_MOVED,
    SPEED_MEANT,
    CLAMP_ZEROED,
    FITS_TURNED,
    NO_CONTACT,
    FITS_CONDITION,
    NO_USUAL_SLIP,
    READ_AGAIN;

    @Override
    public String template() {
        return switch (this) {
            case READS_BUT_LEAVE -> "%s reads %s, but the other readings leave %s.";
            case FITS_MOVED -> "It would fit as %s: %s?";
            case SPEED_MEANT -> "Was the crankshaft's speed meant, and the engine cranked, not running?";
            case CLAMP_ZEROED -> "Was the clamp zeroed, around one cable, and its output factor right?";
            case FITS_TURNED -> "It would fit with the other sign: were the leads swapped?";
            case NO_CONTACT -> "A probe without contact shows next to nothing.";
            case FITS_CONDITION -> "It would fit the condition '%s': was it read in that one?";
            case NO_USUAL_SLIP -> "No usual slip explains it.";
            case READ_AGAIN -> "Read it again.";
        };
    }
}
