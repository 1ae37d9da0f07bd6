package app.dantro.core.slip;

import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A doubt about a reading as it was typed, with the answers that settle it.
 *
 * @param sentence what is odd, and what it would mean
 */
public record Slip(Kind kind, String sentence, List<Choice> choices) {
    public Slip {
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(sentence, "sentence");
        choices = List.copyOf(choices);
    }

    static Slip asking(Kind kind, List<Reason> why, Choice... choices) {
        return asking(kind, why, List.of(choices));
    }

    /** With a value that may have been meant offered first. */
    static Slip asking(Kind kind, List<Reason> why, Optional<Choice> meant, Choice... choices) {
        return asking(
                kind, why, Stream.concat(meant.stream(), Stream.of(choices)).toList());
    }

    static Slip asking(Kind kind, List<Reason> why, List<Choice> choices) {
        return new Slip(kind, Reason.words(why), choices);
    }

    /** Kinds of slip that show at entry. */
    public enum Kind {
        DECIMAL,
        SIGN,
        RESOLUTION,
        ABOVE_SOURCE,
        NO_CURRENT,
        CONDITION,
        NO_SOURCE,
        CURRENT,
        /** Made in a condition that what is lifted or connected, by the record, does not allow. */
        UNDONE,
        /** Long after the others it is held against, with no current to carry it over. */
        STALE
    }

    /** What the technician may answer. */
    public enum Answer {
        /** It is what the meter showed. */
        AS_READ,
        /** Another value was meant, see the choice. */
        MEANT,
        /** The starter was turning. */
        CALLED,
        /** The key was held and nothing turned: an open way would carry the battery's volts here. */
        HELD,
        /** Nobody called for the starter, or nothing ran: it stays as a check of meter and leads. */
        NOT_CALLED,
        /** It will be measured again; this one does not count. */
        REPEAT
    }

    /** One answer with its label and, for {@code MEANT}, the value in volts. */
    public record Choice(Answer answer, String label, Optional<Double> volts) {
        static Choice of(Answer answer, Reason label) {
            return new Choice(answer, label.words(), Optional.empty());
        }

        static Choice meaning(double volts, Reason label) {
            return new Choice(Answer.MEANT, label.words(), Optional.of(volts));
        }
    }
}
