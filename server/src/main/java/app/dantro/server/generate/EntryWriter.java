package app.dantro.server.generate;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.core.slip.Slip;
import app.dantro.server.instrument.SimulatedInstruments;
import app.dantro.server.job.Cases;
import app.dantro.server.reading.ReadingDesk;
import app.dantro.server.store.BasisStore;
import app.dantro.server.store.EventStore;
import app.dantro.server.store.ReadingStore;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredReading;
import app.dantro.server.store.StoredReading.Source;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.store.StoredTest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Puts single entries of a made-up case on record, each two minutes after the one before; gives back the case with it. */
@Component
@ConditionalOnProperty("dantro.generate.vehicles")
final class EntryWriter {
    static final String BY = "Generated workshop";
    private static final long STEP_MILLIS = 120_000;

    private final SimulatedInstruments instruments;
    private final ReadingDesk readings;
    private final ReadingStore store;
    private final EventStore events;
    private final BasisStore bases;
    private final Cases files;

    EntryWriter(
            SimulatedInstruments instruments,
            ReadingDesk readings,
            ReadingStore store,
            EventStore events,
            BasisStore bases,
            Cases files) {
        this.instruments = instruments;
        this.readings = readings;
        this.store = store;
        this.events = events;
        this.bases = bases;
        this.files = files;
    }

    StoredCase read(StoredCase file, PointId red, PointId black, Condition condition) {
        SimulatedInstruments.Display display = instruments.measure(file, red, black, condition, Ammeter.clamp());
        Reading reading = new Reading(
                id(file, "reading"),
                red,
                black,
                condition,
                TypedVolts.parse(display.typed()),
                Statistic.SETTLED,
                display.amps().map(a -> Current.of(a, Current.How.CLAMP)).orElseGet(Current::unknown),
                Optional.of(display.range()),
                false,
                moment(file));
        return readings.record(file, reading, Source.SIMULATED, BY).file();
    }

    /** The meter never errs: whatever is asked about a reading, it was as read. */
    StoredCase asRead(StoredCase file) {
        StoredCase now = file;
        for (StoredReading asked : file.readings()) {
            UUID id = asked.reading().id();
            if (asked.slip().isPresent() && asked.answer().isEmpty()) {
                store.answer(id, Slip.Answer.AS_READ, BY, moment(now));
                now = now.answered(id, Slip.Answer.AS_READ);
            }
        }
        return now;
    }

    StoredCase said(StoredCase file, Topic topic, String value) {
        StoredStatement said = new StoredStatement(
                file.record().id(), new Statement(id(file, topic.name()), topic, value, "", moment(file)), BY);
        events.add(said);
        return with(file, file.repairs(), file.tests(), more(file.statements(), said));
    }

    StoredCase repaired(StoredCase file, Part joint) {
        StoredRepair repair = new StoredRepair(
                file.record().id(),
                new Repair(id(file, "repair"), joint.id(), Repair.Action.CLEANED, "", moment(file)),
                BY);
        events.add(repair);
        return with(file, more(file.repairs(), repair), file.tests(), file.statements());
    }

    StoredCase passed(StoredCase file) {
        StoredTest test =
                new StoredTest(file.record().id(), new ComplaintTest(id(file, "test"), true, "", moment(file)), BY);
        events.add(test);
        return with(file, file.repairs(), more(file.tests(), test), file.statements());
    }

    /** What the rules say of it is what it says when it closes. @return false if by the rules it is not over */
    boolean close(StoredCase file) {
        return close(file, files.assessByRules(file));
    }

    /** The same by what was judged. */
    boolean close(StoredCase file, Assessment assessment) {
        if (assessment.stage().closed()) {
            bases.close(
                    file.record().id(), 1, new StoredBasis.Closing(AsSaid.of(assessment), file.judged(), moment(file)));
        }
        return assessment.stage().closed();
    }

    private static StoredCase with(
            StoredCase file, List<StoredRepair> repairs, List<StoredTest> tests, List<StoredStatement> statements) {
        return new StoredCase(
                file.record(),
                file.onCircuit(),
                file.readings(),
                repairs,
                tests,
                statements,
                file.photos(),
                file.strikes(),
                file.bases(),
                file.simulation());
    }

    private static <T> List<T> more(List<T> before, T one) {
        List<T> all = new ArrayList<>(before);
        all.add(one);
        return all;
    }

    private static long moment(StoredCase file) {
        return file.record().openedAtMs() + entries(file) * STEP_MILLIS;
    }

    private static int entries(StoredCase file) {
        return file.readings().size()
                + file.repairs().size()
                + file.tests().size()
                + file.statements().size()
                + 1;
    }

    private static UUID id(StoredCase file, String what) {
        return UUID.nameUUIDFromBytes((file.record().id() + what + entries(file)).getBytes(StandardCharsets.UTF_8));
    }
}
