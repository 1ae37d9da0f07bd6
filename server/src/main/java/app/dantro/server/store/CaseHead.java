package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import java.util.UUID;

/** A case as it was opened. */
public record CaseHead(
        UUID id, String vehicle, String complaint, Loop concern, double celsius, String openedBy, long openedAtMs) {}
