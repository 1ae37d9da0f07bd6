package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.network.OperatingPoint;
import java.util.List;

/** Where a clamp can be put around. */
record ClampPlaces(Circuit circuit) {
    List<String> names() {
        return circuit.id().startsWith("twin")
                ? List.of("charge-cable", "starter-cable", "alternator", "battery-a", "battery-b")
                : List.of("charge-cable", "starter-cable", "alternator", "battery");
    }

    double[] amps(OperatingPoint point) {
        List<Double> batteries =
                circuit.batteries().stream().map(b -> point.amps(b.id())).toList();
        double charge = circuit.chargeCable().map(p -> point.amps(p.id())).orElse(0.0);
        double starter = circuit.startingSupply().stream()
                .filter(p -> p.kind() == PartKind.CABLE)
                .mapToDouble(p -> point.amps(p.id()))
                .findFirst()
                .orElse(0);
        double alternator = point.amps(circuit.alternator().orElseThrow().id());
        return batteries.size() > 1 && circuit.blocks() == 1
                ? new double[] {charge, starter, alternator, batteries.get(0), batteries.get(1)}
                : new double[] {charge, starter, alternator, batteries.get(0)};
    }
}
