package app.dantro.core.standing;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Later;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ResistanceBelief;
import java.lang.ref.SoftReference;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What all readings tell of each part beyond its probability. Most of it is asked for by who looks at an explanation, long
 * after the judgement: what was worked out of the posterior is let go where memory is short, and made again. One thread at a
 * time.
 */
final class PartsInDetail {
    private final Posterior posterior;
    private final CarryingReading carrying;
    private final Map<PartId, ResistanceBelief> resistances = new HashMap<>();
    private List<Forecast> forecasts = List.of();

    PartsInDetail(Posterior posterior) {
        this.posterior = posterior;
        this.carrying = new CarryingReading(posterior);
    }

    CarryingReading carrying() {
        return carrying;
    }

    /** What is known of a wiring part's resistance. */
    synchronized ResistanceBelief resistance(Part part) {
        if (forecasts.isEmpty()) {
            forecasts = posterior.forecasts(Marks.FORECASTS);
        }
        return resistances.computeIfAbsent(part.id(), id -> ResistanceBelief.of(posterior.prepared(), forecasts, part));
    }

    /** The same once it is asked for. */
    Later<Optional<ResistanceBelief>> resistanceLater(Part part) {
        return later(all -> Optional.of(all.resistance(part)));
    }

    /** The readings that moved a part's probability, the strongest first, once they are asked for. */
    Later<List<Suspicion.Influence>> influencesLater(PartId part, double with) {
        return later(all -> all.influences(part, with));
    }

    /** How far the shop's own repairs and certified parts moved a part, once that is asked for. */
    Later<Optional<Verdict.Learned>> learnedLater(PartId part) {
        return later(all -> all.learned(part));
    }

    private synchronized Optional<Verdict.Learned> learned(PartId part) {
        return Verdict.Learned.of(posterior, part);
    }

    private synchronized List<Suspicion.Influence> influences(PartId part, double with) {
        return carrying.influences(part, with);
    }

    private <T> Later<T> later(Function<PartsInDetail, T> work) {
        PreparedCircuit prepared = posterior.prepared();
        Evidence evidence = posterior.evidence();
        SoftReference<PartsInDetail> known = new SoftReference<>(this);
        return new Later<>(() -> work.apply(
                Optional.ofNullable(known.get()).orElseGet(() -> new PartsInDetail(Posterior.of(prepared, evidence)))));
    }
}
