package app.dantro.core.planning;

import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.diagnosis.Findings;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.StartingSolver;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Condition;
import java.util.List;
import java.util.Optional;

/** What any two points the technician picks should read. */
public final class FreeProbe {
    private FreeProbe() {}

    /**
     * A plan for a free choice of points.
     *
     * @throws IllegalArgumentException if a point is not of the circuit, or both are the same
     */
    public static ProbePlan of(Findings findings, PointId red, PointId black, Condition condition) {
        SeriesLoop loop = findings.loop();
        Stretch stretch = loop.between(red, black);
        String title = HalfSplitPlanner.fromTo(loop, red, black);
        double healthyVolts = healthy(findings, condition).between(red, black);
        if (!stretch.isDrop() || condition != Condition.CRANKING) {
            String why = stretch.isDrop()
                    ? "Without the starter's current a drop proves nothing about the wire."
                    : "Your own choice of points.";
            return new ProbePlan(
                    red,
                    black,
                    condition,
                    title,
                    why,
                    List.of(new Outcome("About " + Amount.volts(healthyVolts), "what a healthy vehicle shows")),
                    healthyVolts,
                    healthyVolts);
        }
        Optional<Double> amps = findings.crankingAmps();
        HealthyDrop drop = HealthyDrop.of(
                stretch, loop.crankingAmps(), amps, findings.evidence().celsius());
        double sign = stretch.withFlow() ? 1 : -1;
        return new ProbePlan(
                red,
                black,
                condition,
                title,
                stretch.withFlow()
                        ? "Your own choice of points."
                        : "Leads against the flow: the meter shows a minus sign.",
                List.of(
                        new Outcome("Under " + Amount.volts(drop.upperVolts()), "good at " + Amount.amps(drop.amps())),
                        new Outcome("Over " + Amount.volts(drop.upperVolts()), "the fault is between them")),
                sign * drop.nominalVolts(),
                sign * drop.upperVolts());
    }

    private static OperatingPoint healthy(Findings findings, Condition condition) {
        VehicleState state = new VehicleState(
                VehicleState.healthy().stateOfCharge(), findings.evidence().celsius(), java.util.Map.of());
        StartingSolver solver = new StartingSolver(findings.loop(), state);
        return switch (condition) {
            case REST -> solver.rest();
            case KEY_ON -> solver.keyOn();
            case ENGINE_OFF_LOAD -> solver.engineOffLoad();
            case CRANKING, START_ATTEMPT -> solver.cranking();
        };
    }
}
