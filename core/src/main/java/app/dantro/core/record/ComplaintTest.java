package app.dantro.core.record;

import java.util.UUID;

/** The complaint's own test after a repair: does it start as it should? */
public record ComplaintTest(UUID id, boolean passed, String note, long doneAtMillis) {}
