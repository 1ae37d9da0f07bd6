package app.dantro.server.store;

import java.util.Optional;
import java.util.UUID;

/**
 * What Bay and log show of a case, as it was worked out for one state of it.
 *
 * @param changed the state: how often something came on record
 * @param judged false if all readings together are still to be judged
 * @param lastAtMs when something last happened to it
 * @param words what it is found by
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
        Optional<String> card) {

    /** A case whose line is behind what is on record. */
    public record Behind(UUID caseId, long changed) {}

    /** A case on the Bay. @param behind true while there is more on record than the card knows of */
    public record OnBay(UUID caseId, boolean behind, Optional<String> card) {}
}
