package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The same drop cold and warm, scaled to one current: the charge current falls as the battery fills, so volts alone do
 * not compare (docs/job.md, source or path). Which engine it was is what was said last before the reading.
 */
public final class ColdAndWarm {
    private ColdAndWarm() {}

    /**
     * One comparison.
     *
     * @param red of the pair
     * @param cold and {@code warm}: the drop with its current
     * @param scaled the cold drop at the warm run's current
     */
    public record Compared(
            PointId red,
            PointId black,
            Reason what,
            Condition condition,
            Reason cold,
            Reason warm,
            String scaled,
            Sign sign,
            Reason because) {}

    /** Every drop that was read both cold and warm with its current. */
    public static List<Compared> of(CaseRecord evidence) {
        List<Compared> all = new ArrayList<>();
        Set<Set<Object>> done = new HashSet<>();
        Readings counted = evidence.counted();
        for (Reading reading : counted) {
            Set<Object> key = Set.of(reading.red(), reading.black(), reading.condition());
            if (isDrop(evidence.circuit(), reading) && done.add(key)) {
                Optional<Reading> cold = newest(evidence, counted, key, Answer.COLD);
                Optional<Reading> warm = newest(evidence, counted, key, Answer.WARM);
                if (cold.isPresent() && warm.isPresent()) {
                    all.add(compared(evidence.circuit(), cold.get(), warm.get()));
                }
            }
        }
        return all;
    }

    /** Across a source nothing is lost, so nothing is compared. */
    private static boolean isDrop(Circuit circuit, Reading reading) {
        return Math.abs(reading.volts()) < Marks.ASSUMED_MOST_DROP_VOLTS
                && !reading.pair().equals(circuit.posts());
    }

    private static Optional<Reading> newest(CaseRecord evidence, Readings counted, Set<Object> key, Answer engine) {
        return counted.stream()
                .filter(r -> key.equals(Set.of(r.red(), r.black(), r.condition())))
                .filter(r -> r.flowingAmps().isPresent())
                .filter(r -> evidence.statements()
                        .at(Topic.ENGINE, r.takenAtMillis())
                        .filter(engine::equals)
                        .isPresent())
                .reduce(Newest::of);
    }

    private static Compared compared(Circuit circuit, Reading cold, Reading warm) {
        double coldVolts = Math.abs(cold.volts());
        double warmVolts = Math.abs(warm.volts());
        double coldAmps = cold.amps().orElseThrow();
        double warmAmps = warm.amps().orElseThrow();
        double scaled = coldVolts * warmAmps / coldAmps;
        double error = Quantile.COVERAGE
                * Math.hypot(MeterError.standardVolts(cold) * warmAmps / coldAmps, MeterError.standardVolts(warm));
        boolean worse = warmVolts - error > scaled * Marks.ASSUMED_COPPER_FACTOR;
        boolean better = warmVolts + error < scaled / Marks.ASSUMED_COPPER_FACTOR;
        ChargingReason because =
                worse ? ChargingReason.OPENS_WARM : better ? ChargingReason.CLOSES_WARM : ChargingReason.WITHIN_COPPER;
        return new Compared(
                cold.red(),
                cold.black(),
                ChargingReason.FROM_TO.with(name(circuit, cold.red()), name(circuit, cold.black())),
                cold.condition(),
                ChargingReason.AT_CURRENT.with(
                        Quantity.volts(coldVolts, cold.resolutionVolts()), Quantity.amps(coldAmps)),
                ChargingReason.AT_CURRENT.with(
                        Quantity.volts(warmVolts, warm.resolutionVolts()), Quantity.amps(warmAmps)),
                Amount.volts(scaled, cold.resolutionVolts()),
                worse || better ? Sign.SUSPECT : Sign.GOOD,
                because.with());
    }

    private static Quantity name(Circuit circuit, PointId point) {
        return Quantity.named(circuit.point(point).map(p -> p.name()).orElse(point.value()));
    }
}
