package app.dantro.server.exchange;

import app.dantro.core.inference.Experience;
import app.dantro.core.network.VehicleState;
import app.dantro.core.procedure.Basis;
import app.dantro.core.record.RecordedReading;
import app.dantro.server.event.Events;
import app.dantro.server.format.CaseDocument;
import app.dantro.server.format.Happened;
import app.dantro.server.job.Cases;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.reading.ReadingDesk;
import app.dantro.server.store.BasisStore;
import app.dantro.server.store.CaseCircuit;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.Circuits;
import app.dantro.server.store.ExperienceStore;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.SimulationStore;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.store.StoredTest;
import app.dantro.server.view.CaseView;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Cases out of case files. Readings go through the same door as typed ones. */
@Service
class CaseImport {
    private final CaseStore cases;
    private final CaseExport export;
    private final SimulationStore simulations;
    private final BasisStore bases;
    private final Circuits circuits;
    private final ExperienceStore experience;
    private final Cases files;
    private final ReadingDesk readings;
    private final Events events;
    private final TransactionTemplate transaction;
    private final Clock clock;

    CaseImport(
            CaseStore cases,
            CaseExport export,
            SimulationStore simulations,
            BasisStore bases,
            Circuits circuits,
            ExperienceStore experience,
            Cases files,
            ReadingDesk readings,
            Events events,
            TransactionTemplate transaction,
            Clock clock) {
        this.transaction = transaction;
        this.events = events;
        this.circuits = circuits;
        this.experience = experience;
        this.cases = cases;
        this.export = export;
        this.simulations = simulations;
        this.bases = bases;
        this.files = files;
        this.readings = readings;
        this.clock = clock;
    }

    /**
     * All of it or nothing. What was said at a closing is taken over if another version of the program judged it; this one
     * judges anew.
     *
     * @throws ProblemException 409 if the id belongs to another case, or one in the file to another entry
     */
    CaseView open(UUID id, String by, CaseDocument document) {
        CaseCircuit circuit = circuits.of(1, document.circuitJson());
        transaction.executeWithoutResult(status -> add(id, by, document, circuit));
        return files.view(id);
    }

    private void add(UUID id, String by, CaseDocument document, CaseCircuit circuit) {
        CaseHead record = new CaseHead(
                id,
                document.vehicle(),
                document.complaint(),
                document.concern(),
                document.state().celsius(),
                by,
                clock.millis());
        StoredCase file = StoredCase.opened(record, circuit);
        Basis basis = document.basis().orElseGet(files::basis);
        boolean added = cases.add(record, Optional.empty(), document.circuitJson(), basis, learned(document, circuit));
        if (added) {
            experience.imported(id, by, clock.millis());
            if (!document.extensions().isEmpty()) {
                cases.addExtensions(id, document.extensions());
            }
            if (!document.state().equals(VehicleState.healthyAt(document.state().celsius()))) {
                simulations.add(simulation(id, document.state()));
            }
        } else {
            file = files.load(id);
            if (!export.document(file).equalsIgnoringEvents(document)) {
                throw ProblemException.conflict(
                        "Another case has this id (%s). Make a new id for a new case.".formatted(id));
            }
        }
        Happened happened = document.happened();
        for (RecordedReading reading : document.readings()) {
            file = readings.takeOver(AsItStood.before(file, happened, reading, by), reading, by)
                    .file();
        }
        happened.repairs().forEach(r -> events.record(new StoredRepair(id, r, by)));
        happened.tests().forEach(t -> events.record(new StoredTest(id, t, by)));
        happened.statements().forEach(s -> events.record(new StoredStatement(id, s, by)));
        int entries = file.beside(List.of(), List.of()).judged() + happened.entries();
        document.closing()
                .filter(said -> added && !basis.ofThisProgram())
                .ifPresent(said -> bases.close(id, 1, new StoredBasis.Closing(said, entries, clock.millis())));
    }

    /** A simulated vehicle is no place for what a shop saw on real ones. */
    private Optional<Experience> learned(CaseDocument document, CaseCircuit circuit) {
        boolean healthy =
                document.state().equals(VehicleState.healthyAt(document.state().celsius()));
        return healthy ? files.experience(circuit, document.concern()) : Optional.empty();
    }

    /** A vehicle that is like the file says, for the simulated meter. */
    private static Simulation simulation(UUID id, VehicleState state) {
        return new Simulation(
                id,
                state.faults(),
                state.stateOfCharge(),
                state.glowing(),
                true,
                id.getLeastSignificantBits() & 0xffff);
    }
}
