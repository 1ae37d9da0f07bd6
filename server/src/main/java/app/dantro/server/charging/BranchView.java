package app.dantro.server.charging;

import app.dantro.core.charging.GroundTree;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.Standing;
import java.util.List;
import java.util.Optional;

/** A branch of the ground tree. */
record BranchView(
        String part,
        String name,
        int depth,
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
        Standing standing,
        ChargingView.PairView across,
        ChargingView.PairView lift) {
    static List<BranchView> all(Optional<GroundTree> tree, Circuit circuit) {
        return tree.map(GroundTree::branches).orElse(List.of()).stream()
                .map(b -> of(b, circuit))
                .toList();
    }

    private static BranchView of(GroundTree.Branch b, Circuit circuit) {
        return new BranchView(
                b.part().value(),
                b.name(),
                b.depth(),
                b.toName(),
                b.joins(),
                b.hangs(),
                b.healthyAmps(),
                b.healthyVolts(),
                b.upperVolts(),
                b.readVolts(),
                b.readAmps(),
                b.liftVolts(),
                b.lifted(),
                b.standing(),
                ChargingView.PairView.of(b.to(), b.from(), Condition.RAISED_LOADED),
                ChargingView.PairView.of(b.to(), circuit.minusPost(), Condition.RAISED_LOADED));
    }
}
