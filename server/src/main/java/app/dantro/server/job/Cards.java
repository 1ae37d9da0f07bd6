package app.dantro.server.job;

import app.dantro.core.procedure.Basis;
import app.dantro.server.view.CaseCard;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.UUID;
import java.util.function.Supplier;

/**
 * The Bay's cards, each worked out once for a state of its case. A card that was made by rules alone is made anew once any
 * further circuit was worked out, which may be its own.
 */
final class Cards {
    private static final int KEPT = 5000;

    private final Cache<UUID, Made> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    /** What a card follows from, beside the case itself. */
    record State(long changes, Basis basis, long circuits) {}

    /** A card, and whether all readings were judged together for it. */
    record Card(CaseCard shown, boolean judged) {}

    private record Made(State from, Card card) {
        boolean holds(State now) {
            return from.changes() == now.changes()
                    && from.basis().equals(now.basis())
                    && (card.judged() || from.circuits() == now.circuits());
        }
    }

    CaseCard of(UUID caseId, State now, Supplier<Card> making) {
        Made before = kept.getIfPresent(caseId);
        if (before != null && before.holds(now)) {
            return before.card().shown();
        }
        Made made = new Made(now, making.get());
        kept.put(caseId, made);
        return made.card().shown();
    }
}
