package app.dantro.server.backup;

import java.util.UUID;

/** A folder that every backup is laid in once more; an empty one is none. */
record BackupPlace(UUID id, String folder, String chosenBy, long chosenAtMs) {}
