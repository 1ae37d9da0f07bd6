package app.dantro.core.planning;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.inference.Observable;
import java.util.Optional;

/**
 * What a measurement costs in effort: one for the reading, the access of each lead that moves, and what it takes to make
 * the current flow (docs/decisions/0005, 0010).
 */
final class Cost {
    private static final double READING = 1;
    private static final double CRANK = 4.5;
    private static final double START_ENGINE = 2;
    private static final double HOLD_SPEED = 2;
    private static final double SWITCH_LOADS = 0.5;
    private static final double PILE = 4;
    private static final double SERIES_AMMETER = 4;

    private Cost() {}

    /** Effort of a measurement, given where the leads are and what the engine does. */
    public static double of(Circuit circuit, Observable what, Optional<Observable.Volts> last) {
        double cost = reading(what.condition(), last);
        if (what instanceof Observable.Volts volts) {
            cost += moving(circuit, volts.red(), last) + moving(circuit, volts.black(), last);
        } else {
            cost += SERIES_AMMETER;
        }
        return cost;
    }

    /** Effort of a reading in a condition without the leads' way, given what the engine does. */
    static double reading(Condition condition, Optional<Observable.Volts> last) {
        return READING + making(condition, last.map(Observable.Volts::condition));
    }

    /** Effort of bringing a lead to a point. */
    static int moving(ProbePoint point, Optional<Observable.Volts> last) {
        return moves(point.id(), last) ? point.access().cost() : 0;
    }

    /** Whether a lead has to move. */
    public static boolean moves(PointId point, Optional<Observable.Volts> last) {
        return last.filter(l -> l.red().equals(point) || l.black().equals(point))
                .isEmpty();
    }

    private static double moving(Circuit circuit, PointId point, Optional<Observable.Volts> last) {
        return circuit.point(point).map(p -> moving(p, last)).orElse(Access.FROM_BELOW.cost());
    }

    private static double making(Condition condition, Optional<Condition> now) {
        if (condition.starterCalled()) {
            return CRANK;
        }
        if (condition.pile()) {
            return PILE;
        }
        boolean same = now.filter(n -> n == condition).isPresent();
        if (condition.running()) {
            boolean runs = now.filter(Condition::running).isPresent();
            boolean fast = condition != Condition.IDLE && condition != Condition.IDLE_LOADED;
            return (runs ? 0 : START_ENGINE) + (fast && !same ? HOLD_SPEED : 0);
        }
        return condition == Condition.ENGINE_OFF_LOAD && !same ? SWITCH_LOADS : 0;
    }
}
