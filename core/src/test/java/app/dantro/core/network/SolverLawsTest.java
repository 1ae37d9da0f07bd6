package app.dantro.core.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.Pile;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws that hold in every solution, over random circuits and faults. */
class SolverLawsTest {
    private static final double BALANCE = 1e-9;
    /** Open contacts leak a fixed conductance, in V and A. */
    private static final double LEAKAGE = 1e-4;

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

    /** A random graph with one of each device anywhere; empty if the circuit is refused. */
    private static Optional<Circuit> wild(Random random) {
        int n = 5 + random.nextInt(20);
        List<ProbePoint> points = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            points.add(point(node(i)));
            if (i > 0) {
                parts.add(part("tree-" + i, random.nextInt(i), i, Math.pow(10, -6 + 7 * random.nextDouble())));
            }
        }
        for (int i = 0; i < n / 2; i++) {
            PointId[] ends = ends(n, random);
            parts.add(new Part(
                    PartId.of("link-" + i),
                    "link",
                    PartKind.JOINT,
                    ends[0],
                    ends[1],
                    contact(random.nextDouble() + 1e-4)));
        }
        PointId[] battery = ends(n, random);
        PointId[] starter = ends(n, random);
        PointId[] alternator = ends(n, random);
        PointId[] sense = random.nextBoolean() ? alternator : ends(n, random);
        PointId[] load = ends(n, random);
        PointId[] pile = ends(n, random);
        List<Device> devices = List.of(
                new Battery(
                        PartId.of("battery"),
                        "battery",
                        battery[0],
                        battery[1],
                        new ResistanceRange(0.01, 0.1),
                        60,
                        Optional.of(new Battery.Source(2 + 12 * random.nextDouble(), 0.01, 0.2))),
                new Starter(
                        PartId.of("starter"),
                        "starter",
                        starter[0],
                        starter[1],
                        new Starter.Motor(0.42, 0.014, 35 * random.nextDouble(), 1.55)),
                new Alternator(
                        PartId.of("alternator"),
                        "alternator",
                        alternator[0],
                        alternator[1],
                        new Alternator.Sense(sense[0], sense[1]),
                        new Alternator.Regulation(14.3, -0.01, 600),
                        new Alternator.Rating(110, Map.of(Condition.RAISED_LOADED, 0.95), 24, 0.02, 17)),
                new Load(PartId.of("load"), "load", load[0], load[1], Load.constant(0.2), false),
                new Pile(PartId.of("pile"), "pile", pile[0], pile[1], Map.of(Condition.PILE_STARTER, 100.0), 5e-3));
        try {
            return Optional.of(new Circuit("wild", "Wild", 12, node(n - 1), node(0), points, parts, devices));
        } catch (IllegalArgumentException refused) {
            assertThat(refused).hasMessageMatching("(?s).*\\(.+\\).*");
            return Optional.empty();
        }
    }

    private static PointId[] ends(int n, Random random) {
        int from = random.nextInt(n);
        return new PointId[] {node(from), node((from + 1 + random.nextInt(n - 1)) % n)};
    }

    private static Part part(String id, int from, int to, double ohms) {
        return new Part(PartId.of(id), id, PartKind.JOINT, node(from), node(to), contact(ohms));
    }

    private static Resistance contact(double ohms) {
        return new Resistance.Contact(new ResistanceRange(ohms, 0.1));
    }

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

    private static PointId node(int i) {
        return PointId.of("node-" + i);
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

    private static ProbePoint point(PointId id) {
        return new ProbePoint(id, id.value(), id.value(), id.value(), Access.OPEN);
    }

    private static List<Fault> faults(Circuit circuit, Random random) {
        List<Fault> faults = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            Part part = circuit.parts().get(random.nextInt(circuit.parts().size()));
            PartId battery = circuit.batteries()
                    .get(random.nextInt(circuit.batteries().size()))
                    .id();
            PartId starter = circuit.starter().orElseThrow().id();
            PartId alternator = circuit.alternator().orElseThrow().id();
            faults.add(
                    switch (random.nextInt(12)) {
                        case 0 -> new Fault.Open(part.id());
                        case 1 -> new Fault.WeakBattery(battery, 1 + 30 * random.nextDouble());
                        case 2 -> new Fault.FlatBattery(battery, random.nextDouble());
                        case 3 -> new Fault.DeadCell(battery);
                        case 4 -> new Fault.Drag(starter, 1 + 30 * random.nextDouble());
                        case 5 -> new Fault.FullField(alternator);
                        case 6 -> new Fault.RegulatorOffset(alternator, 1.6);
                        case 7 -> new Fault.LostPhase(alternator, 0.4);
                        case 8 -> new Fault.OpenArmature(starter);
                        default -> new Fault.AddedResistance(part.id(), Math.pow(10, -4 + 8 * random.nextDouble()));
                    });
        }
        return faults;
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
