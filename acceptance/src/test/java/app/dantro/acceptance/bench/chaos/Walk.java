package app.dantro.acceptance.bench.chaos;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** One vehicle read from post to post: at rest, the whole, both sides, then part by part; and once more. */
final class Walk {
    private static final int ONE_FAULTY_IN = 2;
    private static final double FAULT_OHMS = 0.008;

    private final OperatingPoint rest;
    private final OperatingPoint cranking;
    private final List<Pair> pairs = new ArrayList<>();

    private record Pair(PointId red, PointId black, Condition condition) {}

    /** @param number vehicles differ by it; every other one has a bad joint or cable */
    Walk(String circuitId, int number) {
        Circuit circuit = ReadyMadeCircuits.named(circuitId).orElseThrow();
        SeriesLoop loop = StartingLoop.of(circuit);
        List<Part> parts = loop.parts();
        VehicleState state = number % ONE_FAULTY_IN == 0
                ? VehicleState.healthy()
                : VehicleState.healthy().with(parts.get(number % parts.size()).id(), FAULT_OHMS);
        NetworkSolver solver = new NetworkSolver(circuit);
        rest = (OperatingPoint) solver.solve(Condition.REST, state);
        cranking = (OperatingPoint) solver.solve(Condition.CRANKING, state);
        pairs.add(new Pair(circuit.plusPost(), circuit.minusPost(), Condition.REST));
        pairs.add(new Pair(circuit.plusPost(), circuit.minusPost(), Condition.CRANKING));
        Stream.of(loop.supply(), loop.returns())
                .filter(side -> !side.isEmpty())
                .map(side ->
                        new Pair(side.get(0).from(), side.get(side.size() - 1).to(), Condition.CRANKING))
                .forEach(pairs::add);
        parts.forEach(p -> pairs.add(new Pair(p.from(), p.to(), Condition.CRANKING)));
    }

    /** The n-th reading, as a page sends it. */
    String reading(int n) {
        Pair pair = pairs.get(n % pairs.size());
        double volts = (pair.condition == Condition.REST ? rest : cranking).between(pair.red, pair.black);
        return Client.reading(
                pair.red.value(),
                pair.black.value(),
                pair.condition.name(),
                String.format(Locale.ROOT, Math.abs(volts) < 1 ? "%.3f" : "%.2f", volts),
                n + 1);
    }
}
