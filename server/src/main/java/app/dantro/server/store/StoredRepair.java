package app.dantro.server.store;

import app.dantro.core.record.Repair;
import java.util.UUID;

/** A repair with its case and author. */
public record StoredRepair(UUID caseId, Repair repair, String doneBy) {}
