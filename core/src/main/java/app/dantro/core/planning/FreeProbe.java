package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.finding.Findings;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.reading.Amount;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What any two points of the circuit should read, in any condition. */
public final class FreeProbe {
    private FreeProbe() {}

    /**
     * A plan for a free choice of points.
     *
     * @throws IllegalArgumentException if a point is not of the circuit, or both are the same
     */
    public static ProbePlan of(Findings findings, PointId red, PointId black, Condition condition) {
        if (red.equals(black)) {
            throw new IllegalArgumentException(
                    "Both leads are on (%s). Put them on two different points.".formatted(red));
        }
        SeriesLoop loop = findings.loop();
        boolean startersDrop = condition == Condition.CRANKING
                && loop.has(red)
                && loop.has(black)
                && loop.between(red, black).isDrop();
        return startersDrop ? drop(findings, red, black) : expectation(findings, red, black, condition);
    }

    private static ProbePlan drop(Findings findings, PointId red, PointId black) {
        SeriesLoop loop = findings.loop();
        Stretch stretch = loop.between(red, black);
        Optional<Double> amps = findings.crankingAmps();
        HealthyDrop drop = HealthyDrop.of(
                stretch, loop.crankingAmps(), amps, findings.evidence().celsius());
        double sign = stretch.withFlow() ? 1 : -1;
        return new ProbePlan(
                red,
                black,
                Condition.CRANKING,
                HalfSplitPlanner.fromTo(loop, red, black),
                stretch.withFlow()
                        ? "Your own choice of points."
                        : "Leads against the flow: the meter shows a minus sign.",
                List.of(
                        new Outcome("Under " + Amount.volts(drop.upperVolts()), "good at " + Amount.amps(drop.amps())),
                        new Outcome("Over " + Amount.volts(drop.upperVolts()), "the fault is between them")),
                sign * drop.nominalVolts(),
                sign * drop.upperVolts());
    }

    /** Nothing to judge: only what a healthy vehicle shows there. */
    private static ProbePlan expectation(Findings findings, PointId red, PointId black, Condition condition) {
        Circuit circuit = findings.evidence().circuit();
        double volts = new NetworkSolver(circuit)
                .solve(condition, VehicleState.healthyAt(findings.evidence().celsius()))
                .orThrow()
                .between(red, black);
        return new ProbePlan(
                red,
                black,
                condition,
                "From %s to %s".formatted(name(circuit, red), name(circuit, black)),
                why(findings, red, black, condition, volts),
                outcomes(findings, red, black, condition),
                volts,
                volts);
    }

    /** Across one wiring part: from where on it is not healthy any more. Across more: nothing that one number could tell. */
    private static List<Outcome> outcomes(Findings findings, PointId red, PointId black, Condition condition) {
        Circuit circuit = findings.evidence().circuit();
        boolean onePart =
                circuit.parts().stream().anyMatch(p -> Set.of(p.from(), p.to()).equals(Set.of(red, black)));
        if (!onePart) {
            return List.of();
        }
        return Expectation.of(
                        circuit,
                        condition,
                        VehicleState.healthyAt(findings.evidence().celsius()))
                .map(e -> e.range(red, black))
                .map(r -> Math.max(Math.abs(r.lowVolts()), Math.abs(r.highVolts())))
                .map(most -> List.of(
                        new Outcome("Up to " + Amount.volts(most), "as a healthy one, at this current"),
                        new Outcome("Over " + Amount.volts(most), "it takes more than it should")))
                .orElse(List.of());
    }

    private static String why(Findings findings, PointId red, PointId black, Condition condition, double volts) {
        SeriesLoop loop = findings.loop();
        boolean startersWire =
                loop.has(red) && loop.has(black) && loop.between(red, black).isDrop();
        if (startersWire && !condition.running() && !condition.pile()) {
            return "Without the starter's current a drop proves nothing about the wire.";
        }
        return volts < 0 ? "Your own choice of points. The meter shows a minus sign." : "Your own choice of points.";
    }

    private static String name(Circuit circuit, PointId point) {
        return circuit.point(point)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no probe point (%s) in the circuit (%s).".formatted(point, circuit.id())))
                .name();
    }
}
