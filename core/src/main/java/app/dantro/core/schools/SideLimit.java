package app.dantro.core.schools;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import java.util.List;
import java.util.Optional;

/** The conductor's own limit for parts in a row, and sums of two readings. */
final class SideLimit {
    private SideLimit() {}

    /** The drop that healthy parts may show at the current that flowed, one of them at its worst. */
    static Optional<Ruling> own(Reading reading, List<Part> parts, double celsius, Sum sum) {
        return reading.flowingAmps().map(amps -> {
            double nominal = 0;
            double square = 0;
            for (Part part : parts) {
                ResistanceRange range = part.resistance().healthyAt(celsius);
                nominal += range.nominalOhms();
                square += Math.pow(range.upperOhms() - range.nominalOhms(), 2);
            }
            return Ruling.most(Ruling.OWN, amps * (nominal + Math.sqrt(square)), sum.volts, sum.errorVolts);
        });
    }

    /** Sizes of one or two drops together, with the error of their meter, in V. */
    record Sum(double volts, double errorVolts, double resolutionVolts) {
        static Sum of(Reading one) {
            return new Sum(
                    Math.abs(one.volts()), Quantile.COVERAGE * MeterError.standardVolts(one), one.resolutionVolts());
        }

        static Sum of(Reading one, Reading other) {
            return new Sum(
                    Math.abs(one.volts()) + Math.abs(other.volts()),
                    Quantile.COVERAGE * Math.hypot(MeterError.standardVolts(one), MeterError.standardVolts(other)),
                    Math.max(one.resolutionVolts(), other.resolutionVolts()));
        }
    }
}
