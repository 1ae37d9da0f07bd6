package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Draws vehicles. A bad wiring part has a resistance drawn evenly over its logarithm, from the smallest that exceeds the
 * conductor's own upper bound or costs 0.15 V at the part's usual current (and at least 5 mV more than usual, ten times
 * what a meter can tell) to open; a device has one of its faults of docs/physics.md.
 */
public final class Population {
    private static final double CELSIUS = 20;
    private static final double COSTS_VOLTS = 0.15;
    private static final double TELLS_VOLTS = 0.005;
    private static final double OPEN_OHMS = 10;
    private static final double MOST_OHMS = 30;
    private static final double LEAST_AMPS = 0.005;

    private final World world;
    private final Random random;

    public Population(World world, long seed) {
        this.world = world;
        this.random = new Random(seed);
    }

    public Vehicle draw(Circuit circuit) {
        double[] sigmas = new double[new NetworkSolver(circuit).nuisances()];
        for (int i = 0; i < sigmas.length; i++) {
            sigmas[i] = world.spread() * random.nextGaussian();
        }
        return new Vehicle(circuit, world, sigmas, faults(circuit));
    }

    private List<Fault> faults(Circuit circuit) {
        double kind = random.nextDouble();
        if (kind < world.healthy()) {
            return List.of();
        }
        if (kind < world.healthy() + world.component()) {
            return List.of(component(circuit));
        }
        Fault first = resistance(circuit);
        if (kind >= world.healthy() + world.component() + world.pair()) {
            return List.of(first);
        }
        Fault second = first;
        while (second.part().equals(first.part())) {
            second = random.nextDouble() < 0.65 ? resistance(circuit) : component(circuit);
        }
        return List.of(first, second);
    }

    private Fault resistance(Circuit circuit) {
        while (true) {
            Part part = circuit.parts().get(random.nextInt(circuit.parts().size()));
            double amps = usualAmps(circuit, part);
            if (amps >= LEAST_AMPS) {
                ResistanceRange healthy = part.resistance().healthyAt(CELSIUS);
                double bound = healthy.upperOhms() - healthy.nominalOhms();
                double least = Math.max(Math.min(bound, COSTS_VOLTS / amps), TELLS_VOLTS / amps);
                double ohms = least * Math.pow(MOST_OHMS / least, random.nextDouble());
                return ohms > OPEN_OHMS ? new Fault.Open(part.id()) : new Fault.AddedResistance(part.id(), ohms);
            }
        }
    }

    private static double usualAmps(Circuit circuit, Part part) {
        NetworkSolver solver = new NetworkSolver(circuit);
        double most = 0;
        for (Condition condition : List.of(Condition.CRANKING, Condition.RAISED_LOADED)) {
            most = Math.max(
                    most,
                    Math.abs(solver.solve(condition, VehicleState.healthyAt(CELSIUS))
                            .orThrow()
                            .amps(part.id())));
        }
        return most;
    }

    private Fault component(Circuit circuit) {
        List<Battery> batteries = circuit.batteries();
        PartId battery = batteries.get(random.nextInt(batteries.size())).id();
        PartId starter = circuit.starter().orElseThrow().id();
        PartId alternator = circuit.alternator().orElseThrow().id();
        List<Fault> all = new ArrayList<>(List.of(
                new Fault.WeakBattery(battery, logarithmic(2, 6)),
                new Fault.FlatBattery(battery, even(0.05, 0.45)),
                new Fault.DeadCell(battery),
                new Fault.Drag(starter, logarithmic(1.8, 30)),
                new Fault.WornBrushes(starter, logarithmic(1, 6)),
                new Fault.OpenArmature(starter),
                new Fault.ShortedWinding(starter, even(0.62, 0.80)),
                new Fault.NoOutput(alternator),
                new Fault.LostPhase(alternator, even(0.4, 0.6)),
                new Fault.BeltSlip(alternator, even(0.25, 0.5)),
                new Fault.RegulatorOffset(alternator, even(0.8, 1.6)),
                new Fault.FullField(alternator)));
        circuit.devices().stream()
                .filter(d -> d instanceof Load load && !load.glow())
                .findFirst()
                .ifPresent(load -> all.add(new Fault.Drain(load.id(), even(0.8, 3))));
        return all.get(random.nextInt(all.size()));
    }

    private double even(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private double logarithmic(double low, double high) {
        return low * Math.pow(high / low, random.nextDouble());
    }
}
