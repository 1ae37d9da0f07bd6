package app.dantro.core.network;

import static app.dantro.core.network.AnyCircuit.node;
import static app.dantro.core.network.AnyCircuit.point;
import static app.dantro.core.network.AnyCircuit.wild;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.ResistanceRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A chain of resistors against its closed form, and where there is no answer. */
class LadderTest {
    @Test
    void aLadderOfResistorsAgreesWithItsClosedForm() {
        // E through Rd into n equal parts and a load: one current everywhere
        int n = 40;
        double ohms = 0.7e-3;
        double load = 0.5;
        Circuit ladder = ladder(n, ohms, load);
        OperatingPoint point = new NetworkSolver(ladder)
                .solve(Condition.REST, VehicleState.healthy())
                .orThrow();
        double amps = 12.6 / (0.01 + n * ohms + load);
        assertThat(point.amps(PartId.of("load"))).isCloseTo(amps, within(1e-9));
        for (int i = 0; i <= n; i++) {
            assertThat(point.at(node(i))).isCloseTo(12.6 - amps * (0.01 + i * ohms), within(1e-11));
        }
    }

    @Test
    void aPartOfNearlyNoResistanceKeepsItsCurrent() {
        Circuit ladder = ladder(10, 1e-7, 0.1);
        OperatingPoint point = new NetworkSolver(ladder)
                .solve(Condition.REST, VehicleState.healthy())
                .orThrow();
        double amps = 12.6 / (0.01 + 10e-7 + 0.1);
        for (int i = 0; i < 10; i++) {
            assertThat(point.amps(PartId.of("part-" + i))).isCloseTo(amps, within(1e-8));
        }
        assertThat(point.convergence().residualAmps()).isLessThan(1e-7);
    }

    @Test
    void aCircuitWithoutAConsistentPointSaysSo() {
        // a rail that pulls its own supply beyond all numbers has no operating point that could be told
        Circuit wild = ladder(1, 1e300, 1e300);
        Solution solution = new NetworkSolver(wild).solve(Condition.REST, VehicleState.healthy());
        if (solution instanceof OperatingPoint point) {
            wild.points().forEach(p -> assertThat(point.at(p.id())).isFinite());
        } else {
            assertThat(((Solution.Unsolved) solution).reason()).isNotBlank();
        }
    }

    private static Circuit ladder(int n, double ohms, double loadOhms) {
        List<ProbePoint> points = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            points.add(point(node(i)));
        }
        points.add(point(PointId.of("minus")));
        for (int i = 0; i < n; i++) {
            parts.add(new Part(
                    PartId.of("part-" + i),
                    "part " + i,
                    PartKind.JOINT,
                    node(i),
                    node(i + 1),
                    new Resistance.Contact(new ResistanceRange(ohms, 0.1))));
        }
        List<Device> devices = List.of(
                new Battery(
                        PartId.of("battery"),
                        "battery",
                        node(0),
                        PointId.of("minus"),
                        new ResistanceRange(0.01, 0.1),
                        60,
                        Optional.of(new Battery.Source(12.6, 0.01, 0.1))),
                new Load(PartId.of("load"), "load", node(n), PointId.of("minus"), Load.constant(loadOhms), false));
        return new Circuit("ladder", "Ladder", 12, node(0), PointId.of("minus"), points, parts, devices);
    }
}
