package app.dantro.core.record;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The points that no probe gets to on this vehicle, as whoever stands before it said. */
public final class OutOfReach {
    /** What is stated when every point can be reached again. */
    public static final String NONE = "-";

    private OutOfReach() {}

    /** Points of the case's own circuit; what else was stated is none of them. */
    public static Set<PointId> of(CaseRecord record) {
        Set<String> stated = record.statements()
                .about(Topic.OUT_OF_REACH)
                .map(s -> stated(s.value()))
                .orElse(Set.of());
        return record.circuit().points().stream()
                .map(ProbePoint::id)
                .filter(point -> stated.contains(point.value()))
                .collect(Collectors.toUnmodifiableSet());
    }

    /**
     * The two points around a part that a probe gets to: its own, or the next ones away from it.
     *
     * @param from where current enters, with the part's own direction
     */
    public record Around(PointId from, PointId to) {}

    /** Where to put the leads to read across a part, or across the least that can be read of it. */
    public static Around around(CaseRecord record, Part part) {
        Set<PointId> beyond = of(record);
        return new Around(
                nearest(record.circuit(), part, part.from(), beyond),
                nearest(record.circuit(), part, part.to(), beyond));
    }

    /** The nearest point on one side of a part; its own end if there is no other. */
    private static PointId nearest(Circuit circuit, Part part, PointId end, Set<PointId> beyond) {
        PointId other = part.from().equals(end) ? part.to() : part.from();
        List<PointId> seen = new ArrayList<>(List.of(end));
        for (int i = 0; i < seen.size(); i++) {
            PointId at = seen.get(i);
            if (!beyond.contains(at)) {
                return at;
            }
            circuit.parts().stream()
                    .filter(p -> p.touches(at) && !p.equals(part))
                    .map(p -> p.from().equals(at) ? p.to() : p.from())
                    .filter(p -> !seen.contains(p) && !p.equals(other))
                    .forEach(seen::add);
        }
        return end;
    }

    /** The points' identifiers as they were stated. */
    public static Set<String> stated(String value) {
        return Arrays.stream(value.split(",")).map(String::strip).collect(Collectors.toUnmodifiableSet());
    }

    /** The part that was opened and seen to be bad, since the last repair. */
    public static Optional<String> openedBad(CaseRecord record) {
        return sinceRepair(record, Topic.OPENED);
    }

    /** The part that moved the volts when it was moved, since the last repair. */
    public static Optional<String> movedBad(CaseRecord record) {
        return sinceRepair(record, Topic.MOVED);
    }

    private static Optional<String> sinceRepair(CaseRecord record, Topic topic) {
        long since = record.repaired().lastAtMillis();
        return record.statements()
                .about(topic)
                .filter(s -> s.saidAtMillis() > since)
                .map(Statement::value);
    }
}
