package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.limits.SideLimit;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What ordinary vehicles show accuses nobody, however well a fault would explain it: a starting side within what its class
 * loses, a part that no drop lies across, a machine that nobody forced to charge (docs/everyday.md, ranges of healthy
 * vehicles).
 */
final class Ordinary {
    private static final Set<Condition> ENGINE_OFF =
            EnumSet.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);

    private final Evidence evidence;
    private final Circuit circuit;
    private final SeriesLoop loop;
    private final OrdinaryCharging charging;
    private final OrdinaryMachine machine;
    private final OrdinaryBattery batteries;

    Ordinary(Evidence evidence, PreparedCircuit prepared, SeriesLoop loop) {
        Circuit circuit = prepared.circuit();
        this.evidence = evidence;
        this.circuit = circuit;
        this.loop = loop;
        this.charging = new OrdinaryCharging(evidence, circuit);
        this.machine = new OrdinaryMachine(evidence, circuit, prepared.celsius());
        this.batteries = new OrdinaryBattery(evidence, circuit, prepared.celsius());
    }

    /** True if all that was read of a part is what ordinary vehicles show. */
    boolean spares(PartId id) {
        if (circuit.alternator().filter(a -> a.id().equals(id)).isPresent()) {
            return machine.rests();
        }
        if (circuit.starter().filter(s -> s.id().equals(id)).isPresent()) {
            return turned() && !slow();
        }
        return batteries.has(id) ? batteries.spares(id) : sparesWiring(id);
    }

    /** A starter that turns speaks by how it is heard, or by marks of its own; else what it draws is what an engine asks for. */
    private boolean turned() {
        return turnsEngine() && volts(Condition.CRANKING).stream().anyMatch(this::turning);
    }

    private boolean slow() {
        return evidence.entered().slow().orElse(false);
    }

    private boolean sparesWiring(PartId id) {
        List<Observation> across =
                evidence.observations().stream().filter(o -> isAcross(id, o)).toList();
        boolean onCharging = charging.has(id);
        boolean onLoop = loop.part(id).isPresent();
        if (!across.isEmpty()) {
            boolean beside = !onCharging && !onLoop;
            return across.stream().noneMatch(o -> speaksOf(id, o) || beside && !littleLost(o));
        }
        boolean turns = turned();
        if (!onCharging && !onLoop) {
            return (turns || machine.charges()) && aside(id);
        }
        if (evidence.observations().stream().anyMatch(o -> speaksOf(id, o))) {
            return false;
        }
        return turns && onLoop
                || charging.ordinaryAcross(id)
                || !onLoop && machine.charges()
                || evidence.observations().stream().anyMatch(o -> covers(id, o));
    }

    /** True for a drop across just this part while the current flows that it is there for. */
    private boolean isAcross(PartId id, Observation o) {
        boolean flows = loop.part(id).isPresent()
                ? o.what().condition().starterCalled()
                : o.what().condition().running();
        return flows
                && circuit.part(id)
                        .filter(p -> o.what().same(Observable.volts(o.what().condition(), p.from(), p.to())))
                        .isPresent();
    }

    /** True for a drop over a way of the starting loop that the part is on. */
    private boolean covers(PartId id, Observation o) {
        return o.what() instanceof Observable.Volts v
                && !v.condition().running()
                && loop.has(v.red())
                && loop.has(v.black())
                && loop.between(v.red(), v.black()).isDrop()
                && loop.between(v.red(), v.black()).covers(id);
    }

    /**
     * Beside both ways, between batteries or to the body, and no lead on either end of it showed more than a good ground
     * does (docs/everyday.md, return side charging).
     */
    private boolean aside(PartId id) {
        return circuit.part(id)
                .filter(part -> evidence.observations().stream()
                        .noneMatch(o -> o.what() instanceof Observable.Volts v
                                && (endsOn(part, v.red()) || endsOn(part, v.black()))
                                && !littleLost(o)))
                .isPresent();
    }

    private boolean littleLost(Observation o) {
        return Math.abs(o.value()) <= Marks.ORDINARY_WAY_VOLTS * circuit.blocks();
    }

    private boolean endsOn(Part part, PointId point) {
        return part.touches(point) && !isPost(point);
    }

    private boolean isPost(PointId point) {
        return point.equals(circuit.plusPost()) || point.equals(circuit.minusPost());
    }

    private boolean turnsEngine() {
        return evidence.starts().orElse(true);
    }

    private List<Observation> volts(Condition condition) {
        return evidence.observations().stream()
                .filter(o -> o.what() instanceof Observable.Volts v && v.condition() == condition)
                .toList();
    }

    private boolean turning(Observation o) {
        Observable.Volts v = (Observable.Volts) o.what();
        return loop.isPosts(v.red(), v.black());
    }

    /** A drop across the part, or across the motor, that ordinary vehicles do not show. */
    private boolean speaksOf(PartId id, Observation o) {
        if (charging.speaksOf(id, o) || engineOff(id, o)) {
            return true;
        }
        if (!(o.what() instanceof Observable.Volts v)
                || v.condition().running()
                || !loop.has(v.red())
                || !loop.has(v.black())) {
            return false;
        }
        if (isMotor(v.red(), v.black())) {
            return true;
        }
        Stretch stretch = loop.between(v.red(), v.black());
        return stretch.isDrop() && stretch.covers(id) && !ordinary(v, stretch, o);
    }

    /** With the engine off a few amperes flow everywhere: a way that loses much then is bad, wherever it lies. */
    private boolean engineOff(PartId id, Observation o) {
        return o.what() instanceof Observable.Volts v
                && ENGINE_OFF.contains(v.condition())
                && Math.abs(o.value()) > Marks.ORDINARY_WAY_VOLTS
                && circuit.way(v.red(), v.black()).stream().anyMatch(p -> p.id().equals(id));
    }

    private boolean isMotor(PointId red, PointId black) {
        return red.equals(loop.starter().motorStud())
                        && black.equals(loop.starter().starterCase())
                || black.equals(loop.starter().motorStud())
                        && red.equals(loop.starter().starterCase());
    }

    private boolean ordinary(Observable.Volts v, Stretch stretch, Observation o) {
        boolean one = stretch.parts().size() < 2;
        double small = one ? Marks.ORDINARY_JOINT_VOLTS : Marks.ORDINARY_WAY_VOLTS;
        if (ENGINE_OFF.contains(v.condition())) {
            return Math.abs(o.value()) <= small;
        }
        if (v.condition() != Condition.CRANKING || !turnsEngine()) {
            return v.condition().starterCalled() && Math.abs(o.value()) <= small;
        }
        if (one) {
            return Math.abs(o.value()) <= Marks.ORDINARY_JOINT_CRANKING_VOLTS;
        }
        Side side = loop.supply().stream().anyMatch(p -> stretch.covers(p.id())) ? Side.SUPPLY : Side.RETURN;
        boolean contacts = stretch.parts().stream().anyMatch(p -> p.kind() == PartKind.CONTACTS);
        double most = SideLimit.FAULTY.ohms(circuit, side, contacts);
        double volts = Math.abs(o.value());
        double amps = Dares.amps(evidence.observations(), o).orElse(0.0);
        return amps > 0
                ? volts / amps <= most
                : volts
                        <= (Marks.ORDINARY_SIDE_VOLTS + (contacts ? Marks.ORDINARY_CONTACTS_VOLTS : 0))
                                * circuit.blocks();
    }
}
