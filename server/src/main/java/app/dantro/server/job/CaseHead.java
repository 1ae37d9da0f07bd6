package app.dantro.server.job;

import app.dantro.core.procedure.Concern;
import java.util.UUID;

/** A case as it was opened. */
public record CaseHead(
        UUID id, String vehicle, String complaint, Concern concern, double celsius, String openedBy, long openedAtMs) {}
