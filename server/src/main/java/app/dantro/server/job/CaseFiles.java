package app.dantro.server.job;

import app.dantro.core.procedure.StartingProcedure;
import app.dantro.server.problem.ProblemException;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Loads a case with all its events and works out what they mean. */
@Service
public class CaseFiles {
    private final CaseStore cases;
    private final ReadingStore readings;
    private final EventStore events;
    private final StartingProcedure procedure;

    CaseFiles(CaseStore cases, ReadingStore readings, EventStore events, StartingProcedure procedure) {
        this.cases = cases;
        this.readings = readings;
        this.events = events;
        this.procedure = procedure;
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

    /** What a loaded case shows. */
    public CaseView view(CaseFile file) {
        return CaseView.of(file, procedure.assess(file.evidence()));
    }

    /** All cases, newest first. */
    public List<CaseCard> cards() {
        return cases.findAll().stream()
                .map(this::load)
                .map(file -> CaseCard.of(file, procedure.assess(file.evidence())))
                .toList();
    }

    private CaseFile load(CaseRecord record) {
        UUID id = record.id();
        return new CaseFile(
                record,
                Circuits.named(record.circuit()),
                readings.findByCase(id),
                events.findRepairs(id),
                events.findTests(id),
                events.findStrikes(id),
                cases.findSimulation(id));
    }
}
