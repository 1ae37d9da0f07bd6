package app.dantro.core.slip;

import app.dantro.core.circuit.Condition;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Reading;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;

/** Digits that no display has: a meter shows as many behind the point as it did for a reading of that size before. */
final class DisplaySlip {
    private DisplaySlip() {}

    /** A drop without a digit behind the point, where the meter showed some before: millivolts, most likely. */
    static Optional<Slip> wholeVolts(Entry entry) {
        double digit = entry.reading().typed().resolutionVolts();
        return entry.reading().volts() != 0 && wholeVolts(entry, digit)
                ? Optional.of(Slip.asking(
                        Kind.DECIMAL,
                        List.of(SlipReason.WHOLE_VOLTS.with(entry.shown()), SlipReason.WHAT.with()),
                        entry.moved(1e-3),
                        entry.asRead(),
                        Entry.repeat()))
                : Optional.empty();
    }

    static Optional<Slip> asked(Entry entry) {
        Reading reading = entry.reading();
        double digit = reading.typed().resolutionVolts();
        if (reading.volts() == 0 || milli(reading) || reading.range().isPresent() || betweenAPair(entry)) {
            return Optional.empty();
        }
        if (digit < Marks.FINEST_DIGIT_VOLTS * Marks.ASSUMED_FINER) {
            return Optional.of(slip(entry, back(entry, digit)));
        }
        if (entry.size() >= Marks.FINEST_RANGE_VOLTS) {
            return Optional.empty();
        }
        boolean shownFiner = entry.all().stream().anyMatch(r -> fine(r, digit));
        boolean shownCoarser = entry.all().stream().anyMatch(r -> !milli(r) && inFinestRange(r) && !fine(r, digit));
        return shownCoarser && !shownFiner ? Optional.of(slip(entry, 10)) : Optional.empty();
    }

    private static boolean wholeVolts(Entry entry, double digit) {
        Reading reading = entry.reading();
        boolean wiring =
                !entry.vehicle().circuit().way(reading.red(), reading.black()).isEmpty();
        return digit >= 1 && wiring && entry.all().stream().anyMatch(r -> fine(r, digit));
    }

    /** The move that leads to a digit which was shown before, one place first; else to one that a meter has. */
    private static double back(Entry entry, double digit) {
        double least = entry.all().stream()
                .filter(r -> !milli(r))
                .mapToDouble(r -> r.typed().resolutionVolts())
                .min()
                .orElse(0.01);
        return digit * 10 >= least * Marks.ASSUMED_FINER ? 10 : 1000;
    }

    /** Between the + posts of a pair, everything off, the millivolt range is what was asked for. */
    private static boolean betweenAPair(Entry entry) {
        Reading reading = entry.reading();
        return reading.condition() == Condition.REST
                && entry.vehicle()
                        .circuit()
                        .pair()
                        .filter(pair -> reading.isAcross(
                                pair.get(0).positivePost(), pair.get(1).positivePost()))
                        .isPresent();
    }

    private static boolean milli(Reading reading) {
        return reading.typed().text().toLowerCase(java.util.Locale.ROOT).contains("m");
    }

    private static boolean fine(Reading other, double digit) {
        return other.typed().resolutionVolts() <= digit / Marks.ASSUMED_FINER;
    }

    /** Small enough for the finest range: a display that has a finer digit would have shown it there. */
    private static boolean inFinestRange(Reading other) {
        return Math.abs(other.volts()) < Marks.FINEST_RANGE_VOLTS;
    }

    private static Slip slip(Entry entry, double back) {
        Choice meant = entry.moved(back);
        return Slip.asking(
                Kind.DECIMAL,
                List.of(
                        SlipReason.FINER_THAN_SHOWN.with(
                                entry.shown(),
                                Quantity.volts(
                                        entry.reading().typed().resolutionVolts(),
                                        entry.reading().typed().resolutionVolts())),
                        SlipReason.WHAT.with()),
                meant,
                entry.asRead(),
                Entry.repeat());
    }
}
