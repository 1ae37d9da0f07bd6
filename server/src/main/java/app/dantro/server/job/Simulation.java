package app.dantro.server.job;

import app.dantro.core.network.Fault;
import java.util.List;
import java.util.UUID;

/**
 * A simulated vehicle behind a case.
 *
 * @param faults what is wrong with it, hidden until proven
 * @param stateOfCharge 0 … 1
 * @param seed of the simulated meter's noise
 */
public record Simulation(UUID caseId, List<Fault> faults, double stateOfCharge, long seed) {
    public Simulation {
        faults = List.copyOf(faults);
    }
}
