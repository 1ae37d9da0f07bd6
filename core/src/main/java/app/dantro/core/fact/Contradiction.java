package app.dantro.core.fact;

import app.dantro.core.quantity.Reason;
import java.util.Set;
import java.util.UUID;

/**
 * Readings that do not fit together.
 *
 * @param unclosed the readings around a loop that does not close; empty for a stretch that fails though its parts are good
 */
public record Contradiction(Reason because, Set<UUID> unclosed) {
    public Contradiction {
        unclosed = Set.copyOf(unclosed);
    }
}
