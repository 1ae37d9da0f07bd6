package app.dantro.server.job;

import app.dantro.core.circuit.PartId;
import java.util.UUID;

/**
 * A simulated vehicle behind a case.
 *
 * @param addedOhms fault resistance in ohms, on top of the healthy value of {@code fault}
 * @param stateOfCharge 0 … 1
 * @param seed of the simulated meter's noise
 */
public record Simulation(UUID caseId, PartId fault, double addedOhms, double stateOfCharge, long seed) {}
