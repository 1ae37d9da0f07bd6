package app.dantro.server.job;

import app.dantro.core.circuit.Loop;
import app.dantro.core.inference.Experience;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Basis;
import app.dantro.server.assess.Assessments;
import app.dantro.server.assess.Bases;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.BasisStore;
import app.dantro.server.store.CaseCircuit;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.CircuitStore;
import app.dantro.server.store.EntryStore;
import app.dantro.server.store.EventStore;
import app.dantro.server.store.PhotoStore;
import app.dantro.server.store.ReadingStore;
import app.dantro.server.store.SimulationStore;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import app.dantro.server.view.CaseView;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Loads a case with all its events, and what follows from them. */
@Service
public class Cases {
    private final CaseStore cases;
    private final CircuitStore circuits;
    private final ReadingStore readings;
    private final EventStore events;
    private final EntryStore entries;
    private final PhotoStore photos;
    private final SimulationStore simulations;
    private final BasisStore basisStore;
    private final Bases bases;
    private final Assessments assessments;

    Cases(
            CaseStore cases,
            CircuitStore circuits,
            ReadingStore readings,
            EventStore events,
            EntryStore entries,
            PhotoStore photos,
            SimulationStore simulations,
            BasisStore basisStore,
            Bases bases,
            Assessments assessments) {
        this.cases = cases;
        this.circuits = circuits;
        this.readings = readings;
        this.events = events;
        this.entries = entries;
        this.photos = photos;
        this.simulations = simulations;
        this.basisStore = basisStore;
        this.bases = bases;
        this.assessments = assessments;
    }

    /** @throws ProblemException 404 if there is no such case */
    public StoredCase load(UUID id) {
        return load(head(id));
    }

    /** What is on record of a case, without what it is judged by: for looking back at many. @throws ProblemException 404 */
    public StoredCase record(UUID id) {
        return read(head(id), List.of());
    }

    /** The same with what others put on record since it was loaded: whoever gets an answer misses nothing that came before it. */
    public StoredCase newest(StoredCase file) {
        UUID id = file.record().id();
        return entries.count(id) == file.entries() ? file : load(id);
    }

    private CaseHead head(UUID id) {
        return cases.find(id)
                .orElseThrow(() -> ProblemException.notFound(
                        "There is no case (%s). Open it from the Bay, or start a new one.".formatted(id)));
    }

    /** What the case shows now. */
    public CaseView view(UUID id) {
        return view(load(id));
    }

    /** What a loaded case shows. */
    public CaseView view(StoredCase file) {
        StoredCase current = bases.current(file);
        Assessment assessment = assess(current);
        return CaseView.of(kept(current, assessment), assessment);
    }

    /** The case with what it said when it closed, if it has and all its readings were judged. */
    public StoredCase kept(StoredCase file, Assessment assessment) {
        return bases.kept(file, assessment);
    }

    /** What a case that is opened now is judged by. */
    public Basis basis() {
        return bases.now();
    }

    /** What the shop's own repairs say of a case that is opened now; empty where they are left aside. */
    public Optional<Experience> experience(CaseCircuit circuit, Loop concern) {
        return bases.learned(circuit.circuit(), concern);
    }

    /** Everything that follows from a case's events; the judgement too, once the circuit is ready for it. */
    public Assessment assess(StoredCase file) {
        return assessments.of(file);
    }

    /** The same without asking for a circuit that is not ready. */
    public Assessment assessIfReady(StoredCase file) {
        return assessments.ifReady(file);
    }

    /** What follows by rules alone. */
    public Assessment assessByRules(StoredCase file) {
        return assessments.byRules(file);
    }

    private StoredCase load(CaseHead head) {
        return bases.current(read(head, basisStore.find(head.id())));
    }

    private StoredCase read(CaseHead head, List<StoredBasis> bases) {
        UUID id = head.id();
        return new StoredCase(
                head,
                circuits.newest(id),
                readings.findByCase(id),
                events.findRepairs(id),
                events.findTests(id),
                events.findStatements(id),
                photos.findByCase(id),
                events.findStrikes(id),
                bases,
                simulations.find(id));
    }
}
