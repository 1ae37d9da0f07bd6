package app.dantro.core.standing;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/** What each reading does to the suspicions, by leaving it out; worked out once for each reading, within one judgement. */
final class CarryingReading {
    private final Posterior posterior;
    private final Map<UUID, Map<PartId, Double>> without = new HashMap<>();

    CarryingReading(Posterior posterior) {
        this.posterior = posterior;
    }

    /** The reading that alone carries a part's verdict, if one does. */
    Optional<UUID> of(PartId part) {
        Map<UUID, Double> left = without(
                part, readings(part).stream().filter(r -> !takenAgain(r)).toList());
        return left.entrySet().stream()
                .filter(e -> e.getValue() < Marks.CARRIED_BY_OTHERS)
                .min(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }

    /** The readings that moved a part's probability, the strongest first. */
    List<Suspicion.Influence> influences(PartId part, double with) {
        return without(part, readings(part)).entrySet().stream()
                .map(e -> new Suspicion.Influence(e.getKey(), e.getValue()))
                .filter(i -> Math.abs(i.without() - with) > Marks.LEAST_INFLUENCE)
                .sorted(Comparator.comparingDouble(i -> -Math.abs(i.without() - with)))
                .limit(Marks.MOST_INFLUENCES)
                .toList();
    }

    /** A reading that is probably a slip and was not taken again yet. */
    Optional<UUID> doubted() {
        List<Observation> all = posterior.evidence().observations();
        for (int i = 0; i < all.size(); i++) {
            Observation doubted = all.get(i);
            boolean again = all.subList(i + 1, all.size()).stream()
                    .anyMatch(later -> later.what().same(doubted.what()));
            if (doubted.what().isVolts() && !again && posterior.slip(i) > Marks.DOUBTED) {
                return Optional.of(doubted.reading());
            }
        }
        return Optional.empty();
    }

    /** Probability of a part if one reading had not been taken, for each of them in their order. */
    private Map<UUID, Double> without(PartId part, List<UUID> readings) {
        List<UUID> open = readings.stream().filter(r -> !without.containsKey(r)).toList();
        if (!open.isEmpty()) {
            without.putAll(posterior.withoutEach(open));
        }
        Map<UUID, Double> left = new LinkedHashMap<>();
        readings.forEach(r -> left.put(r, without.get(r).getOrDefault(part, 0.0)));
        return left;
    }

    /** True if the same thing was read twice, and neither is taken for a slip. */
    private boolean takenAgain(UUID reading) {
        List<Observation> all = posterior.evidence().observations();
        return all.stream()
                .filter(o -> o.reading().equals(reading) && o.what().isVolts())
                .findFirst()
                .map(own -> IntStream.range(0, all.size())
                                .filter(j -> all.get(j).what().same(own.what()) && posterior.slip(j) < Marks.AGREES)
                                .count()
                        > 1)
                .orElse(false);
    }

    /**
     * The readings that are left out one after another. Of very many only those nearest the part: one far from it never
     * carries what others between them do not.
     */
    private List<UUID> readings(PartId part) {
        List<Observation> all = posterior.evidence().observations();
        boolean many = all.size() > Marks.LEFT_OUT_ALL;
        return all.stream()
                .sorted(Comparator.comparingInt(o -> many ? -ends(o, part) : 0))
                .map(Observation::reading)
                .distinct()
                .limit(many ? Marks.LEFT_OUT_OF_MANY : all.size())
                .toList();
    }

    /** How many of a part's ends a reading stands on. */
    private int ends(Observation o, PartId id) {
        Optional<Part> part = posterior.prepared().circuit().part(id);
        if (part.isEmpty() || !(o.what() instanceof Observable.Volts volts)) {
            return 0;
        }
        List<PointId> leads = List.of(volts.red(), volts.black());
        return (leads.contains(part.get().from()) ? 1 : 0)
                + (leads.contains(part.get().to()) ? 1 : 0);
    }
}
