package app.dantro.server.exchange;

import app.dantro.core.record.RecordedReading;
import app.dantro.server.format.Happened;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import java.util.UUID;

/** A case that comes in a file, as far as it had come when one of its readings was taken. */
final class AsItStood {
    private AsItStood() {}

    /** With what was repaired and said before a reading: only what nobody knew then is asked about it. */
    static StoredCase before(StoredCase file, Happened happened, RecordedReading reading, String by) {
        UUID id = file.record().id();
        long at = reading.reading().takenAtMillis();
        return file.beside(
                happened.repairs().stream()
                        .filter(r -> r.doneAtMillis() <= at)
                        .map(r -> new StoredRepair(id, r, by))
                        .toList(),
                happened.statements().stream()
                        .filter(s -> s.saidAtMillis() <= at)
                        .map(s -> new StoredStatement(id, s, by))
                        .toList());
    }
}
