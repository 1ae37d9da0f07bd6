package app.dantro.acceptance.bench.everyday;

import app.dantro.acceptance.bench.everyday.FleetVehicle.Moment;
import app.dantro.acceptance.bench.everyday.FleetVehicle.Truth;
import app.dantro.acceptance.bench.vehicles.Population;
import app.dantro.acceptance.bench.vehicles.Vehicle;
import app.dantro.acceptance.bench.vehicles.World;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.Fault;
import app.dantro.core.network.FaultKind;
import app.dantro.core.network.OperatingPoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Vehicles of the older benchmark's worlds, drawn from our own circuits and spreads, as a fleet's: nothing of them is known,
 * and every point can be reached.
 */
final class OlderVehicles {
    private static final long SEED_STRIDE = 1_000_003;
    private static final double CELSIUS = 20;
    private static final int MINUTES = 5;
    private static final List<Condition> POSTS =
            List.of(Condition.IDLE_LOADED, Condition.RAISED, Condition.RAISED_LOADED);

    private final Circuit circuit;
    private final ClampPlaces places;
    private final List<String> points;
    private final String id;

    private OlderVehicles(String id, Circuit circuit) {
        this.id = id;
        this.circuit = circuit;
        this.places = new ClampPlaces(circuit);
        this.points =
                circuit.points().stream().map(p -> p.id().value()).sorted().toList();
    }

    /** So many vehicles of a world, all ready-made circuits in turn. */
    static List<FleetVehicle> of(World world, long seed, int vehicles) {
        List<String> ids = new ArrayList<>(ReadyMadeCircuits.titles().keySet());
        return IntStream.range(0, vehicles)
                .mapToObj(n -> {
                    Circuit circuit =
                            ReadyMadeCircuits.named(ids.get(n % ids.size())).orElseThrow();
                    long number = seed * SEED_STRIDE + n;
                    Vehicle vehicle = new Population(world, number).draw(circuit);
                    String id = "%s-%05d".formatted(world.name().substring(0, 2), n);
                    return new OlderVehicles(id, circuit).of(vehicle, number, OlderSaid.of(vehicle));
                })
                .toList();
    }

    private FleetVehicle of(Vehicle vehicle, long seed, OlderSaid said) {
        boolean runs = vehicle.starts();
        return new FleetVehicle(
                id,
                circuit.id().startsWith("twin") ? "twin12" : "car12",
                (int) circuit.systemVolts(),
                circuit.id(),
                CELSIUS,
                said.words(),
                said.concern(),
                runs,
                Map.of(),
                WorldVehicles.meter(new Random(seed)).withoutPile(),
                truth(vehicle, runs),
                looks(vehicle, runs),
                points,
                places.names(),
                moments(vehicle, runs),
                part -> {
                    Vehicle after = vehicle.copy();
                    after.repair(PartId.of(part));
                    return of(after, seed, said);
                });
    }

    private Truth truth(Vehicle vehicle, boolean runs) {
        Map<String, Double> post = new HashMap<>();
        POSTS.stream().filter(c -> runs).forEach(c -> post.put(c.key(), vehicle.postOff(c)));
        List<FleetVehicle.Fault> faults =
                vehicle.faults().stream().map(this::fault).toList();
        String kind = faults.isEmpty() ? "healthy" : faults.size() > 1 ? "two" : "one";
        return new Truth(kind, vehicle.speed(), post, faults);
    }

    private FleetVehicle.Fault fault(Fault fault) {
        List<String> same = fault instanceof Fault.FlatBattery
                ? circuit.batteries().stream().map(b -> b.id().value()).toList()
                : fault instanceof Fault.Drain
                        ? OlderSaid.loads(circuit)
                        : List.of(fault.part().value());
        return new FleetVehicle.Fault(FaultKind.of(fault).key(), fault.part().value(), same, false);
    }

    private Map<String, String> looks(Vehicle vehicle, boolean runs) {
        return Map.of(
                FleetVehicle.BEYOND,
                String.join(",", new Beyond(circuit, vehicle).parts(runs)),
                "engine_turns",
                OlderSaid.has(vehicle, f -> f instanceof Fault.Drag) ? "HARD" : "FREELY",
                "belt_drives",
                OlderSaid.has(vehicle, f -> f instanceof Fault.BeltSlip) ? "NO" : "YES",
                "cell_stays_low",
                OlderSaid.has(vehicle, f -> f instanceof Fault.DeadCell) ? "YES" : "NO",
                "drain_found",
                OlderSaid.has(vehicle, f -> f instanceof Fault.Drain) ? "YES" : "NO");
    }

    private List<Moment> moments(Vehicle vehicle, boolean runs) {
        Vehicle charged = vehicle.copy();
        charged.charge();
        List<Condition> made = Stream.of(Condition.values())
                .filter(c -> !c.pile() && (runs || !c.running()))
                .filter(c -> vehicle.settles(c) && charged.settles(c))
                .toList();
        List<Moment> all = new ArrayList<>();
        for (Condition condition : made) {
            all.add(moment(condition, vehicle.in(condition), MINUTES * all.size(), false));
            all.add(moment(condition, charged.in(condition), MINUTES * all.size(), true));
        }
        return all;
    }

    private Moment moment(Condition condition, OperatingPoint point, int minute, boolean charged) {
        return new Moment(
                condition.name().toLowerCase(Locale.ROOT),
                minute,
                points.stream().mapToDouble(p -> point.at(PointId.of(p))).toArray(),
                places.amps(point),
                point.rpm(),
                point.rippleVolts(),
                0,
                charged);
    }
}
