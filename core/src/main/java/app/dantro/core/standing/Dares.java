package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.PreparedCircuit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where a single reading is enough to suspect what the others leave: beyond these marks no healthy vehicle is, whatever its
 * class's spreads say (docs/everyday.md, here it must dare).
 */
final class Dares {
    /** A joint, fuse or switch at the current of a charging vehicle, and from which current on. */
    private static final double CHARGING_JOINT_VOLTS = 0.10;

    private static final double CHARGING_AMPS = 30;
    /** Any one part, a cable too, while lights, feed or glow plugs are all that draws: as much as both charging sides may lose. */
    private static final double ENGINE_OFF_VOLTS = 0.5;

    private static final Set<Condition> ENGINE_OFF = EnumSet.of(Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);
    /** A joint under the starter's current. */
    private static final double CRANKING_JOINT_VOLTS = 0.15;

    private static final double CONTACTS_VOLTS = 0.4;
    /** Enough at the motor, and hardly any current. */
    private static final double MOTOR_VOLTS = 10.5;

    private static final double LITTLE_CURRENT = 0.6;

    private final PreparedCircuit prepared;
    private final Circuit circuit;
    private final List<Observation> observations;
    private final MachineDares machine;
    private final SideDares sides;

    Dares(PreparedCircuit prepared, Evidence evidence) {
        this.prepared = prepared;
        this.circuit = prepared.circuit();
        this.observations = evidence.observations();
        this.sides = new SideDares(circuit, observations);
        this.machine =
                new MachineDares(circuit, prepared.celsius(), evidence.entered().lithium(), observations);
    }

    /** True if a reading is beyond a mark that speaks against this part, or against the way it lies on. */
    boolean names(PartId id) {
        Optional<Part> part = circuit.part(id);
        if (circuit.starter().filter(s -> s.id().equals(id)).isPresent()
                && new MostAmps(circuit, prepared.celsius()).exceeded(observations)) {
            return true;
        }
        return observations.stream()
                .filter(o -> o.what().isVolts())
                .anyMatch(o -> part.map(p -> across(p, o) || sides.names(p, o)).orElseGet(() -> device(id, o)));
    }

    private boolean across(Part part, Observation o) {
        boolean just = o.what().same(Observable.volts(o.what().condition(), part.from(), part.to()));
        if (just && ENGINE_OFF.contains(o.what().condition())) {
            return Math.abs(o.value()) > ENGINE_OFF_VOLTS * circuit.blocks();
        }
        if (!just || part.kind() == PartKind.CABLE || part.kind() == PartKind.STRAP) {
            return false;
        }
        double volts = Math.abs(o.value());
        if (o.what().condition().starterCalled()) {
            return volts > (part.kind() == PartKind.CONTACTS ? CONTACTS_VOLTS : CRANKING_JOINT_VOLTS);
        }
        return o.what().condition().running()
                && volts > CHARGING_JOINT_VOLTS
                && amps(o).filter(a -> a >= CHARGING_AMPS).isPresent();
    }

    private boolean device(PartId id, Observation o) {
        boolean starters = circuit.starter()
                .filter(s -> s.id().equals(id))
                .filter(s -> o.what().same(Observable.volts(Condition.CRANKING, s.motorStud(), s.starterCase())))
                .isPresent();
        if (starters) {
            double usual = prepared.healthyStarterAmps();
            return Math.abs(o.value()) >= MOTOR_VOLTS * circuit.blocks()
                    && amps(o).filter(a -> a < LITTLE_CURRENT * usual).isPresent();
        }
        return circuit.alternator()
                .filter(a -> a.id().equals(id))
                .filter(a -> machine.names(a, o))
                .isPresent();
    }

    /** The amps that came with a reading. */
    private Optional<Double> amps(Observation volts) {
        return amps(observations, volts);
    }

    /** The amps that came with a reading, if any did. */
    static Optional<Double> amps(List<Observation> observations, Observation volts) {
        return observations.stream()
                .filter(o -> o.reading().equals(volts.reading()) && o.what() instanceof Observable.Amps)
                .map(Observation::value)
                .findFirst();
    }
}
