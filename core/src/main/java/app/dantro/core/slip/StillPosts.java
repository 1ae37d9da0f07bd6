package app.dantro.core.slip;

import app.dantro.core.circuit.Condition;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;

/** The engine turned and the posts did not move: something else than this battery turned it. */
final class StillPosts {
    private StillPosts() {}

    static Optional<Slip> asked(Entry entry) {
        boolean cranked = entry.reading().condition() == Condition.CRANKING
                && entry.loop().isPosts(entry.reading().red(), entry.reading().black())
                && !entry.reading().called();
        boolean stood = entry.restVolts().isPresent()
                && entry.size()
                        >= entry.restVolts().getAsDouble()
                                - Marks.POSTS_STOOD_VOLTS * entry.loop().blocks();
        return cranked && stood && entry.vehicle().knownToTurn() ? Optional.of(slip(entry)) : Optional.empty();
    }

    private static Slip slip(Entry entry) {
        return Slip.asking(
                Kind.CONDITION,
                List.of(SlipReason.POSTS_STOOD.with(
                        entry.shown(), Quantity.volts(entry.restVolts().getAsDouble()))),
                Choice.of(Answer.NOT_CALLED, SlipReason.TURNED_BY_ANOTHER.with()),
                Choice.of(Answer.HELD, SlipReason.KEY_HELD.with()),
                Choice.of(Answer.AS_READ, SlipReason.TURNED_SO.with()),
                Entry.repeat());
    }
}
