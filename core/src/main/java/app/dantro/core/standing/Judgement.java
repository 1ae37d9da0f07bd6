package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.inference.ResistanceBelief;
import app.dantro.core.network.Fault;
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

    public static final double DEVICE_CALLED = 0.99;
    public static final double HEALTHY = 0.86;
    /** A reading this likely to be a slip is asked for again before anything rests on it. */
    private static final double DOUBTED = 0.4;

    /** Below this without a reading, that reading carries the verdict alone. */
    private static final double CARRIED_BY_OTHERS = 0.12;

    private final Posterior posterior;
    private final Proof proof;
    private final Map<PartId, Double> probabilities;
    /** The median may be this much below the healthy upper bound, since the reading has its error too. */
    private static final double NEARLY = 0.95;

    /** This much above the upper bound no healthy part lies, whatever the vehicle. */
    private static final double CLEARLY = 2.5;

    /** Up to this much above it healthy parts of unusual vehicles do lie. */
    private static final double CLOSE = 1.3;

    private static final double USUAL_STRAIN = 0.70;
    private static final double LITTLE_STRAIN = 0.60;
    /** Healthy devices lie within 3.9 standard deviations (99 %, spreads half as wide again); a faulty one lies beyond. */
    private static final double FAR_OFF_SIGMAS = 4.6;

    private static final double NEARLY_ALL_AMPS = 0.9;
    private static final double LIKELY = 0.5;
    private static final double AGREES = 0.2;
    private static final double FLAT = 0.90;

    private static final int AT_THE_BOUND_LOOKED_AT = 4;
    private static final int FORECASTS = 48;
    private List<Forecast> forecasts = List.of();
    private final Map<UUID, Posterior> without = new HashMap<>();

    private Judgement(Posterior posterior) {
        this.posterior = posterior;
        this.probabilities = posterior.probabilities();
        this.proof = new Proof(posterior.prepared(), posterior.evidence().observations(), undercharging(posterior));
    }

    private static boolean undercharging(Posterior posterior) {
        return posterior.explanations().stream()
                        .filter(e -> e.faults(posterior.prepared()).stream()
                                .anyMatch(f -> f instanceof Fault.RegulatorOffset o && o.volts() < 0))
                        .mapToDouble(Explanation::probability)
                        .sum()
                > LIKELY;
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
                .filter(this::clearlyBeyondHealthy)
                .filter(p -> carrier(p).isEmpty())
                .filter(p -> isWiring(p) || likelyWiring().isEmpty())
                .findFirst();
    }

    /** A wiring part likelier bad than not: it is repaired before any device is called, since it may be all there is. */
    private Optional<PartId> likelyWiring() {
        return ranked().stream()
                .takeWhile(p -> probability(p) > LIKELY)
                .filter(this::isWiring)
                .findFirst();
    }

    /** What has to be proven next, if anything is likely enough: wiring before devices. */
    public Optional<PartId> leading() {
        return likelyWiring().or(() -> ranked().stream().findFirst());
    }

    private boolean isWiring(PartId part) {
        return circuit().part(part).isPresent();
    }

    /** True unless a wiring part's resistance is one that a healthy part may have. */
    public boolean beyondHealthy(PartId id) {
        return timesHealthy(id) >= NEARLY;
    }

    /** Where a vehicle's other numbers lie further off than usual, its healthy joints do too: then it takes more. */
    private boolean clearlyBeyondHealthy(PartId id) {
        if (!isWiring(id)) {
            return farOff(id) && !deliversAll(id);
        }
        double times = timesHealthy(id);
        return times >= CLEARLY || times >= NEARLY && strain() <= (times < CLOSE ? LITTLE_STRAIN : USUAL_STRAIN);
    }

    private boolean farOff(PartId device) {
        boolean consumer =
                circuit().device(device).filter(Load.class::isInstance).isPresent();
        return consumer || off(device) >= FAR_OFF_SIGMAS;
    }

    /** An alternator that makes what it is rated for while its volts lie below its setpoint does what it can. */
    private boolean deliversAll(PartId device) {
        return circuit()
                .alternator()
                .filter(a -> a.id().equals(device))
                .filter(a -> posterior.evidence().observations().stream().anyMatch(o -> atItsLimit(a, o)))
                .isPresent();
    }

    private boolean atItsLimit(Alternator alternator, Observation o) {
        Condition condition = o.what().condition();
        boolean rated = o.what() instanceof Observable.Amps amps
                && amps.in().isEmpty()
                && condition.running()
                && o.value() >= NEARLY_ALL_AMPS * alternator.rating().ampsIn(condition);
        Observable own = new Observable.Volts(condition, alternator.output(), alternator.ground());
        return rated
                && posterior.evidence().observations().stream()
                        .anyMatch(v -> Proof.same(v.what(), own)
                                && Math.abs(v.value()) < alternator.regulation().setpointVolts());
    }

    private Circuit circuit() {
        return posterior.prepared().circuit();
    }

    private double strain() {
        return posterior.forecasts(1).stream()
                .mapToDouble(Forecast::strain)
                .findFirst()
                .orElse(0);
    }

    /** A wiring part's resistance against the upper bound of a healthy one; infinite for a device. */
    private double timesHealthy(PartId id) {
        double celsius = posterior.prepared().celsius();
        return posterior
                .prepared()
                .circuit()
                .part(id)
                .map(part -> resistance(part).medianOhms()
                        / part.resistance().healthyAt(celsius).upperOhms())
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** By how many standard deviations of healthy ones a device lies off, by the likeliest explanation that calls it bad. */
    double off(PartId device) {
        return posterior.explanations().stream()
                .filter(e -> e.parts(posterior.prepared()).contains(device))
                .findFirst()
                .map(e -> posterior.forecast(e).off(device))
                .orElse(0.0);
    }

    public boolean nearlyCertain(PartId part) {
        boolean replaced = posterior
                .prepared()
                .circuit()
                .device(part)
                .filter(d -> !(d instanceof Load))
                .isPresent();
        return posterior.toRepair(part) >= (!replaced ? CALLED : DEVICE_CALLED);
    }

    /** True if the vehicle may be called healthy. */
    public boolean healthy() {
        return posterior.healthy() >= HEALTHY;
    }

    /** Probability of a vehicle without a part beyond its healthy bound: a joint at the upper end is no fault. */
    public double healthyOrAtTheBound() {
        double sum = posterior.healthy();
        for (PartId part : ranked().subList(0, Math.min(AT_THE_BOUND_LOOKED_AT, probabilities.size()))) {
            sum += beyondHealthy(part) ? 0 : probability(part);
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
                .filter(e -> e.getValue() >= FLAT)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** The reading that alone carries a part's verdict, if one does. */
    public Optional<UUID> carrier(PartId part) {
        return readings().stream()
                .filter(r -> !takenAgain(r))
                .filter(r -> probabilityWithout(r, part) < CARRIED_BY_OTHERS)
                .min(Comparator.comparingDouble(r -> probabilityWithout(r, part)));
    }

    /** True if the same thing was read twice, and neither is taken for a slip. */
    private boolean takenAgain(UUID reading) {
        List<Observation> all = posterior.evidence().observations();
        for (int i = 0; i < all.size(); i++) {
            Observation own = all.get(i);
            if (own.reading().equals(reading) && own.what().isVolts()) {
                long agreeing = java.util.stream.IntStream.range(0, all.size())
                        .filter(j -> Proof.same(all.get(j).what(), own.what()) && posterior.slip(j) < AGREES)
                        .count();
                return agreeing > 1;
            }
        }
        return false;
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
