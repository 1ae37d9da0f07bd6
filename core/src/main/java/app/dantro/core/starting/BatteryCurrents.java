package app.dantro.core.starting;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What each of several parallel batteries delivers while cranking, by clamps around cables that carry nothing else. */
final class BatteryCurrents {
    private final CaseRecord record;
    private final Circuit circuit;

    BatteryCurrents(CaseRecord record) {
        this.record = record;
        this.circuit = record.circuit();
    }

    /** The battery's own current: in a cable that carries nothing else, or for the first battery what the others leave. */
    Current of(Battery battery) {
        return alone(battery)
                .or(() -> total().flatMap(total -> others(battery).map(rest -> Math.max(0, total - rest))))
                .map(amps -> Current.of(amps, Current.How.CLAMP))
                .orElseGet(Current::unknown);
    }

    private Optional<Double> total() {
        return record.counted().in(Condition.CRANKING).stream()
                .flatMap(r -> r.amps().stream())
                .reduce(Newest::of);
    }

    /** What all other batteries deliver, if each was measured. */
    private Optional<Double> others(Battery battery) {
        double sum = 0;
        for (Battery other : circuit.batteries()) {
            if (!other.equals(battery)) {
                Optional<Double> amps = alone(other);
                if (amps.isEmpty()) {
                    return Optional.empty();
                }
                sum += amps.get();
            }
        }
        return Optional.of(sum);
    }

    private Optional<Double> alone(Battery battery) {
        return record.observed().in(Condition.CRANKING).stream()
                .map(Reading::current)
                .filter(Current.Measured.class::isInstance)
                .map(Current.Measured.class::cast)
                .filter(m -> m.in().flatMap(circuit::part)
                        .filter(p -> carriesOnly(battery, p))
                        .isPresent())
                .map(m -> Math.abs(m.amps()))
                .reduce(Newest::of);
    }

    /** True if the battery's current, and nothing else, flows in a part: nothing branches off before it. */
    private boolean carriesOnly(Battery battery, Part part) {
        return Stream.of(battery.positivePost(), battery.negativePost())
                .anyMatch(post -> unbranched(post).contains(part));
    }

    /** The parts from a post up to the first point where something branches off. */
    private List<Part> unbranched(PointId post) {
        List<Part> way = new ArrayList<>();
        PointId at = post;
        List<Part> onward = onward(at, way);
        while (onward.size() == 1 && (at.equals(post) || hangsFree(at))) {
            Part next = onward.get(0);
            way.add(next);
            at = next.from().equals(at) ? next.to() : next.from();
            onward = onward(at, way);
        }
        return way;
    }

    private List<Part> onward(PointId point, List<Part> come) {
        return circuit.parts().stream()
                .filter(p -> p.touches(point) && !come.contains(p))
                .toList();
    }

    private boolean hangsFree(PointId point) {
        return circuit.devices().stream().noneMatch(d -> d.terminals().contains(point));
    }
}
