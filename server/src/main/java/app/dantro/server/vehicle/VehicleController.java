package app.dantro.server.vehicle;

import app.dantro.core.record.Topic;
import app.dantro.server.store.KnownVehicle;
import app.dantro.server.store.VehicleStore;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The vehicles that were here before. */
@RestController
@RequestMapping("/api/vehicles")
class VehicleController {
    private static final int MOST = 20;

    private final VehicleStore vehicles;

    VehicleController(VehicleStore vehicles) {
        this.vehicles = vehicles;
    }

    /** A known vehicle; a new case on it takes its figures over. */
    record VehicleView(UUID id, String name, UUID lastCase, List<VehicleFigureView> figures) {
        static VehicleView of(KnownVehicle vehicle) {
            return new VehicleView(
                    vehicle.id(),
                    vehicle.name(),
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
}
