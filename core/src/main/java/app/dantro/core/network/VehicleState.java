package app.dantro.core.network;

import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.List;

/**
 * What a vehicle is like at the moment: charge, temperature, faults.
 *
 * @param celsius temperature of battery, cables and engine in °C
 * @param stateOfCharge of every battery, 0 … 1; a {@link Fault.FlatBattery} speaks of one
 * @param glowing true while the glow plugs draw
 */
public record VehicleState(double celsius, double stateOfCharge, boolean glowing, List<Fault> faults) {
    /** The state of charge a vehicle comes with (docs/physics.md, battery). */
    public static final double USUAL_CHARGE = 0.85;

    public VehicleState {
        if (!(stateOfCharge >= 0 && stateOfCharge <= 1)) {
            throw new IllegalArgumentException("The state of charge (%s) must lie in 0 … 1.".formatted(stateOfCharge));
        }
        if (!(celsius >= -40 && celsius <= 90)) {
            throw new IllegalArgumentException("The temperature (%s °C) must lie in −40 … 90.".formatted(celsius));
        }
        faults = List.copyOf(faults);
    }

    /** Charged as vehicles usually come, 20 °C, no faults. */
    public static VehicleState healthy() {
        return healthyAt(20);
    }

    /** Charged as vehicles usually come, no faults, at a temperature in °C. */
    public static VehicleState healthyAt(double celsius) {
        return new VehicleState(celsius, USUAL_CHARGE, false, List.of());
    }

    /** The same, with one more fault. */
    public VehicleState with(Fault fault) {
        List<Fault> more = new ArrayList<>(faults);
        more.add(fault);
        return new VehicleState(celsius, stateOfCharge, glowing, more);
    }

    /** The same, with resistance in ohms added to a wiring part. */
    public VehicleState with(PartId part, double addedOhms) {
        return with(new Fault.AddedResistance(part, addedOhms));
    }

    /** The same, with every fault of one part gone. */
    public VehicleState repaired(PartId part) {
        return new VehicleState(
                celsius,
                stateOfCharge,
                glowing,
                faults.stream().filter(f -> !f.part().equals(part)).toList());
    }

    public VehicleState charged(double charge) {
        return new VehicleState(celsius, charge, glowing, faults);
    }

    public VehicleState whileGlowing() {
        return new VehicleState(celsius, stateOfCharge, true, faults);
    }
}
