package app.dantro.core.standing;

import app.dantro.core.inference.Entered;
import app.dantro.core.inference.Strategy;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** What a case's record says of the vehicle beside readings. */
final class EnteredOfCase {
    private EnteredOfCase() {}

    /** What was entered of the vehicle itself. */
    static Entered of(CaseRecord evidence) {
        Statements said = evidence.statements();
        OptionalDouble cylinders = said.figure(Topic.CYLINDERS);
        return new Entered(
                said.figure(Topic.RATED_AMPS),
                said.answer(Topic.STRATEGY).map(a -> Strategy.valueOf(a.name())),
                said.figure(Topic.SET_POINT),
                share(said.figure(Topic.IDLE_SHARE)),
                said.figure(Topic.BATTERY_AMP_HOURS),
                cylinders.isPresent() ? OptionalInt.of((int) cylinders.getAsDouble()) : OptionalInt.empty(),
                said.says(Topic.CHEMISTRY, Answer.LITHIUM),
                slow(evidence),
                pulls(said));
    }

    /** How it was heard to turn, unless a repair changed that or a hand on the engine told why. */
    private static Optional<Boolean> slow(CaseRecord evidence) {
        return evidence.repaired()
                .turned()
                .filter(s -> !evidence.statements().says(Topic.ENGINE_TURNS, Answer.HARD))
                .filter(s -> !s.value().equals(Answer.NOT_AT_ALL.name()))
                .map(s -> s.value().equals(Answer.SLOWLY.name()));
    }

    private static OptionalDouble share(OptionalDouble percent) {
        return percent.isPresent() ? OptionalDouble.of(percent.getAsDouble() / 100) : percent;
    }

    /** A click is the solenoid; nothing at all is none. */
    private static Optional<Boolean> pulls(Statements said) {
        return said.answer(Topic.SYMPTOM)
                .filter(a -> a == Answer.CLICK || a == Answer.NOTHING)
                .map(a -> a == Answer.CLICK);
    }
}
