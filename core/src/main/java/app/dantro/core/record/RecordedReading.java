package app.dantro.core.record;

import app.dantro.core.reading.Reading;
import app.dantro.core.slip.Slip;
import java.util.Objects;
import java.util.Optional;

/**
 * A reading as it is on record: what was typed, what was asked about it, what was answered.
 *
 * @param struck whether it has been struck out
 */
public record RecordedReading(Reading reading, Optional<Slip> slip, Optional<Slip.Answer> answer, boolean struck) {
    public RecordedReading {
        Objects.requireNonNull(reading, "reading");
        Objects.requireNonNull(slip, "slip");
        Objects.requireNonNull(answer, "answer");
    }

    public static RecordedReading of(Reading reading) {
        return new RecordedReading(reading, Optional.empty(), Optional.empty(), false);
    }

    /** Its state before any repair is looked at. */
    ReadingState state() {
        if (struck) {
            return ReadingState.STRUCK;
        }
        if (slip.isPresent() && answer.isEmpty()) {
            return ReadingState.ASKED;
        }
        return answer.map(RecordedReading::stateAfter).orElse(ReadingState.COUNTS);
    }

    private static ReadingState stateAfter(Slip.Answer answer) {
        return switch (answer) {
            case AS_READ, MEANT, CALLED, HELD -> ReadingState.COUNTS;
            case NOT_CALLED -> ReadingState.CONTROL;
            case REPEAT -> ReadingState.TO_REPEAT;
        };
    }

    /** The reading with the answer worked in: the value that was meant, or the word that the starter turned. */
    public Reading effective() {
        if (answer.isEmpty() || slip.isEmpty()) {
            return reading;
        }
        return switch (answer.get()) {
            case MEANT ->
                slip.get().choices().stream()
                        .flatMap(c -> c.volts().stream())
                        .findFirst()
                        .map(reading::meaning)
                        .orElse(reading);
            case CALLED, HELD -> reading.whileCalled();
            case AS_READ, NOT_CALLED, REPEAT -> reading;
        };
    }
}
