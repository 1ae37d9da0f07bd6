package app.dantro.server.job;

import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Concern;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.server.problem.ProblemException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Loads a case with all its events and works out what they mean. */
@Service
public class CaseFiles {
    private static final int KEPT = 64;

    private final CaseStore cases;
    private final CircuitStore circuits;
    private final ReadingStore readings;
    private final EventStore events;
    private final PhotoStore photos;
    private final OrderOfWork order;
    private final PreparedCircuits prepared;
    /** The Bay shows the same cases again and again; what follows from a record never changes. */
    private final Map<Assessed, Assessment> recent =
            Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Assessed, Assessment> eldest) {
                    return size() > KEPT;
                }
            });

    private record Assessed(CaseFile file, boolean judged) {}

    CaseFiles(
            CaseStore cases,
            CircuitStore circuits,
            ReadingStore readings,
            EventStore events,
            PhotoStore photos,
            OrderOfWork order,
            PreparedCircuits prepared) {
        this.prepared = prepared;
        this.cases = cases;
        this.circuits = circuits;
        this.readings = readings;
        this.events = events;
        this.photos = photos;
        this.order = order;
    }

    /** @throws ProblemException 404 if there is no such case */
    public CaseFile load(UUID id) {
        return load(cases.find(id)
                .orElseThrow(() -> ProblemException.notFound(
                        "There is no case (%s). Open it from the Bay, or start a new one.".formatted(id))));
    }

    /** What the case shows now. */
    public CaseView view(UUID id) {
        return view(load(id));
    }

    /** Everything that follows from a case's events; the judgement too, once the circuit is ready for it. */
    public Assessment assess(CaseFile file) {
        return assess(file, prepared.of(file));
    }

    private Assessment assess(CaseFile file, Optional<PreparedCircuit> circuit) {
        Assessed key = new Assessed(file, circuit.isPresent());
        Assessment known = recent.get(key);
        if (known == null) {
            known = order.assess(file.record().concern(), file.evidence(), circuit);
            recent.put(key, known);
        }
        return known;
    }

    /** What follows by rules alone. */
    public Assessment assessByRules(CaseFile file) {
        return order.assess(file.record().concern(), file.evidence());
    }

    /** What a loaded case shows. */
    public CaseView view(CaseFile file) {
        Assessment assessment = assess(file);
        synchronized (assessment) { // it works out what is asked of it, and two devices may ask at once
            return CaseView.of(file, assessment);
        }
    }

    /** All cases, newest first. */
    public List<CaseCard> cards() {
        return cases.findAll().stream()
                .map(this::load)
                .map(file -> CaseCard.of(file, assess(file, prepared.ifReady(file))))
                .toList();
    }

    /** The cases of one concern that are not set aside, newest first. */
    public List<CaseFile> openOf(Concern concern) {
        return cases.findAll().stream()
                .filter(record -> record.concern() == concern)
                .map(this::load)
                .filter(file -> !file.isStruck(file.record().id()))
                .toList();
    }

    private CaseFile load(CaseHead record) {
        UUID id = record.id();
        return new CaseFile(
                record,
                circuits.newest(id),
                readings.findByCase(id),
                events.findRepairs(id),
                events.findTests(id),
                events.findStatements(id),
                photos.findByCase(id),
                events.findStrikes(id),
                cases.findSimulation(id));
    }
}
