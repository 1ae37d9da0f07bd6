package app.dantro.server.generate;

import app.dantro.core.ending.Ending;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Step;
import app.dantro.core.record.Topic;
import app.dantro.server.job.Cases;
import app.dantro.server.store.StoredCase;
import java.util.Optional;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Works on a made-up vehicle as a technician who does what the plan asks: all readings are judged together after each step. */
@Component
@ConditionalOnProperty("dantro.generate.vehicles")
final class PlannedVisit {
    private static final int MOST_STEPS = 30;
    private static final long LOOK_AGAIN_MILLIS = 20;

    private final EntryWriter entries;
    private final Cases files;

    PlannedVisit(EntryWriter entries, Cases files) {
        this.entries = entries;
        this.files = files;
    }

    /** To the end, or as far as the plan has something for its hands; what is repaired the vehicle has no more. */
    void work(StoredCase opened, AgingVehicle vehicle) {
        StoredCase now = opened;
        Assessment judged = judged(now);
        for (int steps = 0; steps < MOST_STEPS && !judged.stage().closed(); steps++) {
            Optional<StoredCase> further = done(now, judged.next(), vehicle);
            if (further.isEmpty()) {
                break;
            }
            now = further.get();
            judged = judged(now);
        }
        if (!entries.close(now, judged)) {
            now = entries.said(now, Topic.CLOSED_UNVERIFIED, "The plan asked for what a meter cannot do.");
            entries.close(now, judged(now));
        }
    }

    private Optional<StoredCase> done(StoredCase file, Step step, AgingVehicle vehicle) {
        return switch (step.kind()) {
            case MEASURE ->
                step.probe().map(p -> entries.asRead(entries.read(file, p.red(), p.black(), p.condition())));
            case REPAIR ->
                step.part().flatMap(file.circuit()::part).map(joint -> {
                    vehicle.repaired(joint);
                    return entries.repaired(file, joint);
                });
            case COMPLAINT_TEST -> Optional.of(entries.passed(file));
            case CLOSE -> step.ending().flatMap(Ending::as).map(as -> entries.said(file, Topic.ENDED, as.name()));
            default -> Optional.empty();
        };
    }

    /** Waits for the circuit, which is worked out once for all vehicles of its sort. */
    private Assessment judged(StoredCase file) {
        Assessment now = files.assessIfReady(file);
        while (now instanceof Assessment.ByRules) {
            files.assess(file);
            try {
                Thread.sleep(LOOK_AGAIN_MILLIS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException("Stopped while a circuit was worked out", e);
            }
            now = files.assessIfReady(file);
        }
        return now;
    }
}
