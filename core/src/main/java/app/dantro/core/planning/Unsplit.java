package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.standing.Judgement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A stretch that is nearly certainly bad, and that no probe splits: where a point between its parts is out of reach, or the
 * engine may not run for the current that would tell them apart.
 */
final class Unsplit {
    private final Judgement judgement;
    private final Workplace workplace;
    private final Circuit circuit;

    Unsplit(Judgement judgement, Workplace workplace) {
        this.judgement = judgement;
        this.workplace = workplace;
        this.circuit = judgement.posterior().prepared().circuit();
    }

    /** Its parts that may be the bad one, the likeliest first; empty if there is no such stretch. */
    List<PartId> parts() {
        if (workplace.outOfReach().isEmpty() && !stopped()
                || !judgement.posterior().fits()) {
            return List.of();
        }
        Optional<Part> first = judgement.leading().filter(judgement::suspected).flatMap(circuit::part);
        List<PartId> stretch = first.map(this::stretch).orElse(List.of());
        double together = stretch.stream().mapToDouble(judgement::probability).sum();
        return stretch.size() > 1 && together >= Marks.CERTAIN_TOGETHER ? stretch : List.of();
    }

    private List<PartId> stretch(Part first) {
        List<Part> all = new ArrayList<>(List.of(first));
        for (int i = 0; i < all.size(); i++) {
            Part at = all.get(i);
            circuit.parts().stream()
                    .filter(p -> !all.contains(p) && meetOutOfReach(at, p))
                    .forEach(all::add);
        }
        return all.stream()
                .map(Part::id)
                .filter(p -> judgement.probability(p) >= Marks.WORTH_OPENING)
                .sorted(Comparator.comparingDouble(p -> -judgement.probability(p)))
                .toList();
    }

    private boolean meetOutOfReach(Part one, Part other) {
        return workplace.outOfReach().stream().anyMatch(point -> one.touches(point) && other.touches(point))
                || stopped()
                        && (together(circuit.chargingSupply(), one, other)
                                || together(circuit.chargingReturn(), one, other));
    }

    /** It ran, and may not run again for a reading. */
    private boolean stopped() {
        return !workplace.runs()
                && judgement.posterior().evidence().observations().stream()
                        .anyMatch(o -> o.what().condition().running());
    }

    private static boolean together(List<Part> way, Part one, Part other) {
        return way.contains(one) && way.contains(other);
    }
}
