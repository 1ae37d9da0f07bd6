package app.dantro.core.slip;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.LoadProof;
import app.dantro.core.reading.Reading;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A small drop without a current: without current nothing is lost. */
final class CurrentSlip {
    /** What is drawn then flows through the cables; such a drop certifies nothing, and speaks of an open way. */
    private static final Set<Condition> LOADS_ON =
            EnumSet.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);

    private CurrentSlip() {}

    static Optional<Slip> asked(Entry entry) {
        Reading reading = entry.reading();
        boolean small =
                entry.stretch().isDrop() && entry.size() <= entry.healthy().upperVolts();
        if (!small || reading.called() || LOADS_ON.contains(reading.condition()) || flowed(entry)) {
            return Optional.empty();
        }
        List<Choice> choices = reading.condition().starterCalled()
                ? List.of(
                        Choice.of(Answer.CALLED, SlipReason.STARTER_TURNED.with()),
                        Choice.of(Answer.HELD, SlipReason.KEY_HELD.with()),
                        Choice.of(Answer.NOT_CALLED, SlipReason.KEY_NOT_HELD.with()),
                        Entry.repeat())
                : List.of(Choice.of(Answer.NOT_CALLED, SlipReason.NOTHING_TURNED.with()), Entry.repeat());
        return Optional.of(
                Slip.asking(Kind.NO_CURRENT, List.of(SlipReason.NO_CURRENT_KNOWN.with(entry.shown())), choices));
    }

    private static boolean flowed(Entry entry) {
        Reading reading = entry.reading();
        boolean byPosts = reading.condition() == Condition.CRANKING
                && reading.amps().isEmpty()
                && LoadProof.in(entry.loop(), entry.counted());
        boolean said = reading.condition().starterCalled() && entry.vehicle().starterKnown();
        return reading.flowingAmps().isPresent() || byPosts || said;
    }
}
