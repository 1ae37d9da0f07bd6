package app.dantro.core.procedure;

import app.dantro.core.ending.Ending;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statement;
import java.util.List;
import java.util.Optional;

/** What a case shows that somebody ended without a passed test. */
final class EndedCase {
    private EndedCase() {}

    /** Empty if it was ended as something that its readings do not say. */
    static Optional<Placed> of(Conclusions conclusions, Statement end) {
        return switch (end.topic()) {
            case ENDED ->
                conclusions
                        .next()
                        .ending()
                        .filter(e -> e.as().name().equals(end.value()))
                        .map(EndedCase::ended);
            case LEFT -> Optional.of(left(Answer.valueOf(end.value())));
            default -> Optional.of(unverified(end));
        };
    }

    private static Placed ended(Ending ending) {
        Stage stage = switch (ending.as()) {
            case GOOD -> Stage.GOOD;
            case NOT_REPRODUCED -> Stage.NOT_REPRODUCED;
            case CHARGED -> Stage.CHARGED;
            default -> Stage.HANDED_ON;
        };
        return new Placed(
                stage,
                Step.of(Kind.DONE, ending.heading(), ending.shown(), List.of()).ending(Optional.of(ending)));
    }

    private static Placed left(Answer how) {
        boolean declined = how == Answer.DECLINED;
        Reason why = (declined ? ProcedureReason.DECLINED_WORK : ProcedureReason.HANDED_ON_OPEN).with();
        return new Placed(
                declined ? Stage.DECLINED : Stage.HANDED_ON,
                Step.of(
                        Kind.DONE,
                        (declined ? ProcedureReason.DECLINED : ProcedureReason.HANDED_ON).with(),
                        List.of(why),
                        List.of()));
    }

    private static Placed unverified(Statement closed) {
        return new Placed(
                Stage.CLOSED,
                Step.of(
                        Kind.DONE,
                        ProcedureReason.CLOSED_UNVERIFIED.with(),
                        List.of(ProcedureReason.NOT_PASSED_REASON.with(Quantity.named(closed.value()))),
                        List.of()));
    }
}
