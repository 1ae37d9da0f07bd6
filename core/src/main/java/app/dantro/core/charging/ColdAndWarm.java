package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
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
    /** Copper that gets 60 K warmer has a quarter more resistance; more is a joint that moves. */
    private static final double COPPER_FACTOR = 1.3;

    private static final double COVERAGE = 2;

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
            String what,
            Condition condition,
            String cold,
            String warm,
            String scaled,
            Sign sign,
            String says) {}

    /** Every drop that was read both cold and warm with its current. */
    public static List<Compared> of(CaseRecord evidence) {
        List<Compared> all = new ArrayList<>();
        Set<Set<Object>> done = new HashSet<>();
        List<Reading> counted = evidence.counted();
        for (Reading reading : counted) {
            Set<Object> key = Set.of(reading.red(), reading.black(), reading.condition());
            if (isDrop(evidence.circuit(), reading) && done.add(key)) {
                Optional<Reading> cold = newest(evidence, counted, key, "COLD");
                Optional<Reading> warm = newest(evidence, counted, key, "WARM");
                if (cold.isPresent() && warm.isPresent()) {
                    all.add(compared(evidence.circuit(), cold.get(), warm.get()));
                }
            }
        }
        return all;
    }

    /** Across a source nothing is lost, so nothing is compared. */
    private static boolean isDrop(Circuit circuit, Reading reading) {
        return Math.abs(reading.volts()) < 6
                && !Set.of(reading.red(), reading.black()).equals(Set.of(circuit.plusPost(), circuit.minusPost()));
    }

    private static Optional<Reading> newest(
            CaseRecord evidence, List<Reading> counted, Set<Object> key, String engine) {
        return counted.stream()
                .filter(r -> key.equals(Set.of(r.red(), r.black(), r.condition())))
                .filter(r -> r.amps().filter(a -> a > 0).isPresent())
                .filter(r -> evidence.statements()
                        .at(Topic.ENGINE, r.takenAtMillis())
                        .filter(engine::equals)
                        .isPresent())
                .reduce((first, second) -> second);
    }

    private static Compared compared(Circuit circuit, Reading cold, Reading warm) {
        double coldVolts = Math.abs(cold.volts());
        double warmVolts = Math.abs(warm.volts());
        double coldAmps = cold.amps().orElseThrow();
        double warmAmps = warm.amps().orElseThrow();
        double scaled = coldVolts * warmAmps / coldAmps;
        double error = COVERAGE
                * Math.hypot(MeterError.standardVolts(cold) * warmAmps / coldAmps, MeterError.standardVolts(warm));
        boolean worse = warmVolts - error > scaled * COPPER_FACTOR;
        boolean better = warmVolts + error < scaled / COPPER_FACTOR;
        String says = worse
                ? "More than copper's own rise: a joint opens with the heat. Walk along it while it is warm."
                : better
                        ? "Less than cold: a joint closes with the heat. Walk along it while it is cold."
                        : "The same within copper's own rise (0.4 % per K) and the meter's error.";
        return new Compared(
                cold.red(),
                cold.black(),
                "From %s to %s".formatted(name(circuit, cold.red()), name(circuit, cold.black())),
                cold.condition(),
                "%s at %s".formatted(Amount.volts(coldVolts, cold.resolutionVolts()), Amount.amps(coldAmps)),
                "%s at %s".formatted(Amount.volts(warmVolts, warm.resolutionVolts()), Amount.amps(warmAmps)),
                Amount.volts(scaled, cold.resolutionVolts()),
                worse || better ? Sign.SUSPECT : Sign.GOOD,
                says);
    }

    private static String name(Circuit circuit, PointId point) {
        return circuit.point(point).map(p -> p.name()).orElse(point.value());
    }
}
