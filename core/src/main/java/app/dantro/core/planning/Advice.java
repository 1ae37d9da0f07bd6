package app.dantro.core.planning;

import app.dantro.core.circuit.PartId;
import app.dantro.core.standing.Judgement;
import java.util.List;
import java.util.Optional;

/**
 * What to do next, by the evidence alone.
 *
 * @param kind what the evidence asks for
 * @param part the part to repair, or the one whose proof is to be completed
 * @param proposals measurements, the best first; the others stand by
 * @param together parts that no reading at hand tells apart, the likeliest first
 */
public record Advice(
        Judgement judgement, Kind kind, Optional<PartId> part, List<Proposal> proposals, List<PartId> together) {
    public Advice {
        proposals = List.copyOf(proposals);
        together = List.copyOf(together);
    }

    public Advice(Judgement judgement, Kind kind, Optional<PartId> part, List<Proposal> proposals) {
        this(judgement, kind, part, proposals, List.of());
    }

    /** Kinds of advice. */
    public enum Kind {
        /** Read what tells most. */
        SEARCH,
        /** Nearly certain: read what the proof still lacks. */
        PROVE,
        /** Read again what carries the verdict alone, or contradicts the rest. */
        REPEAT,
        /** One of several is nearly certainly bad, and no probe gets between them: look at them. */
        OPEN_UP,
        /** A part may be called faulty. */
        REPAIR,
        /** A battery is flat: charge it first. */
        CHARGE,
        /** Nothing is wrong that readings could show. */
        HEALTHY,
        /** Nothing left that would help. */
        UNDECIDED
    }
}
