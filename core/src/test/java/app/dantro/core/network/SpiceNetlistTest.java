package app.dantro.core.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Our numbers against those of an independent circuit simulator, ngspice, on the exported netlists. */
class SpiceNetlistTest {
    private static final double AGREEMENT_VOLTS = 2e-6;
    private static final PartId STARTER = PartId.of("starter");
    private static final PartId ALTERNATOR = PartId.of("alternator");

    @TempDir
    Path folder;

    static Stream<String> circuits() {
        return Stream.concat(ReadyMadeCircuits.titles().keySet().stream(), ReadyMadeCircuits.references().stream());
    }

    @ParameterizedTest
    @MethodSource("circuits")
    void agreesWithNgspiceInEveryConditionHealthyAndWithRandomFaults(String id) {
        Circuit circuit = ReadyMadeCircuits.named(id).orElseThrow();
        Random random = new Random(id.hashCode());
        for (Condition condition : Condition.values()) {
            assertAgrees(circuit, condition, VehicleState.healthy());
            Part bad = circuit.parts().get(random.nextInt(circuit.parts().size()));
            double ohms = Math.pow(10, -3 + 5 * random.nextDouble());
            assertAgrees(
                    circuit,
                    condition,
                    VehicleState.healthyAt(-5).charged(random.nextDouble()).with(bad.id(), ohms));
        }
    }

    @ParameterizedTest
    @MethodSource("hard")
    void agreesWithNgspiceWhereDevicesChangeTheirPiece(Circuit circuit, Condition condition, List<Fault> faults) {
        VehicleState state = VehicleState.healthy();
        for (Fault fault : faults) {
            state = state.with(fault);
        }
        assertAgrees(circuit, condition, state);
    }

    static Stream<org.junit.jupiter.params.provider.Arguments> hard() {
        List<org.junit.jupiter.params.provider.Arguments> all = new ArrayList<>();
        for (Sensing sensing : Sensing.values()) {
            Circuit car = ReadyMadeCircuits.reference("reference-car", sensing);
            add(all, car, Condition.RAISED_LOADED, Vehicles.added("alternator-mount", 0.01));
            add(all, car, Condition.RAISED_LOADED, new Fault.BeltSlip(ALTERNATOR, 0.25));
            add(all, car, Condition.RAISED, new Fault.FullField(ALTERNATOR));
            add(all, car, Condition.IDLE_LOADED, new Fault.Open(PartId.of("charge-fuse")));
        }
        Circuit car = ReadyMadeCircuits.named("petrol-car").orElseThrow();
        add(all, car, Condition.CRANKING, new Fault.WeakBattery(PartId.of("battery"), 15));
        add(all, car, Condition.CRANKING, Vehicles.added("ignition-switch", 1));
        add(all, car, Condition.CRANKING, new Fault.Drag(STARTER, 30));
        add(all, car, Condition.PILE_ALTERNATOR, Vehicles.added("charge-fuse", 0.2));
        Circuit twin = ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
        add(all, twin, Condition.REST, new Fault.DeadCell(PartId.of("battery-b")));
        add(all, twin, Condition.CRANKING, new Fault.FlatBattery(PartId.of("battery-a"), 0.05));
        Circuit truck = ReadyMadeCircuits.named("truck-24v").orElseThrow();
        add(all, truck, Condition.RAISED_LOADED, new Fault.DeadCell(PartId.of("battery-a")));
        return all.stream();
    }

    private static void add(
            List<org.junit.jupiter.params.provider.Arguments> all,
            Circuit circuit,
            Condition condition,
            Fault... faults) {
        all.add(org.junit.jupiter.params.provider.Arguments.of(circuit, condition, List.of(faults)));
    }

    @Test
    void neverWritesADeviceInTheModeOurSolverFound() {
        Circuit car = ReadyMadeCircuits.reference("reference-car", Sensing.REMOTE);
        String netlist = SpiceNetlist.of(car, Condition.RAISED_LOADED, VehicleState.healthy());
        assertThat(netlist)
                .contains("Bbattery", " ? ", "Balternator", "min(max(", "Bclamp_alternator", "Bstarter")
                .contains(".options reltol=1e-9 abstol=1e-12 vntol=1e-9", "set numdgt=15", ".nodeset");
    }

    private void assertAgrees(Circuit circuit, Condition condition, VehicleState state) {
        Map<String, Double> simulated = simulated(SpiceNetlist.of(circuit, condition, state));
        OperatingPoint ours = new NetworkSolver(circuit).solve(condition, state).orThrow();
        for (ProbePoint point : circuit.points()) {
            String node = SpiceNetlist.node(circuit, point.id());
            if (!node.equals("0")) {
                assertThat(simulated).as("%s, %s", circuit.id(), condition).containsKey(node);
                assertThat(ours.at(point.id()))
                        .as("%s at %s, %s, %s", circuit.id(), point.id(), condition, state)
                        .isCloseTo(simulated.get(node), within(AGREEMENT_VOLTS));
            }
        }
    }

    private Map<String, Double> simulated(String netlist) {
        try {
            Path file = Files.writeString(folder.resolve("circuit.cir"), netlist);
            Process ngspice = new ProcessBuilder("ngspice", "-b", file.toString())
                    .redirectErrorStream(true)
                    .start();
            String output = new String(ngspice.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            Map<String, Double> volts = new HashMap<>();
            output.lines().filter(l -> l.matches("\\S+ = \\S+")).forEach(l -> {
                String[] words = l.split(" = ");
                volts.put(words[0], Double.parseDouble(words[1]));
            });
            return volts;
        } catch (IOException e) {
            throw new UncheckedIOException("ngspice could not be run: install it, as './dantro test' does.", e);
        }
    }
}
