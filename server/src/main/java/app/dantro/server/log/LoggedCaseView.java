package app.dantro.server.log;

import app.dantro.core.circuit.Loop;
import app.dantro.core.procedure.Stage;
import app.dantro.server.store.LoggedCase;
import java.util.UUID;

/** A case as the log lists it. */
record LoggedCaseView(
        UUID id,
        UUID vehicleId,
        String vehicle,
        String plate,
        String complaint,
        Loop concern,
        String stageWords,
        boolean over,
        String finding,
        String repairs,
        String people,
        long openedAtMs,
        long lastAtMs,
        boolean setAside,
        boolean simulated,
        boolean behind) {
    static LoggedCaseView of(LoggedCase logged) {
        Stage stage = Stage.valueOf(logged.stage());
        return new LoggedCaseView(
                logged.caseId(),
                logged.vehicleId(),
                logged.vehicle(),
                logged.plate(),
                logged.complaint(),
                logged.concern(),
                stage.words(),
                stage.closed(),
                logged.finding(),
                logged.repairs(),
                logged.people(),
                logged.openedAtMs(),
                logged.lastAtMs(),
                logged.setAside(),
                logged.simulated(),
                logged.behind());
    }
}
