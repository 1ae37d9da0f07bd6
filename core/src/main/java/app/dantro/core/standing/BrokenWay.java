package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Whether the way between alternator and battery was read to be as good as open while the engine ran: where it loses that
 * much, what regulates drives its output up and the battery does not follow. That is wiring, whatever the machine's volts
 * are (docs/job.md, when may a component be called faulty).
 */
record BrokenWay(Circuit circuit, List<Observation> observations) {
    private static final double LOST_VOLTS = 1.5;

    boolean shown() {
        return observations.stream()
                .anyMatch(o -> lost(o, circuit.chargingSupply()) || lost(o, circuit.chargingReturn()));
    }

    private boolean lost(Observation o, List<Part> way) {
        return o.what() instanceof Observable.Volts volts
                && volts.condition().running()
                && Math.abs(o.value()) >= LOST_VOLTS * circuit.blocks()
                && points(way).containsAll(List.of(volts.red(), volts.black()));
    }

    private static Set<PointId> points(List<Part> way) {
        Set<PointId> points = new HashSet<>();
        for (Part part : way) {
            points.add(part.from());
            points.add(part.to());
        }
        return points;
    }
}
