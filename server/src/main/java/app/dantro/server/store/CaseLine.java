package app.dantro.server.store;

import app.dantro.core.circuit.PartKind;
import app.dantro.core.history.CaseTally;
import app.dantro.core.history.Measured;
import app.dantro.core.inference.CertifiedParts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What Bay and log show of a case, as it was worked out for one state of it.
 *
 * @param changed the state: how often something came on record
 * @param judged false if all readings together are still to be judged
 * @param lastAtMs when something last happened to it
 * @param words what it is found by
 * @param sort of vehicle; empty where it cannot be read
 * @param tally what it adds to the figures of the shop
 * @param joints what its readings tell of joints and cables
 * @param certified what it tells of healthy parts, if it ended well
 * @param card as the Bay shows it, in JSON; none once it has left the Bay
 */
public record CaseLine(
        UUID caseId,
        long changed,
        boolean judged,
        boolean inWork,
        boolean setAside,
        long lastAtMs,
        String stage,
        String finding,
        String repairs,
        String people,
        String words,
        String sort,
        CaseTally tally,
        List<JointTold> joints,
        Map<PartKind, CertifiedParts> certified,
        Optional<String> card) {

    /** What a case tells of a joint. @param mostOhms upper bound of healthy ones @param sinceMs its last repair there, or 0 */
    public record JointTold(String name, Measured measured, double mostOhms, long sinceMs) {}

    /** A case whose line is behind what is on record. */
    public record Behind(UUID caseId, long changed) {}

    /** A case on the Bay. @param behind true while there is more on record than the card knows of @param plate empty if none is known */
    public record OnBay(UUID caseId, boolean behind, UUID vehicle, String plate, Optional<String> card) {}
}
