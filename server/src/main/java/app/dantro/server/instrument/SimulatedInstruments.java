package app.dantro.server.instrument;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.MeterRange;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.StoredCase;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The simulated meter and clamp of every simulated vehicle. */
@Service
public class SimulatedInstruments {
    private static final int KEPT = 64;

    /** A crank is read between several points: each is worked out once. */
    private final Cache<Solved, OperatingPoint> solved =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Solved(UUID caseId, int circuitVersion, Condition condition, VehicleState state) {}

    /**
     * What meter and clamp show.
     *
     * @param typed digits of the display in volts
     * @param amps what the ammeter's display shows, in A or mV; absent where nothing of note flows
     * @param seed of the noise; the same case with as many readings shows the same display again
     */
    public record Display(String typed, MeterRange range, Optional<Double> amps, long seed) {}

    /** @throws ProblemException 409 if the case stands for a real vehicle */
    public Display measure(StoredCase file, PointId red, PointId black, Condition condition, Ammeter ammeter) {
        Simulation simulation = file.simulation()
                .orElseThrow(() -> ProblemException.conflict(
                        "This case stands for a real vehicle: there is nothing for the simulated meter to measure."));
        SimulatedMeter meter = new SimulatedMeter(file, simulation);
        OperatingPoint point = solved.get(
                new Solved(file.record().id(), file.onCircuit().version(), condition, meter.state()),
                key -> new NetworkSolver(file.circuit())
                        .solve(condition, key.state())
                        .orThrow());
        return meter.measure(point, red, black, condition, ammeter);
    }
}
