package app.dantro.server.circuit;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.CircuitEdit;
import app.dantro.core.circuit.Material;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.ResistanceRange;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;

/**
 * One change; which fields count depends on the operation.
 *
 * @param part to change, or the one after which a joint is added
 * @param point whose access is set, or that is left out
 * @param ohms of a joint, fuse or contacts
 */
record NewEdit(
        @NotNull CircuitController.Operation operation,
        Optional<String> part,
        Optional<String> point,
        Optional<Double> lengthMetres,
        Optional<Double> areaSquareMetres,
        Optional<Material> material,
        Optional<Double> ohms,
        Optional<Double> fuseAmps,
        Optional<Access> access,
        Optional<@Size(max = 60) String> name) {

    CircuitEdit toEdit(Circuit before) {
        return switch (operation) {
            case CHANGE_PART -> change(before);
            case SET_ACCESS -> new CircuitEdit.SetAccess(pointId(), required(access, "access"));
            case LEAVE_OUT -> new CircuitEdit.LeaveOut(pointId());
            case ADD_JOINT ->
                new CircuitEdit.AddJoint(partId(), freeId(before), required(name, "name"), ohms.orElse(1e-4));
        };
    }

    private CircuitEdit change(Circuit before) {
        Part old = before.part(partId())
                .orElseThrow(() ->
                        new IllegalArgumentException("There is no part (%s) in this circuit.".formatted(partId())));
        Resistance inside = old.resistance();
        if (inside instanceof Resistance.Conductor c) {
            inside = new Resistance.Conductor(
                    lengthMetres.orElse(c.lengthMetres()),
                    areaSquareMetres.orElse(c.areaSquareMetres()),
                    material.orElse(c.material()),
                    Math.min(c.logSpread(), Resistance.Conductor.ASSUMED_ENTERED_SPREAD),
                    ohms.orElse(c.jointOhms()));
        } else if (inside instanceof Resistance.Contact c && ohms.isPresent()) {
            inside = new Resistance.Contact(
                    new ResistanceRange(ohms.get(), c.healthy().logSpread()));
        }
        return new CircuitEdit.ChangePart(old.id(), inside, fuseAmps.or(old::fuseAmps));
    }

    private PartId freeId(Circuit before) {
        for (int i = 1; ; i++) {
            PartId id = PartId.of("added-joint-" + i);
            if (before.part(id).isEmpty()) {
                return id;
            }
        }
    }

    private PartId partId() {
        return PartId.of(required(part, "part"));
    }

    private PointId pointId() {
        return PointId.of(required(point, "point"));
    }

    private <T> T required(Optional<T> value, String field) {
        return value.orElseThrow(() ->
                new IllegalArgumentException("The change (%s) needs the field (%s).".formatted(operation, field)));
    }
}
