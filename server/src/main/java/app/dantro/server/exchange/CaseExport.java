package app.dantro.server.exchange;

import app.dantro.core.network.VehicleState;
import app.dantro.core.record.RecordedReading;
import app.dantro.server.format.CaseDocument;
import app.dantro.server.format.Happened;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.store.StoredTest;
import java.util.List;
import org.springframework.stereotype.Component;

/** Case files of cases. */
@Component
class CaseExport {
    private final CaseStore cases;

    CaseExport(CaseStore cases) {
        this.cases = cases;
    }

    /** The case file of a case: what was stated and read, without the hidden faults of a simulated vehicle. */
    CaseDocument document(StoredCase file) {
        List<RecordedReading> standing = file.readings().stream()
                .filter(r -> !file.isStruck(r.reading().id()))
                .map(r -> r.recorded(false))
                .toList();
        return new CaseDocument(
                file.record().vehicle(),
                file.record().complaint(),
                file.record().concern(),
                file.circuit(),
                file.onCircuit().json(),
                file.simulation()
                        .filter(Simulation::stated)
                        .map(s -> s.state(file.record().celsius()))
                        .orElseGet(() -> VehicleState.healthyAt(file.record().celsius())),
                standing,
                new Happened(
                        file.repairs().stream()
                                .map(StoredRepair::repair)
                                .filter(r -> !file.isStruck(r.id()))
                                .toList(),
                        file.tests().stream()
                                .map(StoredTest::test)
                                .filter(t -> !file.isStruck(t.id()))
                                .toList(),
                        file.standing().stream().map(StoredStatement::statement).toList()),
                file.basis().map(StoredBasis::basis),
                file.closing().map(StoredBasis.Closing::said),
                cases.findExtensions(file.record().id()).orElse(""));
    }
}
