package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * How likely every explanation is: hypothesis by hypothesis, with and without each reading taken for a slip. Pairs of
 * faults come in when no single fault explains the readings well. The same evidence always gives the same posterior.
 * Forecasts are worked out when they are asked for; confined to one thread.
 */
public final class Posterior {
    private final PreparedCircuit prepared;
    private final Evidence evidence;
    private final PosteriorSearch search;
    private final List<Explanation> explanations;
    private final List<Forecast> forecasts = new ArrayList<>();

    private Posterior(
            PreparedCircuit prepared, Evidence evidence, PosteriorSearch search, List<Explanation> explanations) {
        this.prepared = prepared;
        this.evidence = evidence;
        this.search = search;
        this.explanations = explanations;
    }

    /** The posterior; its explanations' probabilities sum to one. */
    public static Posterior of(PreparedCircuit prepared, Evidence evidence) {
        PosteriorSearch search = new PosteriorSearch(prepared, evidence);
        return new Posterior(prepared, evidence, search, search.all());
    }

    /** Probability of every part had one reading not been taken, for each of the readings. */
    public Map<UUID, Map<PartId, Double>> withoutEach(List<UUID> readings) {
        boolean pairsMatter = explanations.stream()
                        .filter(Explanation::pair)
                        .mapToDouble(Explanation::probability)
                        .sum()
                > Marks.ASSUMED_LEAST_PAIRS;
        Map<Boolean, List<UUID>> apart =
                readings.stream().collect(Collectors.partitioningBy(r -> LeftOut.apart(evidence, r)));
        Map<UUID, Map<PartId, Double>> all = new HashMap<>();
        new LeftOut(search, apart.get(true))
                .explanations(pairsMatter)
                .forEach((reading, left) -> all.put(reading, probabilities(left)));
        apart.get(false)
                .forEach(reading -> all.put(
                        reading,
                        probabilities(new PosteriorSearch(prepared, evidence.without(reading))
                                .lessThan(search, pairsMatter))));
        return all;
    }

    public PreparedCircuit prepared() {
        return prepared;
    }

    public Evidence evidence() {
        return evidence;
    }

    /** The likeliest first. */
    public List<Explanation> explanations() {
        return explanations;
    }

    /** False if the readings fit no vehicle, sound or with any fault, with one slip at the most. */
    public boolean fits() {
        return search.fits();
    }

    public double healthy() {
        return explanations.stream()
                .filter(Explanation::healthy)
                .mapToDouble(Explanation::probability)
                .sum();
    }

    /** Probability that a part or device is at fault. */
    public double probability(PartId part) {
        return probabilities().getOrDefault(part, 0.0);
    }

    /** Probability that a part needs repair: a battery that is only flat needs charging, which proves nothing against it. */
    public double toRepair(PartId part) {
        return explanations.stream()
                .filter(e -> e.faults(prepared).stream()
                        .anyMatch(f -> f.part().equals(part) && !(f instanceof Fault.FlatBattery)))
                .mapToDouble(Explanation::probability)
                .sum();
    }

    /**
     * Probability that a part is at fault by what is written alone, without the shop's own repairs and certified parts; empty
     * if there are none that count. As dear as the posterior itself.
     */
    public OptionalDouble asWritten(PartId part) {
        boolean same =
                search.learned().none() && evidence.experience().certified().isEmpty();
        return same
                ? OptionalDouble.empty()
                : OptionalDouble.of(of(prepared, evidence.asWritten()).probability(part));
    }

    /** Probability of every part that any explanation calls bad. */
    public Map<PartId, Double> probabilities() {
        return probabilities(explanations);
    }

    private Map<PartId, Double> probabilities(List<Explanation> among) {
        Map<PartId, Double> sums = new HashMap<>();
        for (Explanation e : among) {
            e.parts(prepared).forEach(p -> sums.merge(p, e.probability(), Double::sum));
        }
        return sums;
    }

    /** Probability that an observation is a slip. */
    public double slip(int observation) {
        return explanations.stream()
                .filter(e -> e.slipped(observation))
                .mapToDouble(Explanation::probability)
                .sum();
    }

    /** The forecasts of the likeliest explanations, the likeliest first; worked out once. */
    public List<Forecast> forecasts(int most) {
        int count = Math.min(most, explanations.size());
        while (forecasts.size() < count) {
            forecasts.add(Forecast.of(search.fitter(), explanations.get(forecasts.size())));
        }
        return List.copyOf(forecasts.subList(0, count));
    }

    /** What an explanation expects of the numbers that differ between vehicles, and of any observable. */
    public Forecast forecast(Explanation explanation) {
        return Forecast.of(search.fitter(), explanation);
    }
}
