package app.dantro.core.network;

import static app.dantro.core.network.AnyCircuit.faults;
import static app.dantro.core.network.AnyCircuit.part;
import static app.dantro.core.network.AnyCircuit.wild;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Currents balance at every point, in any circuit with any fault. */
class BalanceTest {
    private static final double BALANCE = 1e-9;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void currentsBalanceAtEveryPointInEveryConditionWithAnyFaults(long seed) {
        Random random = new Random(seed);
        List<String> ids = new ArrayList<>(ReadyMadeCircuits.titles().keySet());
        for (int i = 0; i < 60; i++) {
            Circuit circuit = i % 3 == 0
                    ? ReadyMadeCircuits.reference(
                            ReadyMadeCircuits.references().get(random.nextInt(4)),
                            Sensing.values()[random.nextInt(Sensing.values().length)])
                    : ReadyMadeCircuits.named(ids.get(random.nextInt(ids.size())))
                            .orElseThrow();
            NetworkSolver solver = new NetworkSolver(circuit);
            VehicleState state = new VehicleState(
                    -30 + 80 * random.nextDouble(), random.nextDouble(), random.nextBoolean(), faults(circuit, random));
            for (Condition condition : Condition.values()) {
                Solution solution = solver.solve(condition, state);
                assertThat(solution)
                        .as("%s %s %s", circuit.id(), condition, state)
                        .isInstanceOf(OperatingPoint.class);
                assertBalanced(circuit, (OperatingPoint) solution);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void currentsBalanceInCircuitsThatNobodyThoughtOf(long seed) {
        Random random = new Random(seed);
        int solved = 0;
        for (int i = 0; i < 120; i++) {
            Optional<Circuit> circuit = wild(random);
            if (circuit.isPresent()) {
                for (Condition condition : List.of(Condition.REST, Condition.RAISED_LOADED, Condition.PILE_STARTER)) {
                    Solution solution = new NetworkSolver(circuit.get()).solve(condition, VehicleState.healthy());
                    assertThat(solution).isInstanceOf(OperatingPoint.class);
                    assertBalanced(circuit.get(), (OperatingPoint) solution);
                    solved++;
                }
            }
        }
        assertThat(solved).isGreaterThan(150);
    }

    /** Every member's current from its own result, summed at every point. */
    private static void assertBalanced(Circuit circuit, OperatingPoint solved) {
        Map<PointId, Double> sums = new HashMap<>();
        double largest = 1;
        for (Part part : circuit.parts()) {
            double amps = solved.amps(part.id());
            flow(sums, part.from(), part.to(), amps);
            largest = Math.max(largest, Math.abs(amps));
        }
        for (Device device : circuit.devices()) {
            if (device instanceof Solenoid s) {
                flow(
                        sums,
                        s.trigger(),
                        s.ground(),
                        solved.between(s.trigger(), s.ground()) / s.coils().holdOhms());
                flow(
                        sums,
                        s.trigger(),
                        s.motorStud(),
                        solved.between(s.trigger(), s.motorStud()) / s.coils().pullInOhms());
                continue;
            }
            boolean source = device instanceof Battery || device instanceof Alternator;
            double amps = solved.amps(device.id());
            flow(sums, device.terminals().get(0), device.terminals().get(1), source ? -amps : amps);
            largest = Math.max(largest, Math.abs(amps));
        }
        for (Map.Entry<PointId, Double> sum : sums.entrySet()) {
            assertThat(Math.abs(sum.getValue())).as("at %s", sum.getKey()).isLessThanOrEqualTo(BALANCE * largest);
        }
        assertThat(solved.convergence().iterations()).isLessThanOrEqualTo(3 * NetworkSolver.MOST_STEPS);
    }

    private static void flow(Map<PointId, Double> sums, PointId from, PointId to, double amps) {
        assertThat(amps).isFinite();
        sums.merge(from, -amps, Double::sum);
        sums.merge(to, amps, Double::sum);
    }
}
