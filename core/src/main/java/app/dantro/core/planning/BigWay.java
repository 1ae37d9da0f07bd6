package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.inference.Complaint;
import java.util.List;
import java.util.stream.Stream;

/**
 * The way of the current that the complaint is about. Its drops are read while that current flows: what it loses to the
 * ignition or the lights are millivolts, which tell a computer as much and the one with the leads nothing
 * (docs/job.md, order of work).
 */
record BigWay(boolean[] on, int plusPost, int minusPost, Complaint complaint, boolean canBeLoaded, boolean deadKey) {
    /** @param deadKey whether the key turns nothing: then what hangs beside the way, such as the control circuit, is looked at too */
    static BigWay of(Circuit circuit, Complaint complaint, Workplace workplace, boolean deadKey) {
        List<Part> way = switch (complaint) {
            case STARTING ->
                Stream.concat(circuit.startingSupply().stream(), circuit.startingReturn().stream())
                        .toList();
            case CHARGING ->
                Stream.concat(circuit.chargingSupply().stream(), circuit.chargingReturn().stream())
                        .toList();
            case UNKNOWN, NONE -> List.of();
        };
        List<PointId> points = circuit.points().stream().map(ProbePoint::id).toList();
        boolean[] on = new boolean[points.size()];
        for (int i = 0; i < on.length; i++) {
            PointId point = points.get(i);
            on[i] = way.stream().anyMatch(p -> p.touches(point)) || !deadKey && hangsOn(circuit, way, point);
        }
        boolean loaded = workplace.conditions().stream().anyMatch(c -> loads(c, complaint));
        int plus = points.indexOf(circuit.plusPost());
        int minus = points.indexOf(circuit.minusPost());
        return new BigWay(on, plus, minus, complaint, loaded, deadKey);
    }

    /** Whether what flows to a point comes, or goes back, over a part of the way. */
    private static boolean hangsOn(Circuit circuit, List<Part> way, PointId point) {
        return Stream.of(circuit.plusPost(), circuit.minusPost())
                .flatMap(post -> circuit.way(point, post).stream())
                .anyMatch(way::contains);
    }

    /**
     * The further effort of a reading while little flows on this way, where more could. The battery's own posts may be read
     * at any time; where the key turns nothing only what lies along the way counts.
     */
    double idle(int one, int other, Condition condition) {
        boolean posts = one == plusPost && other == minusPost || one == minusPost && other == plusPost;
        boolean touches = deadKey ? on[one] && on[other] : on[one] || on[other];
        return canBeLoaded && touches && !posts && !loads(condition, complaint) ? Marks.IDLE_WAY : 0;
    }

    private static boolean loads(Condition condition, Complaint complaint) {
        return complaint == Complaint.CHARGING ? condition.running() : condition.loadsStarterCables();
    }
}
