package app.dantro.server.store;

import app.dantro.core.record.ComplaintTest;
import java.util.UUID;

/** A complaint test with its case and author. */
public record StoredTest(UUID caseId, ComplaintTest test, String doneBy) {}
