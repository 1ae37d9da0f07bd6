package app.dantro.server.store;

import app.dantro.core.record.Topic;
import java.util.UUID;

/** A picture of something that was looked at; the picture itself stays in the store. */
public record StoredPhoto(UUID id, UUID caseId, Topic topic, String takenBy, long takenAtMs) {}
