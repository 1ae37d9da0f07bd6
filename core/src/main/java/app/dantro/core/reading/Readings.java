package app.dantro.core.reading;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Readings in the order they were taken, and what every rule asks of them.
 *
 * @param all the oldest first
 */
public record Readings(List<Reading> all) implements Iterable<Reading> {
    public Readings {
        all = List.copyOf(all);
    }

    public static Readings of(Stream<Reading> readings) {
        return new Readings(readings.toList());
    }

    public Readings in(Condition condition) {
        return where(r -> r.condition() == condition);
    }

    /** Those between two points, whichever way the leads were. */
    public Readings across(PointId one, PointId other) {
        return where(r -> r.isAcross(one, other));
    }

    public Readings where(Predicate<Reading> wanted) {
        return of(all.stream().filter(wanted));
    }

    public Optional<Reading> newest() {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    /** The newest current that flowed with the loop, in amperes. */
    public Optional<Double> newestAmps() {
        return all.stream().flatMap(r -> r.flowingAmps().stream()).reduce(Newest::of);
    }

    public Stream<Reading> stream() {
        return all.stream();
    }

    public boolean isEmpty() {
        return all.isEmpty();
    }

    public int size() {
        return all.size();
    }

    @Override
    public Iterator<Reading> iterator() {
        return all.iterator();
    }
}
