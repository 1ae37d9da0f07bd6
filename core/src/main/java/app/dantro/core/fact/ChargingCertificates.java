package app.dantro.core.fact;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.limits.Margin;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Drop;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What drops over the charging loop certify: a stretch that loses no more than a healthy one at the measured current
 * clears its parts, each at the current it carried (docs/job.md, answers). Loads branch off on the way, so each part has
 * its own share of the alternator's current, that of a healthy vehicle in the same condition.
 */
public final class ChargingCertificates {
    private final CaseRecord evidence;
    private final Circuit circuit;
    private final Map<Condition, Optional<OperatingPoint>> healthy = new EnumMap<>(Condition.class);
    private final Map<PartId, Certificate> best = new HashMap<>();

    public ChargingCertificates(CaseRecord evidence) {
        this.evidence = evidence;
        this.circuit = evidence.circuit();
        Readings counted = evidence.counted();
        for (List<Part> side : List.of(circuit.chargingSupply(), circuit.chargingReturn())) {
            counted.forEach(reading -> certify(side, reading));
        }
    }

    /**
     * One part's certificate.
     *
     * @param amps what the part itself carried
     * @param volts lost over the stretch that was read
     * @param upperVolts the most a healthy stretch loses at that current
     */
    public record Certificate(double amps, double volts, double upperVolts, double resolutionVolts, UUID reading) {
        public Reason because() {
            return with(FactReason.CERTIFIED_BY_DROP);
        }

        /** The same for a part that the starter's current crosses too, which is far larger. */
        public Reason becauseWhileCharging() {
            return with(FactReason.CERTIFIED_WHILE_CHARGING);
        }

        private Reason with(FactReason kind) {
            return kind.with(Quantity.amps(amps), Quantity.volts(volts, resolutionVolts), Quantity.volts(upperVolts));
        }
    }

    /** The certificate at the largest current, if a reading gives one. */
    public Optional<Certificate> of(PartId part) {
        return Optional.ofNullable(best.get(part));
    }

    private void certify(List<Part> side, Reading reading) {
        List<Part> stretch = between(side, reading.red(), reading.black());
        boolean loaded = reading.condition().alternatorsCurrent();
        Optional<Double> measured = reading.flowingAmps();
        if (!stretch.isEmpty() && loaded && measured.isPresent()) {
            healthy(reading.condition())
                    .flatMap(point -> scale(point, measured.get())
                            .map(scale -> new LoadedStretch(stretch, point, scale, evidence.celsius())))
                    .ifPresent(s -> certify(s, reading));
        }
    }

    private void certify(LoadedStretch stretch, Reading reading) {
        boolean forward = reading.red().equals(stretch.parts().get(0).from());
        double expected = stretch.volts();
        double signed = Math.signum(expected) * (forward ? reading.volts() : -reading.volts());
        double volts = evidence.writesSigns() ? signed : Math.abs(signed);
        double upper = Math.abs(expected) + stretch.marginVolts();
        double error = Quantile.COVERAGE * MeterError.standardVolts(reading);
        boolean plausible = volts > Drop.LEAST_OF_COPPER * stretch.leastVolts() - error;
        if (!plausible || volts > upper || Margin.near(volts, upper, error)) {
            return;
        }
        for (Part part : stretch.parts()) {
            double amps = stretch.amps(part);
            if (amps >= Marks.LOADED_SHARE * usualAmps(part)) {
                Certificate certificate = new Certificate(amps, volts, upper, reading.resolutionVolts(), reading.id());
                best.merge(part.id(), certificate, (one, other) -> one.amps > other.amps ? one : other);
            }
        }
    }

    /** The parts of a side between two of its points, in the order of flow; none if either lies elsewhere. */
    private static List<Part> between(List<Part> side, PointId one, PointId other) {
        int first = Math.min(place(side, one), place(side, other));
        int last = Math.max(place(side, one), place(side, other));
        return first < 0 ? List.of() : side.subList(first, last);
    }

    private static int place(List<Part> side, PointId point) {
        for (int i = 0; i < side.size(); i++) {
            if (side.get(i).from().equals(point)) {
                return i;
            }
        }
        boolean end = !side.isEmpty() && side.get(side.size() - 1).to().equals(point);
        return end ? side.size() : -1;
    }

    private Optional<OperatingPoint> healthy(Condition condition) {
        return healthy.computeIfAbsent(
                condition,
                c -> new NetworkSolver(circuit).solve(c, VehicleState.healthyAt(evidence.celsius()))
                                instanceof OperatingPoint point
                        ? Optional.of(point)
                        : Optional.empty());
    }

    private Optional<Double> scale(OperatingPoint healthy, double measuredAmps) {
        return circuit.chargeCable()
                .map(Part::id)
                .or(() -> circuit.alternator().map(Alternator::id))
                .map(way -> Math.abs(healthy.amps(way)))
                .filter(amps -> amps > 0)
                .map(amps -> measuredAmps / amps);
    }

    private double usualAmps(Part part) {
        return healthy(Condition.RAISED_LOADED)
                .map(point -> Math.abs(point.amps(part.id())))
                .orElse(Double.POSITIVE_INFINITY);
    }
}
