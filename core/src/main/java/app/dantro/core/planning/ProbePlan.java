package app.dantro.core.planning;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import java.util.List;

/**
 * A proposed measurement.
 *
 * @param why one sentence: why this one
 * @param outcomes what the possible results would mean
 * @param goodVolts what it reads if everything between the leads is good, in volts
 * @param faultyVolts what it reads at least if the fault lies between them, in volts
 */
public record ProbePlan(
        PointId red,
        PointId black,
        Condition condition,
        String title,
        String why,
        List<Outcome> outcomes,
        double goodVolts,
        double faultyVolts) {
    public ProbePlan {
        outcomes = List.copyOf(outcomes);
    }

    /** One possible result, "over 0.30 V", and what it means. */
    public record Outcome(String when, String means) {}
}
