package app.dantro.server.store;

import app.dantro.core.record.Statement;
import java.util.UUID;

/** A statement with its case and author. */
public record StoredStatement(UUID caseId, Statement statement, String saidBy) {}
