package app.dantro.core.inference;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Every single fault of a circuit on its grid of severities, the healthy vehicle first. */
final class Hypotheses {
    private static final double[] WEAK = {2.6, 3.5, 5, 7, 10};
    private static final double[] FLAT = {0.45, 0.35, 0.25, 0.15, 0.05};
    private static final double[] DRAG = {2.2, 3, 4.5, 8, 30};
    private static final double[] BRUSHES = {1.2, 2, 4, 7};
    private static final double[] SHORTED = {0.71, 0.62, 0.5, 0.4};
    private static final double[] OUTPUT = {0.5, 0.38, 0.25, 0.12};
    private static final double[] OFFSET = {-2.4, -1.6, 1.4, 2.0};
    private static final double[] DRAIN = {0.8, 1.6, 3};

    private final Circuit circuit;
    private final double celsius;
    private final List<Hypothesis> all = new ArrayList<>();

    private Hypotheses(Circuit circuit, double celsius) {
        this.circuit = circuit;
        this.celsius = celsius;
    }

    static List<Hypothesis> of(Circuit circuit, double celsius) {
        Hypotheses made = new Hypotheses(circuit, celsius);
        made.all.add(new Hypothesis(List.of(), Optional.empty(), Math.log(Priors.ASSUMED_HEALTHY)));
        made.wiring(Priors.ASSUMED_SINGLE * Priors.ASSUMED_WIRING);
        made.components(Priors.ASSUMED_SINGLE * (1 - Priors.ASSUMED_WIRING));
        return List.copyOf(made.all);
    }

    private void wiring(double probability) {
        double sum = circuit.parts().stream().mapToDouble(Priors::weight).sum();
        for (Part part : circuit.parts()) {
            List<Fault> grid = new ArrayList<>();
            List<Optional<Fault>> stronger = new ArrayList<>();
            for (double ohms = leastOhms(part); ohms < mostOhms(part); ohms *= Marks.STEP) {
                grid.add(new Fault.AddedResistance(part.id(), ohms));
                stronger.add(Optional.of(new Fault.AddedResistance(part.id(), ohms * Math.exp(Marks.STEP_SIGMA))));
            }
            grid.add(new Fault.Open(part.id()));
            stronger.add(Optional.empty());
            add(grid, stronger, probability * Priors.weight(part) / sum);
        }
    }

    /** Beyond this a part is as good as open: a thin wire with little current takes more than a cable. */
    private double mostOhms(Part part) {
        double nominal = part.resistance().healthyAt(celsius).nominalOhms();
        return Math.min(Marks.MOST_WIRE_OHMS, Math.max(Marks.MOST_OHMS, Marks.OPEN_FACTOR * nominal));
    }

    /** The smallest excess worth a name: from just inside what a healthy part of this kind may show. */
    private double leastOhms(Part part) {
        ResistanceRange healthy = part.resistance().healthyAt(celsius);
        return Math.max(Marks.LEAST_OHMS, (healthy.upperOhms() - healthy.nominalOhms()) * Math.sqrt(Marks.STEP));
    }

    private void components(double probability) {
        double batteries = circuit.batteries().isEmpty() ? 0 : Priors.ASSUMED_BATTERY;
        double starters = circuit.starter().isEmpty() ? 0 : Priors.ASSUMED_STARTER;
        double alternators = circuit.alternator().isEmpty() ? 0 : Priors.ASSUMED_ALTERNATOR;
        double sum = batteries + starters + alternators + Priors.ASSUMED_DRAIN;
        circuit.batteries()
                .forEach(b -> battery(
                        b, probability * batteries / sum / circuit.batteries().size()));
        circuit.starter().ifPresent(s -> starter(s.id(), probability * starters / sum));
        circuit.alternator().ifPresent(a -> alternator(a.id(), probability * alternators / sum));
        circuit.devices().stream()
                .flatMap(d -> d instanceof Load load && !load.glow() ? Stream.of(load) : Stream.empty())
                .max(Comparator.comparingDouble(l -> l.siemensIn(Condition.RAISED_LOADED)))
                .map(Device::id)
                .ifPresent(load -> drain(load, probability * Priors.ASSUMED_DRAIN / sum));
    }

    /** A source whose values are stated has no charge that could be low. */
    private void battery(Battery battery, double probability) {
        PartId id = battery.id();
        grid(WEAK, Marks.RELATIVE_SIGMA, s -> new Fault.WeakBattery(id, s), 0.40 * probability);
        if (battery.stated().isEmpty()) {
            grid(FLAT, Marks.RELATIVE_SIGMA, s -> new Fault.FlatBattery(id, s), 0.40 * probability);
        }
        add(List.of(new Fault.DeadCell(id)), List.of(Optional.empty()), 0.20 * probability);
    }

    private void starter(PartId id, double probability) {
        grid(DRAG, Marks.RELATIVE_SIGMA, s -> new Fault.Drag(id, s), 0.40 * probability);
        grid(BRUSHES, Marks.RELATIVE_SIGMA, s -> new Fault.WornBrushes(id, s), 0.25 * probability);
        grid(SHORTED, 0.04, s -> new Fault.ShortedWinding(id, Math.min(1, s)), 0.20 * probability);
        add(List.of(new Fault.OpenArmature(id)), List.of(Optional.empty()), 0.15 * probability);
    }

    private void alternator(PartId id, double probability) {
        add(List.of(new Fault.NoOutput(id)), List.of(Optional.empty()), 0.35 * probability);
        grid(OUTPUT, 0.06, s -> new Fault.LowOutput(id, Math.min(1, s)), 0.35 * probability);
        grid(
                OFFSET,
                Marks.RELATIVE_SIGMA,
                s -> new Fault.RegulatorOffset(id, s * circuit.blocks()),
                0.20 * probability);
        add(List.of(new Fault.FullField(id)), List.of(Optional.empty()), 0.10 * probability);
    }

    private void drain(PartId id, double probability) {
        grid(DRAIN, 0.2, s -> new Fault.Drain(id, s), probability);
    }

    private interface Severe {
        Fault of(double severity);
    }

    private void grid(double[] severities, double sigma, Severe fault, double probability) {
        List<Fault> grid = new ArrayList<>();
        List<Optional<Fault>> stronger = new ArrayList<>();
        for (double severity : severities) {
            grid.add(fault.of(severity));
            stronger.add(Optional.of(fault.of(severity * Math.exp(sigma))));
        }
        add(grid, stronger, probability);
    }

    private void add(List<Fault> grid, List<Optional<Fault>> stronger, double probability) {
        for (int i = 0; i < grid.size(); i++) {
            all.add(new Hypothesis(List.of(grid.get(i)), stronger.get(i), Math.log(probability / grid.size())));
        }
    }
}
