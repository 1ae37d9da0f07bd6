package app.dantro.core.reading;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Slip.Answer;
import app.dantro.core.reading.Slip.Choice;
import app.dantro.core.reading.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Slips that show at entry of a charging test: a running engine's voltage under "engine off", next to nothing across a
 * live source, more current than the alternator can make. Each is asked about once: a second reading that shows the same
 * is taken as it is.
 */
public final class ChargingSlips {
    /** No rested or lightly loaded 12 V block shows more, surface charge included. */
    private static final double RUNNING_FROM_VOLTS = 13.2;

    /** Below this a drop is asked for its current, at 12 V and 24 V alike (docs/job.md, limits by school). */
    private static final double UNLOADED_VOLTS = 0.03;

    private static final double NEXT_TO_NOTHING_VOLTS = 1;
    private static final double BEYOND_RATING = 1.15;
    private static final double SAME = 0.1;
    /** Meanwhile the battery has filled and takes less. */
    private static final long STALE_MILLIS = 10 * 60_000L;

    private static final Set<Condition> LOADED =
            Set.of(Condition.IDLE_LOADED, Condition.RAISED_LOADED, Condition.FULL_OUTPUT);
    private static final Set<Condition> ENGINE_OFF =
            Set.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);

    private final Circuit circuit;
    private final Alternator alternator;
    private final List<Reading> counted;

    private ChargingSlips(Circuit circuit, Alternator alternator, List<Reading> counted) {
        this.circuit = circuit;
        this.alternator = alternator;
        this.counted = counted;
    }

    /** The first doubt about a reading; none in a circuit without an alternator. */
    public static Optional<Slip> check(Circuit circuit, List<Reading> counted, Reading reading) {
        return circuit.alternator().flatMap(a -> new ChargingSlips(circuit, a, counted).doubt(reading));
    }

    private Optional<Slip> doubt(Reading reading) {
        return confirmed(reading)
                ? Optional.empty()
                : engineOff(reading)
                        .or(() -> noSource(reading))
                        .or(() -> current(reading))
                        .or(() -> unloaded(reading))
                        .or(() -> stale(reading));
    }

    /** Next to nothing over a whole side is no fault and no proof: either little flows, or a lead has no contact. */
    private Optional<Slip> unloaded(Reading reading) {
        boolean nothing = Math.abs(reading.volts()) < UNLOADED_VOLTS;
        if (!nothing
                || !LOADED.contains(reading.condition())
                || !wholeSide(reading)
                || reading.amps().isPresent()) {
            return Optional.empty();
        }
        return Optional.of(new Slip(
                Kind.NO_CURRENT,
                "%s over a whole side, without its current. Under 0.03 V either next to nothing flows or a lead has no contact: what does the clamp show?"
                        .formatted(shown(reading)),
                List.of(
                        Choice.of(Answer.REPEAT, "Loads checked: I read it again with the clamp"),
                        Choice.of(Answer.AS_READ, "Loads are on, leads on bright metal: keep it"))));
    }

    private boolean wholeSide(Reading reading) {
        Set<PointId> pair = pair(reading);
        return pair.equals(Set.of(alternator.output(), circuit.plusPost()))
                || pair.equals(Set.of(circuit.minusPost(), alternator.ground()));
    }

    /** Drops of one loop are held against each other: read at different times, they were read at different currents. */
    private Optional<Slip> stale(Reading reading) {
        if (!LOADED.contains(reading.condition()) || reading.amps().isPresent()) {
            return Optional.empty();
        }
        return counted.stream()
                .filter(r -> r.condition() == reading.condition())
                .reduce((first, second) -> second)
                .map(last -> reading.takenAtMillis() - last.takenAtMillis())
                .filter(millis -> millis > STALE_MILLIS)
                .map(millis -> new Slip(
                        Kind.STALE,
                        "Read %d min after the last one with the loads on, and without a current. The battery takes less by now: they may not belong together."
                                .formatted(millis / 60_000),
                        List.of(
                                Choice.of(Answer.REPEAT, "Read them again together, or with the clamp"),
                                Choice.of(Answer.AS_READ, "Same loads, same speed: they belong together"))));
    }

    private boolean confirmed(Reading reading) {
        return counted.stream()
                .filter(r -> r.condition() == reading.condition() && pair(r).equals(pair(reading)))
                .anyMatch(r -> Math.abs(Math.abs(r.volts()) - Math.abs(reading.volts()))
                        <= Math.max(SAME * Math.abs(r.volts()), SAME));
    }

    private Optional<Slip> engineOff(Reading reading) {
        boolean running = Math.abs(reading.volts()) > RUNNING_FROM_VOLTS * circuit.blocks();
        if (!ENGINE_OFF.contains(reading.condition()) || !acrossSource(reading) || !running) {
            return Optional.empty();
        }
        return Optional.of(new Slip(
                Kind.CONDITION,
                "%s is a running engine's voltage, not %s. Did the engine run, or is a charger on?"
                        .formatted(shown(reading), reading.condition().words()),
                List.of(
                        Choice.of(Answer.REPEAT, "It ran, or a charger is on: read again with all off"),
                        Choice.of(Answer.AS_READ, "Engine and charger were off"))));
    }

    private Optional<Slip> noSource(Reading reading) {
        boolean nothing = Math.abs(reading.volts()) < NEXT_TO_NOTHING_VOLTS;
        // Across the posts the starter's check asks, unless the engine runs.
        boolean asked = acrossPosts(reading) && !reading.condition().running();
        if (!nothing || asked || !acrossSource(reading) || reading.condition().pile()) {
            return Optional.empty();
        }
        String seen = "%s across %s and %s, which is live unless its wire is open."
                .formatted(shown(reading), name(reading.red()), name(reading.black()));
        return Optional.of(new Slip(
                Kind.NO_SOURCE,
                seen + " Did a probe slip, is the case without its ground, or was the meter on AC?",
                List.of(
                        Choice.of(Answer.REPEAT, "Maybe: measure again on DC, on bright metal"),
                        Choice.of(Answer.AS_READ, "It showed " + shown(reading)))));
    }

    private Optional<Slip> current(Reading reading) {
        double most = alternator.rating().maxAmps();
        return reading.amps()
                .filter(amps -> reading.condition().running() && amps > BEYOND_RATING * most)
                .map(amps -> new Slip(
                        Kind.CURRENT,
                        "%s is more than the alternator's %s. Was the clamp zeroed, around one cable, and its output factor right?"
                                .formatted(Amount.amps(amps), Amount.amps(most)),
                        List.of(
                                Choice.of(Answer.REPEAT, "Not sure: measure again"),
                                Choice.of(Answer.AS_READ, "It showed %s".formatted(Amount.amps(amps))))));
    }

    private boolean acrossPosts(Reading reading) {
        return pair(reading).equals(Set.of(circuit.plusPost(), circuit.minusPost()));
    }

    private boolean acrossSource(Reading reading) {
        Set<PointId> pair = pair(reading);
        return acrossPosts(reading)
                || pair.equals(Set.of(alternator.output(), alternator.ground()))
                || pair.equals(Set.of(alternator.output(), circuit.minusPost()));
    }

    private static Set<PointId> pair(Reading reading) {
        return Set.of(reading.red(), reading.black());
    }

    private String name(PointId point) {
        return circuit.point(point).map(p -> p.name()).orElse(point.value());
    }

    private static String shown(Reading reading) {
        return Amount.volts(reading.volts(), reading.resolutionVolts());
    }
}
