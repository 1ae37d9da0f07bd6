package app.dantro.core.network;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.ClassCurrent;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Starter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The starting loop of a circuit, with the current that a healthy one draws. */
public final class StartingLoop {
    /** What starters of one class draw differs by this share from vehicle to vehicle, as a standard deviation. */
    public static final double ASSUMED_CURRENT_SPREAD = 0.25;

    private StartingLoop() {}

    /**
     * The way of least resistance from battery to starter and back.
     *
     * @throws IllegalArgumentException if the circuit has no starter, or a healthy one would not crank
     */
    public static SeriesLoop of(Circuit circuit) {
        Starter starter = circuit.starter()
                .orElseThrow(() -> new IllegalArgumentException(
                        "The circuit (%s) has no starter. Add one to work on a start.".formatted(circuit.id())));
        Solution solution = new NetworkSolver(circuit).solve(Condition.CRANKING, VehicleState.healthy());
        if (!(solution instanceof OperatingPoint healthy) || !(healthy.starterAmps() > 1)) {
            throw new IllegalArgumentException(
                    "The circuit (%s) does not crank even when healthy. Check starter, solenoid and control circuit."
                            .formatted(circuit.id()));
        }
        List<Part> supply = circuit.startingSupply();
        List<Part> returns = circuit.startingReturn();
        return new SeriesLoop(
                circuit.id(),
                circuit.blocks(),
                battery(circuit),
                supply,
                starter,
                returns,
                points(circuit, supply, starter, returns),
                new ClassCurrent(healthy.starterAmps(), ASSUMED_CURRENT_SPREAD));
    }

    private static List<ProbePoint> points(Circuit circuit, List<Part> supply, Starter starter, List<Part> returns) {
        List<ProbePoint> points = new ArrayList<>();
        points.add(circuit.point(circuit.plusPost()).orElseThrow());
        supply.forEach(p -> points.add(circuit.point(p.to()).orElseThrow()));
        points.add(circuit.point(starter.starterCase()).orElseThrow());
        returns.forEach(p -> points.add(circuit.point(p.to()).orElseThrow()));
        return points;
    }

    /** One battery between the posts: batteries in series add up, in parallel they share. */
    private static Battery battery(Circuit circuit) {
        List<Battery> all = circuit.batteries();
        Battery first = all.get(0);
        boolean series = circuit.blocks() > 1;
        double ohms = series
                ? all.stream().mapToDouble(b -> b.internalOhms().nominalOhms()).sum()
                : 1
                        / all.stream()
                                .mapToDouble(b -> 1 / b.internalOhms().nominalOhms())
                                .sum();
        double ampHours = series
                ? first.ampHours()
                : all.stream().mapToDouble(Battery::ampHours).sum();
        return new Battery(
                all.size() == 1 ? first.id() : PartId.of("battery"),
                all.size() == 1 ? first.name() : "batteries together",
                circuit.plusPost(),
                circuit.minusPost(),
                new ResistanceRange(ohms, first.internalOhms().logSpread()),
                ampHours,
                Optional.empty());
    }
}
