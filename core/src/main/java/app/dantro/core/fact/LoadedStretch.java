package app.dantro.core.fact;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.network.OperatingPoint;
import java.util.List;

/** Parts in the order of flow, with a healthy vehicle's currents scaled to the one that was measured. */
record LoadedStretch(List<Part> parts, OperatingPoint healthy, double scale, double celsius) {
    double volts(Part part) {
        return scale * healthy.between(part.from(), part.to());
    }

    double volts() {
        return parts.stream().mapToDouble(this::volts).sum();
    }

    /** Least that a healthy stretch loses, each part at its lower bound. */
    double leastVolts() {
        return parts.stream()
                .mapToDouble(part ->
                        amps(part) * part.resistance().healthyAt(celsius).lowerOhms())
                .sum();
    }

    double amps(Part part) {
        return Math.abs(scale * healthy.amps(part.id()));
    }

    /** Root of the summed squares of the parts' own margins: not all are at their worst together. */
    double marginVolts() {
        return Math.sqrt(parts.stream()
                .mapToDouble(part -> {
                    ResistanceRange range = part.resistance().healthyAt(celsius);
                    double margin = amps(part) * (range.upperOhms() - range.nominalOhms());
                    return margin * margin;
                })
                .sum());
    }
}
