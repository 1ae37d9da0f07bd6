package app.dantro.core.network;

import app.dantro.core.circuit.PartId;
import java.util.Map;

/**
 * What a simulated vehicle is like at the moment: battery charge, temperature, added resistances.
 *
 * @param stateOfCharge 0 … 1
 * @param celsius temperature of battery, cables and engine in °C
 * @param addedOhms fault resistance in ohms by wiring part, on top of its healthy value
 */
public record VehicleState(double stateOfCharge, double celsius, Map<PartId, Double> addedOhms) {
    public VehicleState {
        if (!(stateOfCharge >= 0 && stateOfCharge <= 1)) {
            throw new IllegalArgumentException("The state of charge (%s) must lie in 0 … 1.".formatted(stateOfCharge));
        }
        if (!(celsius >= -40 && celsius <= 90)) {
            throw new IllegalArgumentException("The temperature (%s °C) must lie in −40 … 90.".formatted(celsius));
        }
        addedOhms = Map.copyOf(addedOhms);
        addedOhms.forEach((part, ohms) -> {
            if (!(ohms >= 0)) {
                throw new IllegalArgumentException(
                        "The added resistance (%s ohm) of part (%s) must be >= 0.".formatted(ohms, part));
            }
        });
    }

    /** A charged battery at 20 °C without faults. */
    public static VehicleState healthy() {
        return new VehicleState(0.85, 20, Map.of());
    }

    public VehicleState with(PartId part, double ohms) {
        Map<PartId, Double> added = new java.util.HashMap<>(addedOhms);
        added.put(part, ohms);
        return new VehicleState(stateOfCharge, celsius, added);
    }
}
