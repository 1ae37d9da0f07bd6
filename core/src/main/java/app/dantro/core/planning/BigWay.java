package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Observable;
import java.util.ArrayList;
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
        List<Part> way = sides(circuit, complaint).flatMap(List::stream).toList();
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

    private static Stream<List<Part>> sides(Circuit circuit, Complaint complaint) {
        return switch (complaint) {
            case STARTING -> Stream.of(circuit.startingSupply(), circuit.startingReturn());
            case CHARGING -> Stream.of(circuit.chargingSupply(), circuit.chargingReturn());
            case UNKNOWN, NONE -> Stream.of();
        };
    }

    /** The condition in which its current is read. */
    static Condition loaded(Complaint complaint) {
        return complaint == Complaint.CHARGING ? Condition.RAISED_LOADED : Condition.CRANKING;
    }

    /** Every stretch of either side, read while its current flows. */
    static List<Observable.Volts> stretches(Circuit circuit, Complaint complaint) {
        Condition loaded = loaded(complaint);
        List<Observable.Volts> all = new ArrayList<>();
        sides(circuit, complaint).forEach(way -> {
            for (int from = 0; from < way.size(); from++) {
                for (int to = from; to < way.size(); to++) {
                    all.add(new Observable.Volts(
                            loaded, way.get(from).from(), way.get(to).to()));
                }
            }
        });
        return all;
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
