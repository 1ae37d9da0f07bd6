package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.finding.Findings;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.VehicleState;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.Optional;

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
                PlanReason.POINT_TO_POINT.with(
                        Quantity.named(
                                Reason.capital(PointName.of(findings.evidence().circuit(), red))),
                        Quantity.named(PointName.of(findings.evidence().circuit(), black))),
                List.of(stretch.withFlow() ? PlanReason.OWN_CHOICE.with() : PlanReason.AGAINST_THE_FLOW.with()),
                List.of(
                        Outcome.under(drop.upperVolts(), PlanReason.GOOD_AT.with(Quantity.amps(drop.amps()))),
                        Outcome.over(drop.upperVolts(), PlanReason.BETWEEN_THEM.with())),
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
                PlanReason.FROM_TO.with(
                        Quantity.named(PointName.of(circuit, red)), Quantity.named(PointName.of(circuit, black))),
                because(startersWire(findings, red, black), condition, volts),
                outcomes(findings, red, black, condition),
                volts,
                volts);
    }

    /** Across one wiring part: from where on it is not healthy any more. Across more: nothing that one number could tell. */
    private static List<Outcome> outcomes(Findings findings, PointId red, PointId black, Condition condition) {
        Circuit circuit = findings.evidence().circuit();
        boolean onePart =
                circuit.parts().stream().anyMatch(p -> Pair.of(p.from(), p.to()).equals(Pair.of(red, black)));
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
                        new Outcome(PlanReason.UP_TO.with(Quantity.volts(most)), PlanReason.AS_HEALTHY.with()),
                        Outcome.over(most, PlanReason.TAKES_MORE.with())))
                .orElse(List.of());
    }

    private static boolean startersWire(Findings findings, PointId red, PointId black) {
        SeriesLoop loop = findings.loop();
        return loop.has(red) && loop.has(black) && loop.between(red, black).isDrop();
    }

    private static List<Reason> because(boolean startersWire, Condition condition, double volts) {
        if (startersWire && !condition.running() && !condition.pile()) {
            return List.of(PlanReason.NO_CURRENT.with());
        }
        return volts < 0
                ? List.of(PlanReason.OWN_CHOICE.with(), PlanReason.MINUS_SIGN.with())
                : List.of(PlanReason.OWN_CHOICE.with());
    }
}
