package app.dantro.server.store;

import app.dantro.core.network.Fault;
import app.dantro.core.network.VehicleState;
import java.util.List;
import java.util.UUID;

/**
 * A simulated vehicle behind a case.
 *
 * @param faults what is wrong with it, hidden until proven
 * @param stateOfCharge 0 … 1
 * @param glowing true while its glow plugs draw
 * @param stated true if the faults came with a case file, so that they are no secret
 * @param seed of the simulated meter's noise
 */
public record Simulation(
        UUID caseId, List<Fault> faults, double stateOfCharge, boolean glowing, boolean stated, long seed) {
    public Simulation {
        faults = List.copyOf(faults);
    }

    /** A vehicle whose faults are hidden until proven. */
    public static Simulation hidden(UUID caseId, List<Fault> faults, double stateOfCharge, long seed) {
        return new Simulation(caseId, faults, stateOfCharge, false, false, seed);
    }

    /** What the vehicle is like before any repair, at a temperature in °C. */
    public VehicleState state(double celsius) {
        return new VehicleState(celsius, stateOfCharge, glowing, faults);
    }
}
