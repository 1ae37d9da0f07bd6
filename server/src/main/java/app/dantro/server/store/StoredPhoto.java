package app.dantro.server.store;

import app.dantro.core.record.Topic;
import java.util.UUID;

/**
 * That a picture of something that was looked at was taken; the picture itself stays in the store.
 *
 * @param erased the picture is gone, that it was taken is still on record
 */
public record StoredPhoto(UUID id, UUID caseId, Topic topic, String takenBy, long takenAtMs, boolean erased) {}
