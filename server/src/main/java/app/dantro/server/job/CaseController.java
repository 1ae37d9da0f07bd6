package app.dantro.server.job;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.starting.StartingRules;
import app.dantro.server.format.CircuitFormat;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.CaseCircuit;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.CircuitStore;
import app.dantro.server.store.Circuits;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.VehicleDetail;
import app.dantro.server.store.VehicleDetailStore;
import app.dantro.server.store.VehicleField;
import app.dantro.server.store.VehicleStore;
import app.dantro.server.view.CaseView;
import app.dantro.server.view.ProofView;
import app.dantro.server.view.StepView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Cases: list, open, show. */
@RestController
@RequestMapping("/api")
class CaseController {
    private final CaseStore cases;
    private final CircuitStore circuits;
    private final Circuits built;
    private final Cases files;
    private final VehicleStore vehicles;
    private final VehicleDetailStore details;
    private final Clock clock;

    CaseController(
            CaseStore cases,
            CircuitStore circuits,
            Circuits built,
            Cases files,
            VehicleStore vehicles,
            VehicleDetailStore details,
            Clock clock) {
        this.clock = clock;
        this.vehicles = vehicles;
        this.details = details;
        this.built = built;
        this.cases = cases;
        this.circuits = circuits;
        this.files = files;
    }

    /**
     * A case to open; the id comes with the address, made by the client.
     *
     * @param circuit a ready-made circuit
     * @param onVehicle a known vehicle, whose figures are taken over; none for a new one
     * @param plate plate or fleet number of the vehicle, if it was said
     * @param circuitOf a case of the same vehicle, whose circuit as it stands now is taken over in place of it
     */
    record NewCase(
            @NotBlank @Size(max = 80) String vehicle,
            @NotBlank @Size(max = 200) String complaint,
            @NotBlank String circuit,
            Optional<UUID> circuitOf,
            Optional<UUID> onVehicle,
            Optional<@Size(max = 20) String> plate,
            @NotNull Loop concern,
            @NotNull @DecimalMin("-40") @DecimalMax("90") Double celsius,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long openedAtMs) {
        CaseHead toRecord(UUID id) {
            return new CaseHead(id, vehicle.strip(), complaint.strip(), concern, celsius, by, openedAtMs);
        }
    }

    /** A circuit that a case can begin with. */
    record ReadyMadeView(String id, String title) {}

    @GetMapping("/circuits")
    List<ReadyMadeView> circuits() {
        return ReadyMadeCircuits.titles().entrySet().stream()
                .map(e -> new ReadyMadeView(e.getKey(), e.getValue()))
                .toList();
    }

    /** What customers usually say, and what is asked at the door. */
    @GetMapping("/intake")
    IntakeView intake() {
        return IntakeView.usual();
    }

    @GetMapping("/cases/{caseId}")
    CaseView show(@PathVariable UUID caseId) {
        return files.view(caseId);
    }

    @GetMapping("/cases/{caseId}/proof")
    ProofView proof(@PathVariable UUID caseId) {
        return ProofView.of(files.assess(files.load(caseId)));
    }

    @PutMapping("/cases/{caseId}")
    ResponseEntity<CaseView> open(@PathVariable UUID caseId, @Valid @RequestBody NewCase body) {
        CaseHead record = body.toRecord(caseId);
        Dated.check(record.openedAtMs(), clock);
        String circuit = body.circuitOf()
                .map(of -> files.load(of).onCircuit().json())
                .orElseGet(() -> CircuitFormat.readyMade(body.circuit()));
        CaseCircuit first = built.of(1, circuit);
        body.onVehicle().filter(v -> !vehicles.knows(v)).ifPresent(v -> {
            throw ProblemException.field("onVehicle", "There is no vehicle (%s).".formatted(v));
        });
        boolean added =
                cases.add(record, body.onVehicle(), circuit, files.basis(), files.experience(first, body.concern()));
        if (!added && !same(record, body.circuitOf().isPresent() ? circuits.first(caseId) : circuit)) {
            throw ProblemException.conflict(
                    "Another case has this id (%s). Make a new id for a new case.".formatted(caseId));
        }
        body.plate().map(String::strip).filter(p -> !p.isEmpty()).ifPresent(plate -> details.say(plate(record, plate)));
        return ResponseEntity.status(added ? HttpStatus.CREATED : HttpStatus.OK).body(files.view(caseId));
    }

    private VehicleDetail plate(CaseHead record, String plate) {
        return new VehicleDetail(
                UUID.nameUUIDFromBytes((record.id() + "plate").getBytes(StandardCharsets.UTF_8)),
                vehicles.ofCase(record.id()).orElseThrow().id(),
                VehicleField.PLATE,
                plate,
                record.openedBy(),
                record.openedAtMs());
    }

    private boolean same(CaseHead record, String circuit) {
        return cases.find(record.id()).orElseThrow().equals(record)
                && circuits.first(record.id()).equals(circuit);
    }

    /** What any two points should read. */
    @GetMapping("/cases/{caseId}/expectation")
    StepView.ProbeView expectation(
            @PathVariable UUID caseId,
            @RequestParam String red,
            @RequestParam String black,
            @RequestParam Condition condition) {
        StoredCase file = files.load(caseId);
        PointId redPoint = file.point("red", red);
        PointId blackPoint = file.point("black", black);
        return StepView.ProbeView.of(
                file,
                ProblemException.checking(
                        "black",
                        () -> FreeProbe.of(StartingRules.of(file.evidence()), redPoint, blackPoint, condition)));
    }
}
