package app.dantro.core.slip;

import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;

/** A drop against the flow. */
final class SignSlip {
    private SignSlip() {}

    static Optional<Slip> asked(Entry entry) {
        Reading reading = entry.reading();
        Stretch stretch = entry.stretch();
        double withFlow = stretch.withFlow() ? reading.volts() : -reading.volts();
        double noise = Marks.NOISE_SIGMAS * Math.max(reading.resolutionVolts(), MeterError.standardVolts(reading));
        boolean typed = reading.typed().volts() < 0;
        boolean asked = entry.counted().stream().anyMatch(r -> r.typed().volts() < 0);
        if (withFlow >= -noise || !typed || asked) {
            return Optional.empty();
        }
        PointId from = stretch.withFlow() ? reading.red() : reading.black();
        PointId to = stretch.withFlow() ? reading.black() : reading.red();
        return Optional.of(Slip.asking(
                Kind.SIGN,
                List.of(SlipReason.AGAINST_THE_FLOW.with(entry.shown(), name(entry, from), name(entry, to))),
                entry.turned(),
                Choice.of(Answer.AS_READ, SlipReason.AS_SHOWN.with(entry.shown())),
                Entry.repeat()));
    }

    private static Quantity name(Entry entry, PointId point) {
        return Quantity.named(entry.loop().point(point).orElseThrow().name());
    }
}
