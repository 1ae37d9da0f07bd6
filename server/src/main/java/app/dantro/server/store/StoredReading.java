package app.dantro.server.store;

import app.dantro.core.reading.Reading;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.slip.Slip;
import java.util.Optional;
import java.util.UUID;

/**
 * A reading with its origin.
 *
 * @param savedAtMs when it was made durable, in epoch milliseconds
 */
public record StoredReading(
        UUID caseId,
        Reading reading,
        Source source,
        String takenBy,
        long savedAtMs,
        Optional<Slip> slip,
        Optional<Slip.Answer> answer) {

    /** Where a number came from. */
    public enum Source {
        TYPED,
        SIMULATED
    }

    /** The same with the answer to what was asked. */
    StoredReading answered(Slip.Answer given) {
        return new StoredReading(caseId, reading, source, takenBy, savedAtMs, slip, Optional.of(given));
    }

    public RecordedReading recorded(boolean struck) {
        return new RecordedReading(reading, slip, answer, struck);
    }

    /** True if both say the same thing about the same measurement; when it was saved and asked does not matter. */
    public boolean sameContent(StoredReading other) {
        return caseId.equals(other.caseId)
                && reading.equals(other.reading)
                && source == other.source
                && takenBy.equals(other.takenBy);
    }
}
