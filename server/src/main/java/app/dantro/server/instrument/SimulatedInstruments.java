package app.dantro.server.instrument;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.MeterRange;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.Simulation;
import app.dantro.server.store.StoredCase;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The simulated meter and clamp of every simulated vehicle. */
@Service
public class SimulatedInstruments {

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
        return new SimulatedMeter(file, simulation).measure(red, black, condition, ammeter);
    }
}
