package app.dantro.acceptance.bench.everyday;

import app.dantro.core.reading.Reading;
import app.dantro.core.slip.Slip;
import java.util.List;

/** Answers a question about a reading with the truth, as far as one of its choices offers it. */
final class Truthful {
    private Truthful() {}

    /** @param volts what the meter should have shown */
    static Slip.Answer answer(Slip slip, double volts, Reading reading, boolean turns) {
        for (Slip.Choice choice : slip.choices()) {
            boolean nearer = choice.volts()
                    .filter(v -> Math.abs(v - volts) < Math.abs(reading.volts() - volts))
                    .isPresent();
            if (choice.answer() == Slip.Answer.MEANT && nearer) {
                return Slip.Answer.MEANT;
            }
        }
        boolean turned = reading.condition().starterCalled() && turns;
        List<Slip.Answer> offered =
                slip.choices().stream().map(Slip.Choice::answer).toList();
        Slip.Answer wanted = turned
                ? Slip.Answer.CALLED
                : reading.condition().starterCalled() ? Slip.Answer.HELD : Slip.Answer.NOT_CALLED;
        return offered.contains(wanted) ? wanted : Slip.Answer.AS_READ;
    }
}
