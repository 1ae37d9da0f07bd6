package app.dantro.core.diagnosis;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ResistanceBelief;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What the evidence allows to say: how likely each part is at fault, which one may be called faulty, and what is missing.
 * A part is called only if it is nearly certain, its chain of proof is closed, and no single reading carries the verdict
 * alone (docs/decisions/0010).
 */
public final class Judgement {
    /** A wiring part is called at this probability; a device costs more, so it takes more. */
    public static final double CALLED = 0.965;

    public static final double DEVICE_CALLED = 0.985;
    public static final double HEALTHY = 0.90;
    /** A reading this likely to be a slip is asked for again before anything rests on it. */
    private static final double DOUBTED = 0.4;

    /** Below this without a reading, that reading carries the verdict alone. */
    private static final double CARRIED_BY_OTHERS = 0.12;

    private final Posterior posterior;
    private final Proof proof;
    private final Map<PartId, Double> probabilities;
    private static final int FORECASTS = 80;
    private List<Forecast> forecasts = List.of();
    private final Map<UUID, Posterior> without = new HashMap<>();

    private Judgement(Posterior posterior) {
        this.posterior = posterior;
        this.probabilities = posterior.probabilities();
        this.proof =
                new Proof(posterior.prepared().circuit(), posterior.evidence().observations());
    }

    public static Judgement of(PreparedCircuit prepared, Evidence evidence) {
        return new Judgement(Posterior.of(prepared, evidence));
    }

    public Posterior posterior() {
        return posterior;
    }

    public Proof proof() {
        return proof;
    }

    public double probability(PartId part) {
        return probabilities.getOrDefault(part, 0.0);
    }

    /** What is known of a wiring part's resistance. */
    public ResistanceBelief resistance(Part part) {
        if (forecasts.isEmpty()) {
            forecasts = posterior.forecasts(FORECASTS);
        }
        return ResistanceBelief.of(posterior.prepared(), forecasts, part);
    }

    /** Parts by falling probability. */
    public List<PartId> ranked() {
        return probabilities.entrySet().stream()
                .sorted(Map.Entry.<PartId, Double>comparingByValue()
                        .reversed()
                        .thenComparing(e -> e.getKey().value()))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** The part that may be called faulty, if there is one. */
    public Optional<PartId> called() {
        return ranked().stream()
                .limit(2)
                .filter(this::nearlyCertain)
                .filter(p -> proof.missing(p).isEmpty())
                .filter(p -> carrier(p).isEmpty())
                .findFirst();
    }

    public boolean nearlyCertain(PartId part) {
        boolean wiring = posterior.prepared().circuit().part(part).isPresent();
        return posterior.toRepair(part) >= (wiring ? CALLED : DEVICE_CALLED);
    }

    /** True if the vehicle may be called healthy. */
    public boolean healthy() {
        return posterior.healthy() >= HEALTHY;
    }

    /** The reading that alone carries a part's verdict, if one does. */
    public Optional<UUID> carrier(PartId part) {
        return readings().stream()
                .filter(r -> probabilityWithout(r, part) < CARRIED_BY_OTHERS)
                .min(Comparator.comparingDouble(r -> probabilityWithout(r, part)));
    }

    /** Probability of a part if one reading had not been taken. */
    public double probabilityWithout(UUID reading, PartId part) {
        return without.computeIfAbsent(reading, posterior::without).probability(part);
    }

    /** A reading that is probably a slip and was not taken again yet. */
    public Optional<UUID> doubted() {
        List<Observation> all = posterior.evidence().observations();
        for (int i = 0; i < all.size(); i++) {
            Observation doubted = all.get(i);
            boolean again =
                    all.subList(i + 1, all.size()).stream().anyMatch(later -> Proof.same(later.what(), doubted.what()));
            if (doubted.what().isVolts() && !again && posterior.slip(i) > DOUBTED) {
                return Optional.of(doubted.reading());
            }
        }
        return Optional.empty();
    }

    private List<UUID> readings() {
        return posterior.evidence().observations().stream()
                .map(Observation::reading)
                .distinct()
                .toList();
    }
}
