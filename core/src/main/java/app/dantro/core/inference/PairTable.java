package app.dantro.core.inference;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.ResponseSolver;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What instruments show with two faults at once; kept, since a case asks for the same pairs again. Safe for several threads. */
final class PairTable {
    /** Pairs kept of one condition, where one vehicle looks at up to 6,000; beyond them it begins anew. */
    private static final int MOST = 8000;

    private static final long BYTES_OF_AN_ENTRY = 64;
    private static final long BYTES_OF_AN_OUTPUT = 4;

    private final List<Hypothesis> hypotheses;
    private final double celsius;
    private final ResponseSolver outputs;
    private final NetworkSolver solver;
    private final Map<Condition, Map<Long, Optional<float[]>>> kept = new EnumMap<>(Condition.class);

    PairTable(Circuit circuit, List<Hypothesis> hypotheses, double celsius, ResponseSolver outputs) {
        this.hypotheses = hypotheses;
        this.celsius = celsius;
        this.outputs = outputs;
        this.solver = new NetworkSolver(circuit);
    }

    /** All outputs; empty if there is no operating point. */
    synchronized Optional<float[]> means(int first, int second, Condition condition) {
        Map<Long, Optional<float[]>> ofCondition = kept.computeIfAbsent(condition, c -> new HashMap<>());
        if (ofCondition.size() > MOST) {
            ofCondition.clear();
        }
        return ofCondition.computeIfAbsent((long) first << 32 | second, key -> solve(first, second, condition));
    }

    synchronized long bytes() {
        long entry = BYTES_OF_AN_OUTPUT * outputs.outputs() + BYTES_OF_AN_ENTRY;
        return kept.values().stream()
                .mapToLong(ofCondition -> ofCondition.size() * entry)
                .sum();
    }

    private Optional<float[]> solve(int first, int second, Condition condition) {
        List<Fault> both = new ArrayList<>(hypotheses.get(first).faults());
        both.addAll(hypotheses.get(second).faults());
        VehicleState state = VehicleState.healthyAt(celsius);
        for (Fault fault : both) {
            state = state.with(fault);
        }
        return solver.solve(condition, state) instanceof OperatingPoint point
                ? Optional.of(outputs.outputsOf(point))
                : Optional.empty();
    }
}
