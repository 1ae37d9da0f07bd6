package app.dantro.core.planning;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import java.util.List;

/**
 * Which pairs of points technicians read: a stretch of one side, a part, a device across its terminals, the trigger. Any
 * other pair tells as much to a computer and less to the one who holds the leads, so it has to be worth more
 * (docs/decisions/0010).
 */
final class Familiarity {
    private final Circuit circuit;
    private final List<PointId> points;
    private final boolean[] familiar;

    /** @param deadKey whether the key turns nothing: then the control circuit is looked at from the + post */
    Familiarity(Circuit circuit, boolean deadKey) {
        this.circuit = circuit;
        this.points = circuit.points().stream().map(ProbePoint::id).toList();
        this.familiar = new boolean[points.size() * points.size()];
        List.of(circuit.startingSupply(), circuit.startingReturn(), circuit.chargingSupply(), circuit.chargingReturn())
                .forEach(this::stretches);
        circuit.parts().forEach(p -> mark(p.from(), p.to()));
        mark(circuit.plusPost(), circuit.minusPost());
        for (Battery battery : circuit.batteries()) {
            mark(battery.positivePost(), battery.negativePost());
        }
        if (deadKey) {
            stretches(circuit.control());
            circuit.control().forEach(p -> mark(circuit.plusPost(), p.to()));
        }
        for (Device device : circuit.devices()) {
            if (device instanceof Load load) {
                mark(circuit.plusPost(), load.from());
                mark(circuit.minusPost(), load.to());
            }
        }
        circuit.starter().ifPresent(this::starter);
        circuit.alternator().ifPresent(this::alternator);
    }

    boolean familiar(int one, int other) {
        return familiar[one * points.size() + other];
    }

    private void stretches(List<Part> way) {
        for (Part one : way) {
            for (Part other : way) {
                mark(one.from(), other.to());
                mark(one.from(), other.from());
                mark(one.to(), other.to());
            }
        }
    }

    private void starter(Starter starter) {
        mark(starter.motorStud(), starter.starterCase());
        for (Solenoid solenoid : circuit.solenoid().stream().toList()) {
            mark(solenoid.trigger(), starter.starterCase());
            mark(solenoid.trigger(), circuit.plusPost());
            mark(solenoid.trigger(), circuit.minusPost());
        }
    }

    private void alternator(Alternator alternator) {
        mark(alternator.output(), alternator.ground());
        mark(alternator.output(), circuit.minusPost());
        mark(alternator.ground(), circuit.plusPost());
        for (PointId sensed :
                List.of(alternator.sense().plus(), alternator.sense().minus())) {
            mark(sensed, circuit.plusPost());
            mark(sensed, circuit.minusPost());
        }
    }

    private void mark(PointId one, PointId other) {
        if (one.equals(other)) {
            return;
        }
        int i = points.indexOf(one);
        int j = points.indexOf(other);
        familiar[i * points.size() + j] = true;
        familiar[j * points.size() + i] = true;
    }
}
