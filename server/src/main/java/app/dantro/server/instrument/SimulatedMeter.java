package app.dantro.server.instrument;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.StartingSolver;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Condition;
import app.dantro.core.reading.MeterRange;
import app.dantro.server.job.CaseFile;
import app.dantro.server.job.Simulation;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * A stand-in for meter and clamp on a simulated vehicle: 2000 counts, a gain error that stays, flutter while cranking.
 * The same case with the same number of readings shows the same display.
 */
final class SimulatedMeter {
    private static final double ASSUMED_GAIN_ERROR = 0.002;
    private static final double ASSUMED_FLUTTER = 0.004;

    private final CaseFile file;
    private final Simulation simulation;

    SimulatedMeter(CaseFile file, Simulation simulation) {
        this.file = file;
        this.simulation = simulation;
    }

    SimulatedInstruments.Display measure(PointId red, PointId black, Condition condition) {
        OperatingPoint point = point(condition);
        Random noise = new Random(simulation.seed() * 31 + file.readings().size());
        double flutter = condition.starterCalled() ? ASSUMED_FLUTTER * noise.nextGaussian() : 0;
        double volts = point.between(red, black) * (1 + ASSUMED_GAIN_ERROR + flutter);
        MeterRange range = MeterRange.finestFor(volts);
        BigDecimal shown = BigDecimal.valueOf(volts)
                .setScale((int) Math.round(-Math.log10(range.resolutionVolts())), RoundingMode.HALF_UP);
        Optional<Double> amps =
                point.starterAmps() > 0 ? Optional.of((double) Math.round(point.starterAmps())) : Optional.empty();
        return new SimulatedInstruments.Display(shown.toPlainString(), range, amps, simulation.seed());
    }

    private OperatingPoint point(Condition condition) {
        StartingSolver solver = new StartingSolver(file.loop(), state());
        return switch (condition) {
            case REST -> solver.rest();
            case KEY_ON -> solver.keyOn();
            case ENGINE_OFF_LOAD -> solver.engineOffLoad();
            case CRANKING, START_ATTEMPT -> solver.cranking();
        };
    }

    /** The hidden fault goes away with a repair of its part. */
    private VehicleState state() {
        boolean repaired = file.repairs().stream()
                .anyMatch(r -> r.repair().part().equals(simulation.fault())
                        && !file.isStruck(r.repair().id()));
        Map<PartId, Double> added = repaired ? Map.of() : Map.of(simulation.fault(), simulation.addedOhms());
        return new VehicleState(simulation.stateOfCharge(), file.record().celsius(), added);
    }
}
