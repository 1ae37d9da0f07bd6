package app.dantro.core.network;

import static app.dantro.core.network.AnyCircuit.faults;
import static app.dantro.core.network.AnyCircuit.point;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Laws that hold in every solution, over random circuits and faults. */
class SolverLawsTest {
    /** Open contacts leak a fixed conductance, in V and A. */
    private static final double LEAKAGE = 1e-4;

    @Test
    void twiceTheVoltsAndTheOhmsGiveTwiceThePotentialsAndTheSameCurrents() {
        Circuit car = ReadyMadeCircuits.reference("reference-car", Sensing.INTERNAL);
        Circuit twice = Doubled.of(car);
        Circuit once = Doubled.stated(car);
        for (Condition condition : List.of(Condition.REST, Condition.CRANKING, Condition.RAISED_LOADED)) {
            OperatingPoint low = new NetworkSolver(once)
                    .solve(condition, VehicleState.healthy())
                    .orThrow();
            OperatingPoint high = new NetworkSolver(twice)
                    .solve(condition, VehicleState.healthy())
                    .orThrow();
            car.points()
                    .forEach(p -> assertThat(high.at(p.id()))
                            .as("%s in %s", p.id(), condition)
                            .isCloseTo(2 * low.at(p.id()), within(LEAKAGE)));
            car.parts()
                    .forEach(p -> assertThat(high.amps(p.id()))
                            .as("%s in %s", p.id(), condition)
                            .isCloseTo(low.amps(p.id()), within(LEAKAGE)));
        }
    }

    @Test
    void aNeighbouringStartGivesTheSamePointAsAStartFromScratch() {
        Random random = new Random(11);
        Circuit circuit = ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
        NetworkSolver warm = new NetworkSolver(circuit);
        for (int i = 0; i < 200; i++) {
            VehicleState state = new VehicleState(20, 0.85, false, faults(circuit, random));
            Condition condition = Condition.values()[random.nextInt(Condition.values().length)];
            OperatingPoint near = warm.solve(condition, state).orThrow();
            OperatingPoint fresh =
                    new NetworkSolver(circuit).solve(condition, state).orThrow();
            for (ProbePoint point : circuit.points()) {
                assertThat(near.at(point.id())).isCloseTo(fresh.at(point.id()), within(1e-8));
            }
        }
    }

    @Test
    void theOrderOfPartsChangesNothing() {
        Circuit circuit = ReadyMadeCircuits.named("computer-regulated").orElseThrow();
        List<Part> parts = new ArrayList<>(circuit.parts());
        List<ProbePoint> points = new ArrayList<>(circuit.points());
        java.util.Collections.shuffle(parts, new Random(3));
        java.util.Collections.shuffle(points, new Random(4));
        Circuit shuffled = new Circuit(
                circuit.id(),
                circuit.title(),
                circuit.systemVolts(),
                circuit.plusPost(),
                circuit.minusPost(),
                points,
                parts,
                circuit.devices());
        for (Condition condition : Condition.values()) {
            OperatingPoint one = new NetworkSolver(circuit)
                    .solve(condition, VehicleState.healthy())
                    .orThrow();
            OperatingPoint other = new NetworkSolver(shuffled)
                    .solve(condition, VehicleState.healthy())
                    .orThrow();
            points.forEach(p -> assertThat(other.at(p.id())).isCloseTo(one.at(p.id()), within(1e-10)));
        }
    }
}
