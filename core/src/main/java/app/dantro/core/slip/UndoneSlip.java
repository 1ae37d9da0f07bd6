package app.dantro.core.slip;

import app.dantro.core.circuit.Condition;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;

/** Readings that what is on record as lifted, pulled or connected makes impossible (docs/job.md, two-ended items). */
final class UndoneSlip {
    private UndoneSlip() {}

    static Optional<Slip> asked(Entry entry) {
        Condition condition = entry.reading().condition();
        SlipRules.Undone undone = entry.vehicle().undone();
        boolean turns = condition.running() || condition.starterCalled();
        SlipReason why = undone.lifted() && turns
                ? SlipReason.STILL_LIFTED
                : undone.underPile() && condition.starterCalled()
                        ? SlipReason.STILL_UNDER_PILE
                        : undone.disabled() && condition.running() ? SlipReason.STILL_DISABLED : null;
        if (why == null) {
            return Optional.empty();
        }
        return Optional.of(Slip.asking(
                Kind.UNDONE,
                List.of(why.with()),
                Choice.of(Answer.AS_READ, SlipReason.BACK_ON.with(entry.shown())),
                Choice.of(Answer.REPEAT, SlipReason.NOT_SO_READ.with())));
    }
}
