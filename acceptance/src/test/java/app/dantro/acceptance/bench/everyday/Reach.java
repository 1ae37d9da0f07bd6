package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PointId;
import app.dantro.core.procedure.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Where a probe can be put on a vehicle. */
record Reach(FleetVehicle vehicle, Circuit circuit) {
    /** The points of a step that no probe gets to. */
    List<String> missing(Step step) {
        return step.probe().stream()
                .flatMap(p -> Stream.of(p.red(), p.black()))
                .map(PointId::value)
                .filter(point -> !vehicle.points().contains(point))
                .toList();
    }

    /** The point itself, or the nearest that can be reached from it, away from the other lead. */
    Optional<PointId> from(PointId wanted, PointId other) {
        List<PointId> seen = new ArrayList<>(List.of(wanted));
        for (int i = 0; i < seen.size(); i++) {
            PointId at = seen.get(i);
            if (vehicle.points().contains(at.value())) {
                return Optional.of(at);
            }
            circuit.parts().stream()
                    .filter(p -> p.touches(at))
                    .map(p -> p.from().equals(at) ? p.to() : p.from())
                    .filter(p -> !seen.contains(p) && !p.equals(other))
                    .forEach(seen::add);
        }
        return Optional.empty();
    }
}
