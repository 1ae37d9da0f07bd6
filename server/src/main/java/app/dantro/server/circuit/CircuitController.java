package app.dantro.server.circuit;

import app.dantro.core.circuit.CableSizer;
import app.dantro.core.circuit.Material;
import app.dantro.server.problem.ProblemException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
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

    /** Changes to try. */
    record NewEdits(@NotNull @Size(max = 200) List<@NotNull @Valid NewEdit> edits) {}

    /** Changes to keep. */
    record NewVersion(
            @NotNull @Size(min = 1, max = 200) List<@NotNull @Valid NewEdit> edits,
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
