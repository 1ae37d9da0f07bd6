package app.dantro.server.instrument;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredRepair;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/**
 * A stand-in for meter and clamp on a simulated vehicle: 2000 counts, a gain error that stays, flutter while cranking.
 * The same case with the same number of readings shows the same display.
 */
final class SimulatedMeter {
    private static final double ASSUMED_GAIN_ERROR = 0.002;
    private static final double ASSUMED_FLUTTER = 0.004;
    private static final double ASSUMED_RUNNING_FLUTTER = 0.0015;

    private final StoredCase file;
    private final Simulation simulation;

    SimulatedMeter(StoredCase file, Simulation simulation) {
        this.file = file;
        this.simulation = simulation;
    }

    SimulatedInstruments.Display measure(
            OperatingPoint point, PointId red, PointId black, Condition condition, Ammeter ammeter) {
        Random noise = new Random(simulation.seed() * 31 + file.readings().size());
        double flutter = condition.starterCalled()
                ? ASSUMED_FLUTTER * noise.nextGaussian()
                : condition.running() ? ASSUMED_RUNNING_FLUTTER * noise.nextGaussian() : 0;
        double volts = point.between(red, black) * (1 + ASSUMED_GAIN_ERROR + flutter);
        MeterRange range = MeterRange.finestFor(volts);
        BigDecimal shown = BigDecimal.valueOf(volts)
                .setScale((int) Math.round(-Math.log10(range.resolutionVolts())), RoundingMode.HALF_UP);
        return new SimulatedInstruments.Display(
                shown.toPlainString(), range, shown(point, condition, ammeter), simulation.seed());
    }

    /** The ammeter's display: in one cable, or where a clamp usually hangs. */
    private Optional<Double> shown(OperatingPoint point, Condition condition, Ammeter ammeter) {
        Optional<Part> cable = ammeter.in().flatMap(file.circuit()::part);
        if (cable.isEmpty()) {
            return clamp(point, condition)
                    .map(amps -> ammeter.shown(file.circuit(), file.record().celsius(), amps));
        }
        Part part = cable.get();
        if (ammeter.how() == Current.How.CABLE_AS_SHUNT) {
            return Optional.of(
                    Math.round(10_000 * Math.abs(point.between(part.from(), part.to())) * (1 + ASSUMED_GAIN_ERROR))
                            / 10.0);
        }
        double amps = Math.round(Math.abs(point.amps(part.id())));
        return Optional.of(ammeter.shown(file.circuit(), file.record().celsius(), amps));
    }

    /**
     * The clamp hangs around everything on the battery's − clamp; with the engine running, or a pile at the alternator,
     * on the charge cable. It shows whole amperes.
     */
    private Optional<Double> clamp(OperatingPoint point, Condition condition) {
        double amps = condition.alternatorsCurrent()
                ? file.circuit().chargingSupply().stream()
                        .filter(p -> p.kind() == PartKind.CABLE)
                        .findFirst()
                        .map(p -> point.amps(p.id()))
                        .orElse(0.0)
                : batteryAmps(point);
        return Optional.of((double) Math.round(Math.abs(amps))).filter(a -> a > 0);
    }

    private double batteryAmps(OperatingPoint point) {
        List<Battery> batteries = file.circuit().batteries();
        double sum = batteries.stream().mapToDouble(b -> point.amps(b.id())).sum();
        return sum / file.circuit().blocks();
    }

    /** A hidden fault goes away with a repair of its part. */
    VehicleState state() {
        VehicleState state = simulation.state(file.record().celsius());
        for (StoredRepair repair : file.repairs()) {
            if (!file.isStruck(repair.repair().id())) {
                state = state.repaired(repair.repair().part());
            }
        }
        return state;
    }
}
