package app.dantro.server.reading;

import app.dantro.core.reading.Reading;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.slip.Slip;
import app.dantro.server.job.Cases;
import app.dantro.server.live.CaseEvents;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.ReadingStore;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredReading;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Takes readings and answers into the record. */
@Service
public class ReadingDesk {
    private final Cases files;
    private final ReadingStore store;
    private final CaseEvents events;
    private final Clock clock;

    ReadingDesk(Cases files, ReadingStore store, CaseEvents events, Clock clock) {
        this.files = files;
        this.store = store;
        this.events = events;
        this.clock = clock;
    }

    /**
     * What became of a send.
     *
     * @param added false if the very same reading was on record already
     * @param file the case with the reading in it
     */
    public record Recorded(boolean added, StoredCase file) {}

    /**
     * Checks a reading for slips and appends it as it was typed.
     *
     * @throws ProblemException 409 if the id belongs to another reading
     */
    public Recorded record(StoredCase file, Reading reading, StoredReading.Source source, String by) {
        return keep(file, stored(file, reading, source, by, asked(file, reading)));
    }

    /** The same for one out of a case file, with what was asked about it there and answered. */
    public Recorded takeOver(StoredCase file, RecordedReading taken, String by) {
        Reading reading = taken.reading();
        if (taken.slip().isEmpty()) {
            return record(file, reading, StoredReading.Source.TYPED, by);
        }
        Recorded kept = keep(file, stored(file, reading, StoredReading.Source.TYPED, by, taken.slip()));
        if (!kept.added() || taken.answer().isEmpty()) {
            return kept;
        }
        store.answer(reading.id(), taken.answer().get(), by, clock.millis());
        return new Recorded(
                true, kept.file().answered(reading.id(), taken.answer().get()));
    }

    private static Optional<Slip> asked(StoredCase file, Reading reading) {
        return file.evidence().asked(reading);
    }

    private StoredReading stored(
            StoredCase file, Reading reading, StoredReading.Source source, String by, Optional<Slip> slip) {
        return new StoredReading(file.record().id(), reading, source, by, clock.millis(), slip, Optional.empty());
    }

    private Recorded keep(StoredCase file, StoredReading stored) {
        Reading reading = stored.reading();
        UUID caseId = stored.caseId();
        if (store.add(stored, file.onCircuit().version())) {
            events.changed(caseId, reading.id());
            return new Recorded(true, file.with(stored));
        }
        Optional<StoredReading> there = store.find(reading.id());
        if (there.isEmpty()) {
            return onNewerCircuit(file, stored);
        }
        if (!there.get().sameContent(stored)) {
            throw ProblemException.conflict(
                    "Another reading has this id (%s). Make a new id for a new reading; strike the old one out if it is wrong."
                            .formatted(reading.id()));
        }
        return new Recorded(false, file.holds(reading.id()) ? file : files.load(caseId));
    }

    /** The circuit was changed since the case was loaded: on the newest one the points and the question are looked at again. */
    private Recorded onNewerCircuit(StoredCase old, StoredReading stored) {
        StoredCase newest = files.load(stored.caseId());
        if (newest.onCircuit().version() == old.onCircuit().version()) {
            throw new IllegalStateException(
                    "The reading (%s) was not taken.".formatted(stored.reading().id()));
        }
        Reading reading = stored.reading();
        newest.point("red", reading.red().value());
        newest.point("black", reading.black().value());
        return record(newest, reading, stored.source(), stored.takenBy());
    }

    /** Records the answer to the question that a reading raised. */
    public void answer(UUID caseId, UUID readingId, Slip.Answer answer, String by) {
        StoredReading stored = files.load(caseId).readings().stream()
                .filter(r -> r.reading().id().equals(readingId))
                .findFirst()
                .orElseThrow(
                        () -> ProblemException.notFound("There is no reading (%s) in this case.".formatted(readingId)));
        Slip slip = stored.slip().orElseThrow(() -> ProblemException.conflict("Nothing was asked about this reading."));
        if (slip.choices().stream().noneMatch(c -> c.answer() == answer)) {
            throw ProblemException.field(
                    "answer",
                    "The answer (%s) is not offered. Choose one of %s."
                            .formatted(
                                    answer,
                                    slip.choices().stream()
                                            .map(Slip.Choice::answer)
                                            .toList()));
        }
        boolean added = store.answer(readingId, answer, by, clock.millis());
        if (!added && stored.answer().filter(a -> a == answer).isEmpty()) {
            throw ProblemException.conflict(
                    "The question is answered already. Strike the reading out and measure again if the answer was wrong.");
        }
        events.changed(caseId, readingId);
    }
}
