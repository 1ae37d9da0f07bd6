package app.dantro.acceptance.bench.everyday;

import app.dantro.acceptance.bench.vehicles.Vehicle;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.network.Fault;
import java.util.List;
import java.util.function.Predicate;

/** What the driver of a vehicle of the older worlds says, and the side that is meant. */
record OlderSaid(String words, String concern) {
    static OlderSaid of(Vehicle vehicle) {
        return switch (vehicle.complaint()) {
            case "STARTING" -> new OlderSaid(vehicle.speed() == 0 ? "no crank" : "cranks slowly", "starting");
            case "CHARGING" -> new OlderSaid(charges(vehicle), "charging");
            default -> new OlderSaid("preventive check", vehicle.faults().size() % 2 == 0 ? "starting" : "charging");
        };
    }

    private static String charges(Vehicle vehicle) {
        if (has(vehicle, f -> f instanceof Fault.Drain)) {
            return "flat in the morning";
        }
        return vehicle.postOff(Condition.RAISED) > 0 ? "overcharges" : "charges too little";
    }

    /** Which consumer draws, whoever looks finds branch by branch. */
    static List<String> loads(Circuit circuit) {
        return circuit.devices().stream()
                .filter(Load.class::isInstance)
                .map(d -> d.id().value())
                .toList();
    }

    static boolean has(Vehicle vehicle, Predicate<Fault> kind) {
        return vehicle.faults().stream().anyMatch(kind);
    }
}
