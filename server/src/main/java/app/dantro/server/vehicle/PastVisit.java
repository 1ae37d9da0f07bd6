package app.dantro.server.vehicle;

import app.dantro.core.record.CaseRecord;
import app.dantro.server.store.StoredCase;
import java.util.UUID;

/**
 * A case as its vehicle's history looks at it.
 *
 * @param evidence what is on record, put together once
 */
record PastVisit(StoredCase file, CaseRecord evidence) {
    static PastVisit of(StoredCase file) {
        return new PastVisit(file, file.evidence());
    }

    UUID id() {
        return file.record().id();
    }

    long openedAtMs() {
        return file.record().openedAtMs();
    }
}
