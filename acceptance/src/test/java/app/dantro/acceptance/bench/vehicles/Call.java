package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.PartId;
import java.util.Optional;

/**
 * What a way of working says in the end.
 *
 * @param part the part to repair; empty for a healthy vehicle or for no verdict
 * @param healthy true if the vehicle is called healthy
 * @param proofReadings how many of the readings only completed the proof
 */
record Call(Optional<PartId> part, boolean healthy, int proofReadings) {
    static Call repair(PartId part, int proofReadings) {
        return new Call(Optional.of(part), false, proofReadings);
    }

    static Call healthy(int proofReadings) {
        return new Call(Optional.empty(), true, proofReadings);
    }

    static Call undecided(int proofReadings) {
        return new Call(Optional.empty(), false, proofReadings);
    }
}
