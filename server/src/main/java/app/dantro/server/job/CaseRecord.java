package app.dantro.server.job;

import java.util.UUID;

/** A case as it was opened. */
public record CaseRecord(
        UUID id, String vehicle, String complaint, String circuit, double celsius, String openedBy, long openedAtMs) {}
