package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.network.Expectation;
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

/** Walks the wiring outwards from the − post. */
final class GroundWalk {
    private final Findings findings;
    private final Circuit circuit;
    private final Expectation healthy;
    private final List<GroundTree.Branch> branches = new ArrayList<>();
    private final Set<PartId> taken = new HashSet<>();
    private final Map<PointId, PartId> nearest = new HashMap<>();

    GroundWalk(Findings findings, Expectation healthy) {
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

    private GroundTree.Branch branch(Part part, PointId here, PointId end, int depth, boolean joins) {
        double volts = Math.abs(healthy.nominal().between(part.from(), part.to()));
        Optional<Double> lift = read(end, circuit.minusPost());
        return new GroundTree.Branch(
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
                lift.filter(v -> v > Marks.GROUND_LOOK_VOLTS * circuit.blocks()).isPresent(),
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
        return findings.evidence().newest(one, other, GroundTree.CONDITION).map(r -> Math.abs(r.volts()));
    }

    private Optional<Double> amps(Part part) {
        return findings.evidence().observed().stream()
                .filter(r -> r.condition() == GroundTree.CONDITION)
                .map(Reading::current)
                .filter(Current.Measured.class::isInstance)
                .map(Current.Measured.class::cast)
                .filter(m -> m.in().filter(part.id()::equals).isPresent())
                .map(Current.Measured::amps)
                .reduce(Newest::of);
    }
}
