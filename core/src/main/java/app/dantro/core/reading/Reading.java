package app.dantro.core.reading;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Amount;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * One voltage between two points, with all that gives it a meaning.
 *
 * @param range the meter's range, if it was said; an auto-ranging meter has none
 * @param called whether the technician said that the starter turned while reading without a current
 * @param takenAtMillis when it was read, in epoch milliseconds
 */
public record Reading(
        UUID id,
        PointId red,
        PointId black,
        Condition condition,
        TypedVolts typed,
        Statistic statistic,
        Current current,
        Optional<MeterRange> range,
        boolean called,
        long takenAtMillis) {
    public Reading {
        Objects.requireNonNull(id, "id");
        if (Objects.requireNonNull(red, "red").equals(Objects.requireNonNull(black, "black"))) {
            throw new IllegalArgumentException(
                    "Both leads are on (%s). Put them on two different points.".formatted(red));
        }
        Objects.requireNonNull(condition, "condition");
        Objects.requireNonNull(typed, "typed");
        Objects.requireNonNull(statistic, "statistic");
        Objects.requireNonNull(current, "current");
        Objects.requireNonNull(range, "range");
    }

    public double volts() {
        return typed.volts();
    }

    /** What one step of the display is worth, in volts: the coarser of the range's digit and the typed one. */
    public double resolutionVolts() {
        return range.map(r -> Math.max(r.resolutionVolts(), typed.resolutionVolts()))
                .orElse(typed.resolutionVolts());
    }

    public Optional<Double> amps() {
        return current.measuredAmps();
    }

    /** The measured current, if it flowed the way the loop's does. */
    public Optional<Double> flowingAmps() {
        return amps().filter(a -> a > 0);
    }

    /** Where the leads were, whichever way round. */
    public Pair pair() {
        return Pair.of(red, black);
    }

    /** True between these two points, whichever way the leads were. */
    public boolean isAcross(PointId one, PointId other) {
        return pair().equals(Pair.of(one, other));
    }

    /** Its size as the meter showed it. */
    public String shown() {
        return Amount.volts(Math.abs(volts()), resolutionVolts());
    }

    /** Its size with its current, as it is shown. */
    public String sized() {
        return shown() + amps().map(a -> " at " + Amount.amps(a)).orElse("");
    }

    /** The same reading with the volts that were meant; what was typed stays. */
    public Reading meaning(double volts) {
        double step = typed.resolutionVolts() * Math.min(1, Math.abs(volts / typed.volts()));
        TypedVolts meant = new TypedVolts(typed.text(), volts, step);
        return new Reading(id, red, black, condition, meant, statistic, current, range, called, takenAtMillis);
    }

    /** The same reading with another current. */
    public Reading with(Current other) {
        return new Reading(id, red, black, condition, typed, statistic, other, range, called, takenAtMillis);
    }

    /** The same reading, with the word that the starter was turning. */
    public Reading whileCalled() {
        return new Reading(id, red, black, condition, typed, statistic, current, range, true, takenAtMillis);
    }
}
