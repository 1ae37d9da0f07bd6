package app.dantro.server.circuit;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PointId;
import app.dantro.server.circuit.CircuitController.NewVersion;
import app.dantro.server.format.CircuitFormat;
import app.dantro.server.job.Cases;
import app.dantro.server.live.CaseEvents;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.CaseCircuit;
import app.dantro.server.store.CircuitStore;
import app.dantro.server.store.Circuits;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Applies edits to a case's circuit; a point that has readings stays. */
@Service
class CircuitService {
    /** Readings that come in meanwhile have the edit checked once more, so often. */
    private static final int TRIES = 5;

    private final Cases files;
    private final CircuitStore store;
    private final Circuits circuits;
    private final CaseEvents events;

    CircuitService(Cases files, CircuitStore store, Circuits circuits, CaseEvents events) {
        this.circuits = circuits;
        this.files = files;
        this.store = store;
        this.events = events;
    }

    CircuitView show(UUID caseId) {
        StoredCase file = files.load(caseId);
        return CircuitView.of(file.record(), file.onCircuit());
    }

    CircuitView preview(UUID caseId, List<NewEdit> edits) {
        StoredCase file = files.load(caseId);
        return view(edited(file, edits), file);
    }

    CircuitView save(UUID caseId, int version, NewVersion body) {
        for (int i = 0; i < TRIES; i++) {
            Optional<CircuitView> saved = save(files.load(caseId), version, body);
            if (saved.isPresent()) {
                events.changed(caseId);
                return saved.get();
            }
        }
        throw ProblemException.conflict("Readings came into this case while its circuit was changed: send it again.");
    }

    /** Empty if readings came in since the case was loaded: then it has to be checked again whether their points stay. */
    private Optional<CircuitView> save(StoredCase file, int version, NewVersion body) {
        int current = file.onCircuit().version();
        if (version != current + 1) {
            throw ProblemException.conflict(
                    "The circuit is at version %s now, so the next one is %s, not %s. Somebody else changed it: look again."
                            .formatted(current, current + 1, version));
        }
        CaseCircuit edited = edited(file, body.edits());
        CircuitView view = view(edited, file);
        boolean added = store.add(
                file.record().id(), version, edited.json(), file.readings().size(), body.by(), body.changedAtMs());
        return added ? Optional.of(view) : Optional.empty();
    }

    private static CircuitView view(CaseCircuit edited, StoredCase file) {
        return ProblemException.checking("edits", () -> CircuitView.of(file.record(), edited));
    }

    private CaseCircuit edited(StoredCase file, List<NewEdit> edits) {
        Circuit circuit = file.circuit();
        for (int i = 0; i < edits.size(); i++) {
            NewEdit edit = edits.get(i);
            Circuit before = circuit;
            circuit = ProblemException.checking(
                    "edits[%s]".formatted(i), () -> edit.toEdit(before).applyTo(before));
        }
        keepReadPoints(file, circuit);
        return circuits.of(
                file.onCircuit().version() + 1,
                CircuitFormat.withChanges(file.onCircuit().json(), circuit));
    }

    private static void keepReadPoints(StoredCase file, Circuit edited) {
        file.readings().stream()
                .flatMap(r -> Stream.of(r.reading().red(), r.reading().black()))
                .filter(p -> edited.point(p).isEmpty())
                .findFirst()
                .map(PointId::value)
                .ifPresent(p -> {
                    throw ProblemException.field(
                            "edits", "The point (%s) has readings in this case and stays.".formatted(p));
                });
    }
}
