package app.dantro.core.history;

import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.DropOhms;
import app.dantro.core.reading.Reading;
import java.util.Optional;

/** The resistance behind a drop, for the record: by the measured current, or by what the class's starter usually draws. */
final class OhmsTold {
    private OhmsTold() {}

    /** Empty where neither current is known. */
    static Optional<DropOhms> by(SeriesLoop loop, Reading reading) {
        return reading.flowingAmps()
                .map(amps -> DropOhms.clamped(reading, amps))
                .or(() -> Optional.of(loop.crankingAmps().nominalAmps())
                        .filter(amps -> amps > 0)
                        .map(amps -> DropOhms.at(reading, amps, StartingLoop.ASSUMED_CURRENT_SPREAD)));
    }
}
