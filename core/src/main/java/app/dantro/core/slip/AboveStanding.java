package app.dantro.core.slip;

import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.MeterError;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;

/** With the engine off no pair of points shows more than the batteries hold, wherever it lies. */
final class AboveStanding {
    private AboveStanding() {}

    static Optional<Slip> asked(Entry entry) {
        boolean own =
                entry.loop().isPosts(entry.reading().red(), entry.reading().black());
        if (entry.reading().condition().running() || own) {
            return Optional.empty();
        }
        double block = entry.vehicle().runningFromVolts() * entry.loop().blocks();
        double source = entry.restVolts().orElse(block);
        double slack =
                Math.max(Marks.ASSUMED_SLACK_VOLTS, Marks.NOISE_SIGMAS * MeterError.standardVolts(entry.reading()));
        return entry.size() <= Math.max(source, block) + slack
                ? Optional.empty()
                : Optional.of(slip(entry, source, tenth(entry, source)));
    }

    private static Optional<Choice> tenth(Entry entry, double source) {
        return entry.size() * Marks.TENTH <= source ? Optional.of(entry.moved(Marks.TENTH)) : Optional.empty();
    }

    /** What is asked about more than the source has, with what was most likely meant. */
    static Slip slip(Entry entry, double source, Optional<Choice> meant) {
        return Slip.asking(
                Kind.ABOVE_SOURCE,
                List.of(SlipReason.ABOVE_BATTERY.with(entry.shown(), Quantity.volts(source)), SlipReason.WHAT.with()),
                meant,
                entry.asRead(),
                Entry.repeat());
    }
}
