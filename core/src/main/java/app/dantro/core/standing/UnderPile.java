package app.dantro.core.standing;

import app.dantro.core.circuit.Pile;
import app.dantro.core.inference.Observation;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.stream.Stream;

/**
 * Readings under a carbon pile. What it draws is what the technician set, no evidence: a drop is carried over to the amps
 * that the circuit's pile draws, whatever its sign: the current may run the other way, and few watch it in the seconds
 * there are. Without the amps, and at a source, it tells nothing (docs/everyday.md, carbon pile).
 */
final class UnderPile {
    private UnderPile() {}

    static List<Observation> observations(Reading reading, CaseRecord evidence) {
        double drop = Marks.ASSUMED_LARGEST_DROP_VOLTS * evidence.circuit().blocks();
        if (Math.abs(reading.volts()) > drop || reading.flowingAmps().isEmpty()) {
            return List.of();
        }
        return evidence.circuit().devices().stream()
                .flatMap(d -> d instanceof Pile pile && pile.amps().containsKey(reading.condition())
                        ? Stream.of(pile.amps().get(reading.condition())
                                / reading.flowingAmps().get())
                        : Stream.empty())
                .filter(share -> share <= Marks.MOST_PILE_SHARE)
                .map(share -> new Observation(
                        reading.id(),
                        CaseInference.volts(reading),
                        Math.abs(reading.volts()) * share,
                        reading.resolutionVolts() * share))
                .toList();
    }
}
