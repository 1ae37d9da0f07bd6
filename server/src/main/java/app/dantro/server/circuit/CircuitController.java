package app.dantro.server.circuit;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.CableSizer;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.CircuitEdit;
import app.dantro.core.circuit.Material;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.server.problem.ProblemException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A case's circuit: show, try an edit, save it as a new version; and the cable sizer. */
@RestController
@RequestMapping("/api")
class CircuitController {
    private final CircuitService circuits;

    CircuitController(CircuitService circuits) {
        this.circuits = circuits;
    }

    /** What kind of change an edit is. */
    enum Operation {
        CHANGE_PART,
        SET_ACCESS,
        LEAVE_OUT,
        ADD_JOINT
    }

    /**
     * One change; which fields count depends on the operation.
     *
     * @param part to change, or the one after which a joint is added
     * @param point whose access is set, or that is left out
     * @param ohms of a joint, fuse or contacts
     */
    record NewEdit(
            @NotNull Operation operation,
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
                        c.logSpread(),
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

    /** Changes to try. */
    record NewEdits(@NotNull @Size(max = 200) List<@Valid NewEdit> edits) {}

    /** Changes to keep. */
    record NewVersion(
            @NotNull @Size(min = 1, max = 200) List<@Valid NewEdit> edits,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long changedAtMs) {}

    @GetMapping("/cases/{caseId}/circuit")
    CircuitView show(@PathVariable UUID caseId) {
        return circuits.show(caseId);
    }

    /** What the circuit would be after some changes; nothing is kept. */
    @PostMapping("/cases/{caseId}/circuit/preview")
    CircuitView preview(@PathVariable UUID caseId, @Valid @RequestBody NewEdits body) {
        return circuits.preview(caseId, body.edits());
    }

    /** Keeps the changes as the next version of the case's circuit. */
    @PutMapping("/cases/{caseId}/circuit/{version}")
    CircuitView save(@PathVariable UUID caseId, @PathVariable int version, @Valid @RequestBody NewVersion body) {
        return circuits.save(caseId, version, body);
    }

    /** Sizes that keep a run of cable within its share of the drop. */
    record CableSizeView(double leastSquareMetres, List<SizeView> sizes) {
        static CableSizeView of(CableSizer.Sized sized) {
            return new CableSizeView(
                    sized.leastSquareMetres(),
                    sized.sizes().stream()
                            .map(s -> new SizeView(s.squareMetres(), s.gauge(), s.dropVolts()))
                            .toList());
        }
    }

    /** A standard size. */
    record SizeView(double squareMetres, String gauge, double dropVolts) {}

    @GetMapping("/cable-size")
    CableSizeView cableSize(
            @RequestParam double metres,
            @RequestParam double amps,
            @RequestParam double allowedVolts,
            @RequestParam double celsius) {
        return CableSizeView.of(ProblemException.checking(
                "metres",
                () -> CableSizer.of(new CableSizer.Run(metres, amps, allowedVolts, Material.COPPER, celsius))));
    }
}
