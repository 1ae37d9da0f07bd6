package app.dantro.core.slip;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Slips that show at entry of a charging test: a running engine's voltage under "engine off", next to nothing across a
 * live source, more current than the alternator can make. Each is asked about once: a second reading that shows the same
 * is taken as it is.
 */
final class ChargingSlips {
    private static final Set<Condition> LOADED =
            EnumSet.of(Condition.IDLE_LOADED, Condition.RAISED_LOADED, Condition.FULL_OUTPUT);
    private static final Set<Condition> ENGINE_OFF =
            EnumSet.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);

    private final Circuit circuit;
    private final Alternator alternator;
    private final Readings counted;
    private final Reading reading;

    private final SlipRules.Vehicle vehicle;
    private final RunningSlips running;

    private ChargingSlips(SlipRules.Vehicle vehicle, Alternator alternator, Readings counted, Reading reading) {
        this.vehicle = vehicle;
        this.running = new RunningSlips(vehicle.circuit(), alternator, counted, reading);
        this.circuit = vehicle.circuit();
        this.alternator = alternator;
        this.counted = counted;
        this.reading = reading;
    }

    /** The first doubt about a reading; none in a circuit without an alternator. */
    static Optional<Slip> check(SlipRules.Vehicle vehicle, Readings counted, Reading reading) {
        return vehicle.circuit().alternator().flatMap(a -> new ChargingSlips(vehicle, a, counted, reading).doubt());
    }

    private Optional<Slip> doubt() {
        return confirmed()
                ? Optional.empty()
                : engineOff()
                        .or(() -> running.source().far())
                        .or(this::noSource)
                        .or(running::stood)
                        .or(running::decimal)
                        .or(running::underPile)
                        .or(running::muchOfASide)
                        .or(this::beyondRating)
                        .or(this::unloaded);
    }

    private boolean confirmed() {
        return counted.in(reading.condition()).across(reading.red(), reading.black()).stream()
                .anyMatch(r -> Math.abs(Math.abs(r.volts()) - Math.abs(reading.volts()))
                        <= Math.max(Marks.ASSUMED_SAME * Math.abs(r.volts()), Marks.ASSUMED_SAME));
    }

    private Optional<Slip> engineOff() {
        boolean charged = Math.abs(reading.volts()) > vehicle.runningFromVolts() * circuit.blocks();
        if (!ENGINE_OFF.contains(reading.condition()) || !running.source().acrossSource() || !charged) {
            return Optional.empty();
        }
        return Optional.of(Slip.asking(
                Kind.CONDITION,
                List.of(SlipReason.RUNNING_VOLTAGE.with(
                        shown(), Quantity.named(reading.condition().words()))),
                Choice.of(Answer.REPEAT, SlipReason.IT_RAN.with()),
                Choice.of(Answer.AS_READ, SlipReason.ENGINE_WAS_OFF.with())));
    }

    private Optional<Slip> noSource() {
        boolean nothing = Math.abs(reading.volts()) < Marks.NEXT_TO_NOTHING_VOLTS;
        // Across the posts the starter's check asks, unless the engine runs.
        boolean asked = running.source().acrossPosts() && !reading.condition().running();
        if (!nothing
                || asked
                || !running.source().acrossSource()
                || reading.condition().pile()) {
            return Optional.empty();
        }
        return Optional.of(Slip.asking(
                Kind.NO_SOURCE,
                List.of(SlipReason.NOTHING_ACROSS_LIVE.with(shown(), name(reading.red()), name(reading.black()))),
                Choice.of(Answer.REPEAT, SlipReason.ON_BRIGHT_METAL.with()),
                Choice.of(Answer.AS_READ, SlipReason.SHOWED.with(shown()))));
    }

    private Optional<Slip> beyondRating() {
        double most = vehicle.plateAmps()
                .orElse(Marks.ASSUMED_LARGEST_OF_CLASS * alternator.rating().maxAmps());
        return reading.amps()
                .filter(amps -> reading.condition().running() && amps > Marks.ASSUMED_BEYOND_RATING * most)
                .map(amps -> Slip.asking(
                        Kind.CURRENT,
                        List.of(SlipReason.BEYOND_RATING.with(Quantity.amps(amps), Quantity.amps(most))),
                        Entry.repeat(),
                        Choice.of(Answer.AS_READ, SlipReason.SHOWED.with(Quantity.amps(amps)))));
    }

    /** Next to nothing over a whole side is no fault and no proof: either little flows, or a lead has no contact. */
    private Optional<Slip> unloaded() {
        boolean nothing =
                Math.abs(reading.volts()) < Marks.UNLOADED_VOLTS && reading.resolutionVolts() <= Marks.UNLOADED_VOLTS;
        if (!nothing || !loadedWithoutCurrent() || !wholeSide()) {
            return Optional.empty();
        }
        return Optional.of(Slip.asking(
                Kind.NO_CURRENT,
                List.of(SlipReason.UNLOADED_SIDE.with(shown())),
                Choice.of(Answer.REPEAT, SlipReason.WITH_THE_CLAMP.with()),
                Choice.of(Answer.AS_READ, SlipReason.LOADS_ARE_ON.with())));
    }

    private boolean loadedWithoutCurrent() {
        return LOADED.contains(reading.condition()) && reading.amps().isEmpty();
    }

    private boolean wholeSide() {
        return reading.isAcross(alternator.output(), circuit.plusPost())
                || reading.isAcross(circuit.minusPost(), alternator.ground());
    }

    private Quantity name(PointId point) {
        return Quantity.named(circuit.point(point).map(p -> p.name()).orElse(point.value()));
    }

    private Quantity shown() {
        return Quantity.volts(reading.volts(), reading.resolutionVolts());
    }
}
