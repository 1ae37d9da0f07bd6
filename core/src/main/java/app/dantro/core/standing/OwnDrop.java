package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import java.util.List;

/**
 * What was read across just one wiring part: where that is what ordinary ones show, the part is not called, however well its
 * fault would explain the rest (docs/everyday.md, here it must dare).
 */
record OwnDrop(Circuit circuit, List<Observation> observations) {
    /** True if it was read, and each time like an ordinary one. */
    boolean ordinary(PartId id) {
        return circuit.part(id).filter(this::ordinary).isPresent();
    }

    private boolean ordinary(Part part) {
        List<Observation> own =
                observations.stream().filter(o -> isAcross(part, o)).toList();
        return !own.isEmpty()
                && own.stream()
                        .allMatch(o -> Math.abs(o.value()) < most(part, o.what().condition()) * circuit.blocks());
    }

    private static boolean isAcross(Part part, Observation o) {
        return o.what().same(Observable.volts(o.what().condition(), part.from(), part.to()));
    }

    private static double most(Part part, Condition condition) {
        boolean cable = part.kind() == PartKind.CABLE;
        if (condition.starterCalled()) {
            return cable ? Marks.ORDINARY_CONTACTS_VOLTS : Marks.ORDINARY_JOINT_CRANKING_VOLTS;
        }
        if (condition.running() || condition.pile()) {
            return Marks.ORDINARY_JOINT_CHARGING_VOLTS;
        }
        return cable ? Marks.ORDINARY_CABLE_VOLTS : Marks.ORDINARY_JOINT_VOLTS;
    }
}
