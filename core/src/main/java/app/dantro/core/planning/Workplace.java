package app.dantro.core.planning;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.inference.Observable;
import java.util.Optional;
import java.util.Set;

/**
 * What can be done at the moment, and where the leads are.
 *
 * @param conditions those that safety and preconditions allow
 * @param ammeter whether the battery's standing current can be read in series
 * @param last where the leads were put last, and in which condition
 * @param outOfReach points that no probe gets to
 */
public record Workplace(
        Set<Condition> conditions, boolean ammeter, Optional<Observable.Volts> last, Set<PointId> outOfReach) {
    public Workplace {
        conditions = Set.copyOf(conditions);
        outOfReach = Set.copyOf(outOfReach);
    }

    /** One where a probe gets everywhere. */
    public Workplace(Set<Condition> conditions, boolean ammeter, Optional<Observable.Volts> last) {
        this(conditions, ammeter, last, Set.of());
    }

    /** True if the engine may run for a reading. */
    boolean runs() {
        return conditions.stream().anyMatch(Condition::running);
    }

    boolean reaches(Observable what) {
        return !(what instanceof Observable.Volts volts)
                || !outOfReach.contains(volts.red()) && !outOfReach.contains(volts.black());
    }
}
