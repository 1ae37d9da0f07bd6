package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The ground side with all loads on, as it branches from the battery's − post: what each branch should lose and carry,
 * and what was read there. Branches that come together again share the current, so subtracting along one of them is only
 * right within it (docs/job.md, ground tree).
 */
public record GroundTree(List<Branch> branches) {
    static final Condition CONDITION = Condition.RAISED_LOADED;
    /** Between battery − and any ground, running with loads: above this look, above twice this most schools fail it. */
    private static final double LOOK_VOLTS = 0.1;

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
                .map(healthy -> new Walk(findings, healthy).tree());
    }

    /** Walks the wiring outwards from the − post. */
    private static final class Walk {
        private final Findings findings;
        private final Circuit circuit;
        private final Expectation healthy;
        private final List<Branch> branches = new ArrayList<>();
        private final Set<PartId> taken = new HashSet<>();
        private final Map<PointId, PartId> nearest = new HashMap<>();

        Walk(Findings findings, Expectation healthy) {
            this.findings = findings;
            this.circuit = findings.evidence().circuit();
            this.healthy = healthy;
        }

        GroundTree tree() {
            findNearest();
            follow(circuit.minusPost(), 0);
            return new GroundTree(branches);
        }

        /** By which part each ground point is reached first, in the fewest steps. */
        private void findNearest() {
            Deque<PointId> open = new ArrayDeque<>(List.of(circuit.minusPost()));
            Set<PointId> seen = new HashSet<>(open);
            while (!open.isEmpty()) {
                PointId here = open.poll();
                for (Part part : circuit.parts()) {
                    PointId end = far(part, here);
                    if (part.touches(here) && seen.add(end)) {
                        nearest.put(end, part.id());
                        open.add(end);
                    }
                }
            }
        }

        private void follow(PointId here, int depth) {
            for (Part part : circuit.parts()) {
                if (part.touches(here) && taken.add(part.id())) {
                    PointId end = far(part, here);
                    boolean joins = !part.id().equals(nearest.get(end));
                    branches.add(branch(part, here, end, depth, joins));
                    if (!joins) {
                        follow(end, depth + 1);
                    }
                }
            }
        }

        private static PointId far(Part part, PointId here) {
            return part.from().equals(here) ? part.to() : part.from();
        }

        private Branch branch(Part part, PointId here, PointId end, int depth, boolean joins) {
            double volts = Math.abs(healthy.nominal().between(part.from(), part.to()));
            Optional<Double> lift = read(end, circuit.minusPost());
            return new Branch(
                    part.id(),
                    part.name(),
                    depth,
                    here,
                    end,
                    circuit.point(end).map(p -> p.name()).orElse(end.value()),
                    joins,
                    joins ? List.of() : hangs(end),
                    Math.abs(healthy.nominal().amps(part.id())),
                    volts,
                    volts + Quantile.HEALTHY * healthy.standardVolts(part.from(), part.to()),
                    read(here, end),
                    amps(part),
                    lift,
                    lift.filter(v -> v > LOOK_VOLTS * circuit.blocks()).isPresent(),
                    findings.find(part.id()).map(PartFinding::standing).orElse(Standing.NOT_PROVEN));
        }

        private List<String> hangs(PointId point) {
            return circuit.devices().stream()
                    .filter(d -> d.terminals().contains(point))
                    .filter(d -> !(d instanceof Pile))
                    .map(Device::name)
                    .distinct()
                    .toList();
        }

        private Optional<Double> read(PointId one, PointId other) {
            return findings.evidence().newest(one, other, CONDITION).map(r -> Math.abs(r.volts()));
        }

        private Optional<Double> amps(Part part) {
            return findings.evidence().observed().stream()
                    .filter(r -> r.condition() == CONDITION)
                    .map(Reading::current)
                    .filter(Current.Measured.class::isInstance)
                    .map(Current.Measured.class::cast)
                    .filter(m -> m.in().filter(part.id()::equals).isPresent())
                    .map(Current.Measured::amps)
                    .reduce(Newest::of);
        }
    }
}
