package app.dantro.core.network;

import static org.assertj.core.api.Assertions.assertThat;

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
import app.dantro.core.circuit.Starter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Circuits and faults that nobody thought of. */
final class AnyCircuit {
    private AnyCircuit() {}

    /** A random graph with one of each device anywhere; empty if the circuit is refused. */
    static Optional<Circuit> wild(Random random) {
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
        List<Device> devices = devices(n, random);
        try {
            return Optional.of(new Circuit("wild", "Wild", 12, node(n - 1), node(0), points, parts, devices));
        } catch (IllegalArgumentException refused) {
            assertThat(refused).hasMessageMatching("(?s).*\\(.+\\).*");
            return Optional.empty();
        }
    }

    private static List<Device> devices(int n, Random random) {
        PointId[] battery = ends(n, random);
        PointId[] starter = ends(n, random);
        PointId[] alternator = ends(n, random);
        PointId[] sense = random.nextBoolean() ? alternator : ends(n, random);
        PointId[] load = ends(n, random);
        PointId[] pile = ends(n, random);
        return List.of(
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
    }

    static PointId[] ends(int n, Random random) {
        int from = random.nextInt(n);
        return new PointId[] {node(from), node((from + 1 + random.nextInt(n - 1)) % n)};
    }

    static Part part(String id, int from, int to, double ohms) {
        return new Part(PartId.of(id), id, PartKind.JOINT, node(from), node(to), contact(ohms));
    }

    static Resistance contact(double ohms) {
        return new Resistance.Contact(new ResistanceRange(ohms, 0.1));
    }

    static PointId node(int i) {
        return PointId.of("node-" + i);
    }

    static ProbePoint point(PointId id) {
        return new ProbePoint(id, id.value(), id.value(), id.value(), Access.OPEN);
    }

    static List<Fault> faults(Circuit circuit, Random random) {
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
}
