package app.dantro.server.vehicle;

import app.dantro.core.record.Topic;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.KnownVehicle;
import app.dantro.server.store.VehicleDetail;
import app.dantro.server.store.VehicleDetailStore;
import app.dantro.server.store.VehicleField;
import app.dantro.server.store.VehicleStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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

/** The vehicles that were here before. */
@RestController
@RequestMapping("/api/vehicles")
class VehicleController {
    private static final int MOST = 20;

    private final VehicleStore vehicles;
    private final VehicleDetailStore details;
    private final VehicleHistory history;

    VehicleController(VehicleStore vehicles, VehicleDetailStore details, VehicleHistory history) {
        this.details = details;
        this.vehicles = vehicles;
        this.history = history;
    }

    /** A known vehicle; a new case on it takes its figures over. */
    record VehicleView(UUID id, String name, String plate, UUID lastCase, List<VehicleFigureView> figures) {
        static VehicleView of(KnownVehicle vehicle) {
            return new VehicleView(
                    vehicle.id(),
                    vehicle.name(),
                    vehicle.plate(),
                    vehicle.lastCase(),
                    vehicle.figures().stream().map(VehicleFigureView::of).toList());
        }
    }

    /** What was stated of the vehicle itself, as it is spoken. */
    record VehicleFigureView(Topic topic, String title, String words) {
        static VehicleFigureView of(KnownVehicle.Stated stated) {
            return new VehicleFigureView(
                    stated.topic(), stated.topic().title(), stated.topic().words(stated.value()));
        }
    }

    /** Those with a piece of name in theirs, the one that was here last first. */
    @GetMapping
    List<VehicleView> named(@RequestParam(defaultValue = "") String name) {
        return vehicles.named(name, MOST).stream().map(VehicleView::of).toList();
    }

    /** All that is known of one vehicle. */
    @GetMapping("/{vehicleId}")
    VehiclePageView page(@PathVariable UUID vehicleId) {
        return history.of(vehicles.plain(vehicleId)
                .orElseThrow(() -> ProblemException.notFound("There is no vehicle (%s).".formatted(vehicleId))));
    }

    /**
     * What was done to the vehicle of a case before it.
     *
     * @param plate empty if none is known
     * @param odometer what is asked of its odometer; empty if nothing is
     */
    record VehicleBeforeView(UUID vehicleId, String plate, List<String> done, String odometer) {}

    /** What the workshop remembers of the vehicle of a case. */
    @GetMapping("/of-case/{caseId}")
    VehicleBeforeView before(@PathVariable UUID caseId) {
        KnownVehicle.Plain vehicle = vehicles.ofCase(caseId)
                .orElseThrow(() -> ProblemException.notFound("There is no case (%s).".formatted(caseId)));
        VehicleHistory.Before before = history.before(vehicle, caseId);
        return new VehicleBeforeView(vehicle.id(), vehicle.plate(), before.done(), before.odometer());
    }

    /**
     * Something to note of a vehicle; an empty value takes back what was noted before.
     *
     * @param evenSo true for a plate that another vehicle has too
     */
    record NewDetail(
            @NotNull VehicleField field,
            @NotNull @Size(max = 60) String value,
            Optional<Boolean> evenSo,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long saidAtMs) {}

    private void refuseSecond(UUID vehicleId, String plate) {
        UUID known = vehicles.plain(vehicleId).orElseThrow().id();
        vehicles.withPlate(plate).stream()
                .filter(v -> !v.id().equals(known))
                .findFirst()
                .ifPresent(other -> {
                    throw ProblemException.conflict(
                            "%s has this plate (%s) too. If they are one vehicle, join them; if not, save it once more."
                                    .formatted(other.name(), other.plate()));
                });
    }

    /** Notes plate, year, chassis number or the customer's reference. */
    @PutMapping("/{vehicleId}/details/{detailId}")
    ResponseEntity<Void> note(
            @PathVariable UUID vehicleId, @PathVariable UUID detailId, @Valid @RequestBody NewDetail body) {
        if (!vehicles.knows(vehicleId)) {
            throw ProblemException.notFound("There is no vehicle (%s).".formatted(vehicleId));
        }
        String value = DetailCheck.checked(body.field(), body.value());
        if (body.field() == VehicleField.PLATE && !body.evenSo().orElse(false)) {
            refuseSecond(vehicleId, value);
        }
        VehicleDetail detail = new VehicleDetail(detailId, vehicleId, body.field(), value, body.by(), body.saidAtMs());
        boolean added = details.say(detail);
        if (!added && !details.said(detailId).orElseThrow().equals(detail)) {
            throw ProblemException.taken();
        }
        return ResponseEntity.status(added ? HttpStatus.CREATED : HttpStatus.OK).build();
    }
}
