package app.dantro.server.view;

import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Stage;
import app.dantro.core.procedure.Step;
import app.dantro.server.store.StoredCase;
import java.util.UUID;

/**
 * A case as the Bay shows it.
 *
 * @param asSaidThen true if it shows what was said when it closed, and this program would not say the same
 */
public record CaseCard(
        UUID id,
        String vehicle,
        String complaint,
        long openedAtMs,
        Stage stage,
        String stageWords,
        Step.Kind nextKind,
        String nextTitle,
        String headline,
        boolean simulated,
        boolean setAside,
        boolean asSaidThen,
        ProfileView profile) {

    public static CaseCard of(StoredCase file, Assessment assessment) {
        return new CaseCard(
                file.record().id(),
                file.record().vehicle(),
                file.record().complaint(),
                file.record().openedAtMs(),
                assessment.stage(),
                assessment.stage().words(),
                assessment.next().kind(),
                assessment.next().title(),
                assessment.findings().headline(),
                file.simulation().isPresent(),
                file.isStruck(file.record().id()),
                assessment instanceof Assessment.AsClosed,
                ProfileView.of(file.circuit(), assessment.profile()));
    }
}
