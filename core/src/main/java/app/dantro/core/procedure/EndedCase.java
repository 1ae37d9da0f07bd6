package app.dantro.core.procedure;

import app.dantro.core.ending.Ending;
import app.dantro.core.finding.Findings;
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
                        .flatMap(e -> e.as().filter(as -> as.name().equals(end.value()))
                                .map(as -> ended(e, as)));
            case LEFT -> Optional.of(left(conclusions.findings(), Answer.valueOf(end.value())));
            default -> Optional.of(unverified(conclusions.findings(), end));
        };
    }

    private static Placed ended(Ending ending, Answer as) {
        Stage stage = switch (as) {
            case GOOD -> Stage.GOOD;
            case NOT_REPRODUCED -> Stage.NOT_REPRODUCED;
            case CHARGED -> Stage.CHARGED;
            default -> Stage.HANDED_ON;
        };
        return over(stage, ending);
    }

    private static Placed left(Findings findings, Answer how) {
        boolean declined = how == Answer.DECLINED;
        Reason heading = (declined ? ProcedureReason.DECLINED : ProcedureReason.HANDED_ON).with();
        Reason why = (declined ? ProcedureReason.DECLINED_WORK : ProcedureReason.HANDED_ON_OPEN).with();
        return over(
                declined ? Stage.DECLINED : Stage.HANDED_ON, Ending.left(heading, List.of(why), findings, declined));
    }

    private static Placed unverified(Findings findings, Statement closed) {
        Reason why = ProcedureReason.NOT_PASSED_REASON.with(Quantity.named(closed.value()));
        return over(Stage.CLOSED, Ending.unverified(ProcedureReason.CLOSED_UNVERIFIED.with(), List.of(why), findings));
    }

    private static Placed over(Stage stage, Ending ending) {
        return new Placed(
                stage,
                Step.of(Kind.DONE, ending.heading(), ending.shown(), List.of()).ending(Optional.of(ending)));
    }
}
