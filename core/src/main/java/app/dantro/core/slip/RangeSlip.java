package app.dantro.core.slip;

import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;

/** A value that the stated range cannot show. */
final class RangeSlip {
    private RangeSlip() {}

    static Optional<Slip> asked(Entry entry) {
        return entry.reading().range().filter(range -> !shows(range, entry)).map(range -> {
            Quantity name = Quantity.named(range.words());
            Reason why = tooFine(range, entry)
                    ? SlipReason.TOO_FINE.with(name, Quantity.prefixed(range.resolutionVolts()), entry.shown())
                    : SlipReason.BEYOND_RANGE.with(name, name, entry.shown());
            MeterRange better = MeterRange.finestFor(entry.reading().volts());
            return Slip.asking(
                    Kind.RESOLUTION,
                    List.of(why, SlipReason.WHICH_WAS_IT.with()),
                    Choice.of(Answer.AS_READ, SlipReason.OTHER_RANGE.with()),
                    Choice.of(Answer.REPEAT, SlipReason.BETTER_RANGE.with(Quantity.named(better.words()))));
        });
    }

    private static boolean shows(MeterRange range, Entry entry) {
        return !tooFine(range, entry) && entry.size() <= range.fullScaleVolts();
    }

    private static boolean tooFine(MeterRange range, Entry entry) {
        return entry.reading().typed().resolutionVolts() < range.resolutionVolts() * Marks.ASSUMED_FINER;
    }
}
