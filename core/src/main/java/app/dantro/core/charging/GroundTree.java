package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import java.util.List;
import java.util.Optional;

/**
 * The ground side with all loads on, as it branches from the battery's − post: what each branch should lose and carry,
 * and what was read there. Branches that come together again share the current, so subtracting along one of them is only
 * right within it (docs/job.md, ground tree).
 */
public record GroundTree(List<Branch> branches) {
    static final Condition CONDITION = Condition.RAISED_LOADED;

    public GroundTree {
        branches = List.copyOf(branches);
    }

    /**
     * One wiring part of the tree.
     *
     * @param depth how many parts lie between it and the − post
     * @param from the end nearer to the − post
     * @param joins true if its far end was reached another way already: a parallel branch
     * @param hangs devices that are grounded at its far end
     * @param healthyAmps what it carries in a healthy vehicle, in A
     * @param healthyVolts what it loses then, in V
     * @param upperVolts most that a healthy one loses, in V
     * @param readVolts newest drop across it, in V
     * @param readAmps newest current in it, in A
     * @param liftVolts its far end above the − post as read, in V
     * @param lifted true if that is more than a ground should show
     */
    public record Branch(
            PartId part,
            String name,
            int depth,
            PointId from,
            PointId to,
            String toName,
            boolean joins,
            List<String> hangs,
            double healthyAmps,
            double healthyVolts,
            double upperVolts,
            Optional<Double> readVolts,
            Optional<Double> readAmps,
            Optional<Double> liftVolts,
            boolean lifted,
            Standing standing) {}

    /** The tree of a case; empty if the circuit does not run even when healthy. */
    public static Optional<GroundTree> of(Findings findings) {
        Circuit circuit = findings.evidence().circuit();
        return Expectation.of(
                        circuit,
                        CONDITION,
                        VehicleState.healthyAt(findings.evidence().celsius()))
                .map(healthy -> new GroundWalk(findings, healthy).tree());
    }
}
