package app.dantro.server.event;

import app.dantro.server.job.Cases;
import app.dantro.server.live.CaseEvents;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.EventStore;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.store.StoredTest;
import app.dantro.server.store.Strike;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Appends repairs, complaint tests, statements and strikes; the same send twice does no harm. */
@Service
public class Events {
    private final Cases files;
    private final EventStore store;
    private final CaseEvents events;

    Events(Cases files, EventStore store, CaseEvents events) {
        this.files = files;
        this.store = store;
        this.events = events;
    }

    public boolean record(StoredRepair repair) {
        UUID id = repair.repair().id();
        return done(store.add(repair), repair, store.findRepair(id), repair.caseId(), id);
    }

    public boolean record(StoredTest test) {
        UUID id = test.test().id();
        return done(store.add(test), test, store.findTest(id), test.caseId(), id);
    }

    public boolean record(StoredStatement said) {
        UUID id = said.statement().id();
        return done(store.add(said), said, store.findStatement(id), said.caseId(), id);
    }

    boolean record(Strike strike) {
        StoredCase file = files.load(strike.caseId());
        if (!file.holds(strike.target())) {
            throw ProblemException.field(
                    "target", "There is nothing with the id (%s) in this case.".formatted(strike.target()));
        }
        return done(store.add(strike), strike, store.findStrike(strike.id()), strike.caseId(), strike.id());
    }

    private <T> boolean done(boolean added, T sent, Optional<T> onRecord, UUID caseId, UUID entry) {
        if (!added && !onRecord.orElseThrow().equals(sent)) {
            throw ProblemException.taken();
        }
        events.changed(caseId, entry);
        return added;
    }
}
