package app.dantro.server.view;

import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Stage;
import app.dantro.core.procedure.Step;
import app.dantro.core.record.Topic;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.StoredCase;
import java.util.Optional;
import java.util.UUID;

/**
 * A case as the Bay shows it.
 *
 * @param onVehicle what is known of its vehicle; none in a card that is kept
 * @param profile missing where what is on record cannot be read
 * @param over true once somebody ended the case
 * @param behind true while there is more on record than was judged
 * @param inHandsOf who it was handed to, if it was
 * @param asSaidThen true if it shows what was said when it closed, and this program would not say the same
 */
public record CaseCard(
        UUID id,
        String vehicle,
        String complaint,
        long openedAtMs,
        Stage stage,
        String stageWords,
        boolean over,
        Step.Kind nextKind,
        String nextTitle,
        String headline,
        boolean simulated,
        boolean setAside,
        boolean behind,
        boolean asSaidThen,
        Optional<String> inHandsOf,
        Optional<OnVehicle> onVehicle,
        Optional<ProfileView> profile) {

    /** The vehicle it is on, as it is known now. @param due what is to be done on it by today; empty if nothing is */
    public record OnVehicle(UUID id, String plate, String due) {}

    public static CaseCard of(StoredCase file, Assessment assessment) {
        return new CaseCard(
                file.record().id(),
                file.record().vehicle(),
                file.record().complaint(),
                file.record().openedAtMs(),
                assessment.stage(),
                assessment.stage().words(),
                assessment.stage().closed(),
                assessment.next().kind(),
                assessment.next().title(),
                assessment.findings().headline(),
                file.simulation().isPresent(),
                file.isStruck(file.record().id()),
                false,
                assessment instanceof Assessment.AsClosed,
                file.evidence().statements().about(Topic.HANDED_TO).map(s -> s.value()),
                Optional.empty(),
                Optional.of(ProfileView.of(file.circuit(), assessment.profile())));
    }

    /** A case of which what is on record cannot be read. */
    public static CaseCard unreadable(CaseHead head, String why) {
        return new CaseCard(
                head.id(),
                head.vehicle(),
                head.complaint(),
                head.openedAtMs(),
                Stage.FRESH,
                Stage.FRESH.words(),
                false,
                Step.Kind.LOOK_ELSEWHERE,
                "Show this case to whoever looks after the program",
                "What is on record of this case cannot be read: %s Nothing of it was changed.".formatted(why),
                false,
                false,
                false,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** A case of which nothing was worked out yet. */
    public static CaseCard coming(CaseHead head) {
        return new CaseCard(
                head.id(),
                head.vehicle(),
                head.complaint(),
                head.openedAtMs(),
                Stage.FRESH,
                Stage.FRESH.words(),
                false,
                Step.Kind.LOOK_ELSEWHERE,
                "Open the case",
                "",
                false,
                false,
                true,
                false,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** The same while there is more on record. */
    public CaseCard ofBefore() {
        return with(true, onVehicle);
    }

    /** The same with what is known of its vehicle now. */
    public CaseCard on(OnVehicle vehicle) {
        return with(behind, Optional.of(vehicle));
    }

    private CaseCard with(boolean isBehind, Optional<OnVehicle> on) {
        return new CaseCard(
                id,
                vehicle,
                complaint,
                openedAtMs,
                stage,
                stageWords,
                over,
                nextKind,
                nextTitle,
                headline,
                simulated,
                setAside,
                isBehind,
                asSaidThen,
                inHandsOf,
                on,
                profile);
    }
}
