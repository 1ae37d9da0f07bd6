package app.dantro.core.circuit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * The way of the starting current through a circuit: battery, supply side, starter, return side. Built only if every
 * part begins where the one before it ends.
 *
 * @param blocks number of 12 V blocks in series
 * @param battery the battery, or what a set of them amounts to
 */
public record SeriesLoop(
        String id,
        int blocks,
        Battery battery,
        List<Part> supply,
        Starter starter,
        List<Part> returns,
        List<ProbePoint> points,
        ClassCurrent crankingAmps) {

    public SeriesLoop {
        Identifiers.checked(id, "circuit id");
        supply = List.copyOf(supply);
        returns = List.copyOf(returns);
        points = List.copyOf(points);
        Objects.requireNonNull(crankingAmps, "crankingAmps");
        PointId atMotor = followed(battery.positivePost(), supply, "supply");
        if (!atMotor.equals(starter.motorStud())) {
            throw new IllegalArgumentException(
                    "The supply side ends at (%s) but the motor stud is (%s). Add the part between them."
                            .formatted(atMotor, starter.motorStud()));
        }
        PointId atPost = followed(starter.starterCase(), returns, "return");
        if (!atPost.equals(battery.negativePost())) {
            throw new IllegalArgumentException(
                    "The return side ends at (%s) but the battery's − post is (%s). Add the part between them."
                            .formatted(atPost, battery.negativePost()));
        }
        checkNames(battery, supply, starter, returns, points);
    }

    private static PointId followed(PointId start, List<Part> parts, String side) {
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("The %s side has no parts.".formatted(side));
        }
        PointId here = start;
        for (Part part : parts) {
            if (!part.from().equals(here)) {
                throw new IllegalArgumentException("The part (%s) begins at (%s) but the %s side has reached (%s)."
                        .formatted(part.id(), part.from(), side, here));
            }
            here = part.to();
        }
        return here;
    }

    private static void checkNames(
            Battery battery, List<Part> supply, Starter starter, List<Part> returns, List<ProbePoint> points) {
        Set<PartId> parts = new HashSet<>(List.of(battery.id()));
        List<PartId> ids = new ArrayList<>(List.of(starter.id()));
        supply.forEach(p -> ids.add(p.id()));
        returns.forEach(p -> ids.add(p.id()));
        ids.stream().filter(part -> !parts.add(part)).findFirst().ifPresent(twice -> {
            throw new IllegalArgumentException("Two parts are called (%s). Give each its own id.".formatted(twice));
        });
        List<PointId> path = path(battery, supply, returns, starter);
        List<PointId> named = points.stream().map(ProbePoint::id).toList();
        if (!named.equals(path)) {
            throw new IllegalArgumentException(
                    "The probe points (%s) must be the points along the loop in the order of flow (%s), each once."
                            .formatted(named, path));
        }
        if (new HashSet<>(path).size() != path.size()) {
            throw new IllegalArgumentException("The loop passes a probe point twice (%s).".formatted(path));
        }
    }

    private static List<PointId> path(Battery battery, List<Part> supply, List<Part> returns, Starter starter) {
        List<PointId> path = new ArrayList<>(List.of(battery.positivePost()));
        supply.forEach(p -> path.add(p.to()));
        path.add(starter.starterCase());
        returns.forEach(p -> path.add(p.to()));
        return path;
    }

    /** True if a point lies on the way of the starting current. */
    public boolean has(PointId point) {
        return points.stream().anyMatch(p -> p.id().equals(point));
    }

    public List<Part> side(Side side) {
        return side == Side.SUPPLY ? supply : returns;
    }

    /** All wiring parts, supply side first, in the order of flow. */
    public List<Part> parts() {
        List<Part> all = new ArrayList<>(supply);
        all.addAll(returns);
        return all;
    }

    public Side sideOf(PartId part) {
        return supply.stream().anyMatch(p -> p.id().equals(part)) ? Side.SUPPLY : Side.RETURN;
    }

    public Optional<Part> part(PartId id) {
        return parts().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The word for any part, battery and starter included. */
    public String nameOf(PartId id) {
        if (id.equals(battery.id())) {
            return "battery";
        }
        return id.equals(starter.id()) ? "starter" : part(id).orElseThrow().name();
    }

    public Optional<ProbePoint> point(PointId id) {
        return points.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** First and last probe point of a side, in the order of flow. */
    public Map.Entry<PointId, PointId> ends(Side side) {
        List<Part> parts = side(side);
        return Map.entry(parts.get(0).from(), parts.get(parts.size() - 1).to());
    }

    /** Position of each point along the flow, battery + post first. */
    public Map<PointId, Integer> positions() {
        Map<PointId, Integer> at = new LinkedHashMap<>();
        points.forEach(p -> at.put(p.id(), at.size()));
        return at;
    }

    /**
     * What lies between two different probe points, on the way that does not pass through the battery.
     *
     * @throws IllegalArgumentException if a point is not of this loop, or both are the same
     */
    public Stretch between(PointId red, PointId black) {
        int redAt = position(red);
        int blackAt = position(black);
        if (redAt == blackAt) {
            throw new IllegalArgumentException(
                    "Both leads are on (%s). Put them on two different points.".formatted(red));
        }
        int first = Math.min(redAt, blackAt);
        int last = Math.max(redAt, blackAt);
        List<Part> between = new ArrayList<>();
        int consumerAt = supply.size();
        for (int i = first; i < last; i++) {
            if (i < consumerAt) {
                between.add(supply.get(i));
            } else if (i > consumerAt) {
                between.add(returns.get(i - consumerAt - 1));
            }
        }
        return new Stretch(between, first <= consumerAt && last > consumerAt, redAt < blackAt);
    }

    public boolean isPosts(PointId one, PointId other) {
        return Set.of(battery.positivePost(), battery.negativePost()).equals(Set.of(one, other));
    }

    private int position(PointId id) {
        for (int i = 0; i < points.size(); i++) {
            if (points.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException("There is no probe point (%s) in the circuit (%s). It has: %s."
                .formatted(id, this.id, points.stream().map(p -> p.id().value()).toList()));
    }
}
