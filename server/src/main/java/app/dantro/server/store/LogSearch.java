package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.VehicleSort;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Which cases of the log are wanted.
 *
 * @param words in the language of the index; empty for all
 * @param vehicle only this vehicle's
 * @param stages names of stages; empty for all
 * @param inWork only what is in work, or only what is not
 * @param setAside only what is set aside, or only what is not
 * @param sort of vehicle
 * @param found kind of the part whose repair was verified
 * @param fromMs opened then or later
 * @param untilMs opened before
 * @param after only what comes behind this one
 */
public record LogSearch(
        String words,
        Optional<UUID> vehicle,
        List<String> stages,
        Optional<Boolean> inWork,
        Optional<Boolean> setAside,
        Optional<Loop> concern,
        Optional<VehicleSort> sort,
        Optional<String> found,
        Optional<Long> fromMs,
        Optional<Long> untilMs,
        Optional<Place> after) {

    /** Where a case stands in the log: newest first. */
    public record Place(long openedAtMs, UUID caseId) {}
}
