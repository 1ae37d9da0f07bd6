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
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.inference.Entered;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Strategy;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What ordinary vehicles show accuses nobody, however well a fault would explain it: a starting side within what its class
 * loses, a part that no drop lies across, a machine that nobody forced to charge (docs/everyday.md, ranges of healthy
 * vehicles).
 */
final class Ordinary {
    private static final Set<Condition> FORCED = EnumSet.of(Condition.RAISED_LOADED, Condition.FULL_OUTPUT);
    private static final Set<Condition> RAISED =
            EnumSet.of(Condition.RAISED, Condition.RAISED_LOADED, Condition.FULL_OUTPUT, Condition.HIGH_SPEED);

    private final Evidence evidence;
    private final Circuit circuit;
    private final SeriesLoop loop;
    private final OrdinaryCharging charging;

    Ordinary(Evidence evidence, Circuit circuit, SeriesLoop loop) {
        this.evidence = evidence;
        this.circuit = circuit;
        this.loop = loop;
        this.charging = new OrdinaryCharging(evidence, circuit);
    }

    /** True if all that was read of a part is what ordinary vehicles show. */
    boolean spares(PartId id) {
        if (circuit.alternator().filter(a -> a.id().equals(id)).isPresent()) {
            return rests();
        }
        boolean turns = evidence.starts().orElse(true)
                && volts(Condition.CRANKING).stream().anyMatch(this::turning);
        boolean onCharging = charging.has(id);
        if (!onCharging && loop.part(id).isEmpty()) {
            return turns && aside(id);
        }
        if (!onCharging && !turns) {
            return false;
        }
        if (evidence.observations().stream().anyMatch(o -> speaksOf(id, o))) {
            return false;
        }
        return turns && loop.part(id).isPresent() || charging.ordinaryAcross(id);
    }

    /** Beside both ways, between batteries or to the body, and no lead was put on either end of it. */
    private boolean aside(PartId id) {
        return circuit.part(id)
                .filter(part -> evidence.observations().stream()
                        .noneMatch(o -> o.what() instanceof Observable.Volts v
                                && (endsOn(part, v.red()) || endsOn(part, v.black()))))
                .isPresent();
    }

    private boolean endsOn(Part part, PointId point) {
        return part.touches(point) && !isPost(point);
    }

    private boolean isPost(PointId point) {
        return point.equals(circuit.plusPost()) || point.equals(circuit.minusPost());
    }

    /** With the loads off a machine may be commanded to rest; at idle none has to give what it can. */
    private boolean rests() {
        Entered entered = evidence.entered();
        boolean holds = entered.strategy().filter(s -> s != Strategy.SMART).isPresent();
        Set<Condition> telling = holds ? RAISED : FORCED;
        List<Observation> running = evidence.observations().stream()
                .filter(o -> o.what().isVolts() && o.what().condition().running())
                .toList();
        double most = Marks.RESTING_MOST_VOLTS * circuit.blocks();
        return running.stream().noneMatch(o -> telling.contains(o.what().condition()))
                && running.stream().noneMatch(o -> Math.abs(o.value()) > most);
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
        if (charging.speaksOf(id, o)) {
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

    private boolean isMotor(PointId red, PointId black) {
        return red.equals(loop.starter().motorStud())
                        && black.equals(loop.starter().starterCase())
                || black.equals(loop.starter().motorStud())
                        && red.equals(loop.starter().starterCase());
    }

    private boolean ordinary(Observable.Volts v, Stretch stretch, Observation o) {
        if (v.condition() != Condition.CRANKING || stretch.parts().size() < 2) {
            return false;
        }
        Side side = loop.supply().stream().anyMatch(p -> stretch.covers(p.id())) ? Side.SUPPLY : Side.RETURN;
        boolean contacts = stretch.parts().stream().anyMatch(p -> p.kind() == PartKind.CONTACTS);
        double most = mostOhms(side) + (contacts ? Marks.CONTACTS_OHMS : 0);
        double volts = Math.abs(o.value());
        double amps = Dares.amps(evidence.observations(), o).orElse(0.0);
        return amps > 0
                ? volts / amps <= most
                : volts
                        <= (Marks.ORDINARY_SIDE_VOLTS + (contacts ? Marks.ORDINARY_CONTACTS_VOLTS : 0))
                                * circuit.blocks();
    }

    /** What a healthy side of the vehicle's kind has at the most, in Ω. */
    private double mostOhms(Side side) {
        boolean supply = side == Side.SUPPLY;
        return switch (VehicleSort.of(circuit)) {
            case TRUCK, TWO_BATTERIES -> supply ? Marks.DIESEL_SUPPLY_OHMS : Marks.DIESEL_RETURN_OHMS;
            case MOTORCYCLE -> supply ? Marks.MOTORCYCLE_SUPPLY_OHMS : Marks.MOTORCYCLE_RETURN_OHMS;
            case CAR, DIESEL -> supply ? Marks.CAR_SUPPLY_OHMS : Marks.CAR_RETURN_OHMS;
        };
    }
}
