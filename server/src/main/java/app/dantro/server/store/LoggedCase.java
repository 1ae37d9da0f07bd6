package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import java.util.UUID;

/**
 * A case as the log has it.
 *
 * @param plate plate or fleet number; empty if none is known
 * @param stage how far it came, by the name of the stage; that of the last time it was worked out
 * @param people who worked on it
 * @param behind true while there is more on record than was worked out
 */
public record LoggedCase(
        UUID caseId,
        UUID vehicleId,
        String vehicle,
        String plate,
        String complaint,
        Loop concern,
        String stage,
        String finding,
        String repairs,
        String people,
        long openedAtMs,
        long lastAtMs,
        boolean setAside,
        boolean simulated,
        boolean behind) {}
