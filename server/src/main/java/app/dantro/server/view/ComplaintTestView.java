package app.dantro.server.view;

import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredTest;
import java.util.List;
import java.util.UUID;

/** A complaint test on record. */
public record ComplaintTestView(UUID id, boolean passed, String note, String doneBy, long doneAtMs, boolean struck) {
    static List<ComplaintTestView> all(StoredCase file) {
        return file.tests().stream().map(t -> of(file, t)).toList();
    }

    private static ComplaintTestView of(StoredCase file, StoredTest stored) {
        return new ComplaintTestView(
                stored.test().id(),
                stored.test().passed(),
                stored.test().note(),
                stored.doneBy(),
                stored.test().doneAtMillis(),
                file.isStruck(stored.test().id()));
    }
}
