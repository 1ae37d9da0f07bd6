package app.dantro.core.schools;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.reading.DropSum;
import app.dantro.core.reading.Reading;
import java.util.List;
import java.util.Optional;

/** The conductor's own limit for parts in a row. */
final class OwnLimit {
    private OwnLimit() {}

    /** The drop that healthy parts may show at the current that flowed, one of them at its worst. */
    static Optional<Ruling> of(Reading reading, List<Part> parts, double celsius, DropSum sum) {
        return reading.flowingAmps().map(amps -> {
            double nominal = 0;
            double square = 0;
            for (Part part : parts) {
                ResistanceRange range = part.resistance().healthyAt(celsius);
                nominal += range.nominalOhms();
                square += Math.pow(range.upperOhms() - range.nominalOhms(), 2);
            }
            return Ruling.most(Ruling.OWN, amps * (nominal + Math.sqrt(square)), sum.volts(), sum.errorVolts());
        });
    }
}
