package app.dantro.acceptance.bench.everyday;

import app.dantro.acceptance.bench.everyday.FleetVehicle.Clamp;
import app.dantro.acceptance.bench.everyday.FleetVehicle.Meter;
import app.dantro.acceptance.bench.everyday.FleetVehicle.Truth;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.FaultKind;
import app.dantro.core.world.Complaint;
import app.dantro.core.world.EverydayVehicle;
import app.dantro.core.world.EverydayWorld;
import app.dantro.core.world.Ill;
import app.dantro.core.world.Moment;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Vehicles of our own everyday world, as a fleet's: with a technician's own instruments, and a vehicle after a repair. */
final class WorldVehicles {
    private static final List<List<double[]>> METERS = List.of(
            List.of(new double[] {20, 2}, new double[] {200, 1}),
            List.of(new double[] {2, 3}, new double[] {20, 2}, new double[] {200, 1}),
            List.of(new double[] {6, 3}, new double[] {60, 2}));
    private static final double CLAMPS = 0.4;
    private static final double PILES = 0.1;

    private WorldVehicles() {}

    /** So many vehicles of the world of a seed. */
    static List<FleetVehicle> of(long seed, int vehicles) {
        EverydayWorld world = new EverydayWorld(seed);
        return IntStream.range(0, vehicles)
                .parallel()
                .mapToObj(n -> of(world.vehicle(n), seed * 1_000_003 + n, Optional.empty()))
                .toList();
    }

    /** Faulty ones of the world of a seed; a share of them, where it can be at fault, with one joint. */
    static List<FleetVehicle> faulty(long seed, int vehicles, Optional<PartId> joint, double share) {
        EverydayWorld world = new EverydayWorld(seed);
        Random dice = new Random(seed);
        return IntStream.iterate(0, n -> n + 1)
                .mapToObj(n -> {
                    boolean its = dice.nextDouble() < share;
                    EverydayVehicle vehicle = joint.filter(j -> its)
                            .flatMap(j -> world.vehicleWith(n, j))
                            .orElseGet(() -> world.vehicle(n));
                    return of(vehicle, seed * 1_000_003 + n, Optional.empty());
                })
                .filter(FleetVehicle::costsItsComplaint)
                .limit(vehicles)
                .toList();
    }

    /** One of them; after a repair it comes with the complaint that it had. */
    private static FleetVehicle of(EverydayVehicle vehicle, long seed, Optional<Complaint> said) {
        Circuit circuit = vehicle.circuit();
        Complaint complaint = said.orElseGet(vehicle::complaint);
        List<String> points =
                vehicle.reachable().stream().map(PointId::value).sorted().toList();
        ClampPlaces places = new ClampPlaces(circuit);
        return new FleetVehicle(
                vehicle.id(),
                vehicle.kind(),
                (int) circuit.systemVolts(),
                circuit.id(),
                vehicle.celsius(),
                complaint.words(),
                complaint.concern() == Loop.STARTING ? "starting" : "charging",
                vehicle.runs(),
                vehicle.known(),
                meter(new Random(seed)),
                truth(vehicle),
                looks(vehicle.ills()),
                points,
                places.names(),
                vehicle.moments().stream().map(m -> moment(m, points, places)).toList(),
                part -> of(vehicle.repaired(PartId.of(part)), seed, Optional.of(complaint)));
    }

    static Meter meter(Random dice) {
        double gain = 1 + 0.004 * dice.nextGaussian();
        List<double[]> ranges = METERS.get(dice.nextInt(METERS.size()));
        boolean clamp = dice.nextDouble() < CLAMPS;
        Clamp own = new Clamp(clamp, 1 + 0.01 * dice.nextGaussian(), 1.2 * dice.nextGaussian(), dice.nextInt(2));
        return new Meter(gain, ranges, dice.nextBoolean(), own, clamp && dice.nextDouble() < PILES / CLAMPS);
    }

    private static Truth truth(EverydayVehicle vehicle) {
        Map<String, Double> post = new HashMap<>();
        if (vehicle.runs()) {
            for (Condition c : List.of(Condition.IDLE_LOADED, Condition.RAISED, Condition.RAISED_LOADED)) {
                post.put(c.key(), vehicle.postOff(c));
            }
        }
        List<FleetVehicle.Fault> faults =
                vehicle.ills().stream().map(i -> fault(vehicle, i)).toList();
        boolean follows = faults.stream().anyMatch(FleetVehicle.Fault::follows);
        String kind = faults.isEmpty() ? "healthy" : faults.size() > 1 && !follows ? "two" : "one";
        return new Truth(kind, vehicle.speed(), post, faults);
    }

    private static FleetVehicle.Fault fault(EverydayVehicle vehicle, Ill ill) {
        PartId part = ill.fault().part();
        List<String> same = ill.fault() instanceof Fault.FlatBattery
                ? vehicle.circuit().batteries().stream()
                        .map(b -> b.id().value())
                        .toList()
                : vehicle.stretch(part).stream().map(PartId::value).toList();
        return new FleetVehicle.Fault(FaultKind.of(ill.fault()).key(), part.value(), same, ill.follows());
    }

    private static Map<String, String> looks(List<Ill> ills) {
        Map<String, String> looks = new HashMap<>();
        looks.put("engine_turns", has(ills, Fault.Drag.class) ? "HARD" : "FREELY");
        looks.put("belt_drives", has(ills, Fault.BeltSlip.class) ? "NO" : "YES");
        looks.put("cell_stays_low", has(ills, Fault.DeadCell.class) ? "YES" : "NO");
        looks.put("drain_found", has(ills, Fault.Drain.class) ? "YES" : "NO");
        return looks;
    }

    private static boolean has(List<Ill> ills, Class<? extends Fault> kind) {
        return ills.stream().anyMatch(i -> kind.isInstance(i.fault()));
    }

    private static FleetVehicle.Moment moment(Moment m, List<String> points, ClampPlaces places) {
        return new FleetVehicle.Moment(
                m.condition().name().toLowerCase(Locale.ROOT),
                m.minute(),
                points.stream().mapToDouble(p -> m.solved().at(PointId.of(p))).toArray(),
                places.amps(m.solved()),
                m.solved().rpm(),
                m.rippleVolts(),
                m.pileAmps(),
                m.charged());
    }
}
