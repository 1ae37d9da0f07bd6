package app.dantro.server.store;

import java.util.UUID;

/**
 * Strikes out, or restores, something on record.
 *
 * @param target the reading, repair, complaint test or case it is about
 */
public record Strike(
        UUID id, UUID caseId, UUID target, boolean restores, String reason, String struckBy, long struckAtMs) {}
