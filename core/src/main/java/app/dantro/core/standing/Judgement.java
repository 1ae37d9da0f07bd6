package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Later;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.network.Fault;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Statements;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What the evidence allows to say: how likely each part is at fault, which one may be called faulty, and what is missing.
 * Works out what it is asked and keeps it, so it stays within one assessment and one thread; what others may see is its
 * {@link Verdict}.
 */
public final class Judgement {
    private final Posterior posterior;
    private final Circuit circuit;
    private final Map<PartId, Double> probabilities;
    private final List<PartId> ranked;
    private final Proof proof;
    private final PartsInDetail detail;
    private final Suspects suspects;
    private final CallingRule calling;
    private Optional<Optional<PartId>> called = Optional.empty();

    private Judgement(Posterior posterior) {
        this.posterior = posterior;
        this.circuit = posterior.prepared().circuit();
        this.probabilities = posterior.probabilities();
        this.ranked = probabilities.entrySet().stream()
                .sorted(Map.Entry.<PartId, Double>comparingByValue()
                        .reversed()
                        .thenComparing(e -> e.getKey().value()))
                .map(Map.Entry::getKey)
                .toList();
        this.proof = new Proof(posterior.prepared(), posterior.evidence().observations(), undercharging(posterior));
        this.detail = new PartsInDetail(posterior);
        this.suspects = new Suspects(posterior);
        this.calling = new CallingRule(this);
    }

    public static Judgement of(PreparedCircuit prepared, Evidence evidence) {
        return new Judgement(Posterior.of(prepared, evidence));
    }

    private static boolean undercharging(Posterior posterior) {
        return posterior.explanations().stream()
                        .filter(e -> e.faults(posterior.prepared()).stream()
                                .anyMatch(f -> f instanceof Fault.RegulatorOffset o && o.volts() < 0))
                        .mapToDouble(Explanation::probability)
                        .sum()
                > Marks.LIKELIER_THAN_NOT;
    }

    public Posterior posterior() {
        return posterior;
    }

    public Proof proof() {
        return proof;
    }

    /** True if the readings made a part a suspect. */
    public boolean suspected(PartId part) {
        return suspects.suspected(part, probability(part));
    }

    public double probability(PartId part) {
        return probabilities.getOrDefault(part, 0.0);
    }

    /** The consumers that may hold a drain. */
    boolean mayDrain(PartId consumer) {
        return posterior.prepared().judges(consumer);
    }

    /** Parts by falling probability. */
    public List<PartId> ranked() {
        return ranked;
    }

    /** True for a part that readings alone may condemn. */
    boolean condemnable(PartId part) {
        return suspects.condemnable(part);
    }

    /** The part that may be called faulty, if there is one. */
    public Optional<PartId> called() {
        if (called.isEmpty()) {
            called = Optional.of(calling.called());
        }
        return called.get();
    }

    /** What has to be proven next, if anything is likely enough: wiring before devices. */
    public Optional<PartId> leading() {
        return likelyWiring().or(() -> ranked.stream().findFirst());
    }

    /** A wiring part likelier bad than not: it is repaired before any device is called, since it may be all there is. */
    Optional<PartId> likelyWiring() {
        return ranked.stream()
                .takeWhile(p -> probability(p) > Marks.LIKELIER_THAN_NOT)
                .filter(this::isWiring)
                .findFirst();
    }

    public boolean nearlyCertain(PartId part) {
        return calling.nearlyCertain(part);
    }

    /** True if the vehicle may be called healthy. */
    public boolean healthy() {
        return posterior.healthy() >= Marks.HEALTHY;
    }

    /** Probability of a vehicle without a part beyond its healthy bound: a joint at the upper end is no fault. */
    public double healthyOrAtTheBound() {
        double sum = posterior.healthy();
        for (PartId part : ranked.subList(0, Math.min(Marks.AT_THE_BOUND_LOOKED_AT, ranked.size()))) {
            sum += timesHealthy(part) >= Marks.NEARLY ? 0 : probability(part);
        }
        return Math.min(1, sum);
    }

    /** The battery that is nearly certainly flat: it wants charging, which proves nothing against it. */
    public Optional<PartId> flat() {
        Map<PartId, Double> flat = new HashMap<>();
        for (Explanation e : posterior.explanations()) {
            for (Fault fault : e.faults(posterior.prepared())) {
                if (fault instanceof Fault.FlatBattery) {
                    flat.merge(fault.part(), e.probability(), Double::sum);
                }
            }
        }
        return flat.entrySet().stream()
                .filter(e -> e.getValue() >= Marks.FLAT)
                .map(Map.Entry::getKey)
                .min(Comparator.comparing(PartId::value));
    }

    /** The reading that alone carries a part's verdict, if one does. */
    public Optional<UUID> carrier(PartId part) {
        return detail.carrying().of(part);
    }

    /** A reading that is probably a slip and was not taken again yet. */
    public Optional<UUID> doubted() {
        return detail.carrying().doubted();
    }

    /** What all readings make of a part; empty for what is no part of the circuit, such as its batteries together. */
    Optional<Suspicion> suspicion(PartId part) {
        if (circuit.part(part).isEmpty() && circuit.device(part).isEmpty()) {
            return Optional.empty();
        }
        double p = probability(part);
        return Optional.of(new Suspicion(
                p,
                suspected(part),
                circuit.part(part)
                        .filter(wiring -> anythingRead())
                        .map(detail::resistanceLater)
                        .orElseGet(() -> Later.of(Optional.empty())),
                p >= Marks.SUSPECT ? detail.influencesLater(part, p) : Later.of(List.of())));
    }

    /** What is known of a wiring part's resistance. */
    ResistanceBelief resistance(Part part) {
        return detail.resistance(part);
    }

    /** How far the shop's own experience moved a part, once that is asked for. */
    Later<Optional<Verdict.Learned>> learnedLater(PartId part) {
        return detail.learnedLater(part);
    }

    /** A wiring part's resistance against the upper bound of a healthy one; infinite for a device. */
    double timesHealthy(PartId id) {
        double celsius = posterior.prepared().celsius();
        return circuit.part(id)
                .map(part -> resistance(part).medianOhms()
                        / part.resistance().healthyAt(celsius).upperOhms())
                .orElse(Double.POSITIVE_INFINITY);
    }

    boolean isWiring(PartId part) {
        return circuit.part(part).isPresent();
    }

    boolean isAlternator(PartId part) {
        return circuit.alternator().filter(a -> a.id().equals(part)).isPresent();
    }

    boolean anythingRead() {
        return !posterior.evidence().observations().isEmpty();
    }

    /** True if a reading came near a part; wiring is near everything. */
    boolean touched(PartId part, double probability) {
        return probability >= Marks.LIKELIER_THAN_NOT
                || isWiring(part)
                || !carriers(part).isEmpty();
    }

    /** The readings that close the part's chain of proof. */
    List<UUID> carriers(PartId part) {
        List<Link> chain = proof.chain(part);
        return posterior.evidence().observations().stream()
                .filter(o -> chain.stream().anyMatch(link -> link.closedBy(o)))
                .map(Observation::reading)
                .distinct()
                .toList();
    }

    /** What still has to be seen before a device may be called. */
    List<Reason> unseen(PartId part, Statements said) {
        return proof.looks(part).stream()
                .filter(l -> !l.seen(said))
                .map(Look::what)
                .toList();
    }

    /** What was looked at for a device and is not as it must be. */
    public Optional<Look> refuted(PartId part, Statements said) {
        return proof.looks(part).stream().filter(l -> l.refuted(said)).findFirst();
    }
}
