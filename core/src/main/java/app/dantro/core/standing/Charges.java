package app.dantro.core.standing;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.BatteryRules;
import app.dantro.core.starting.SinceCharged;
import java.util.Optional;
import java.util.OptionalLong;

/** When the batteries of a case were charged: what a flat one did before then says nothing of a charged one. */
final class Charges {
    private Charges() {}

    /** When every battery had been charged on its own; what was read before then may have been a flat one's doing. */
    static Optional<Long> apartAtMillis(CaseRecord evidence) {
        return evidence.statements()
                .about(Topic.CHARGED_APART)
                .filter(s -> evidence.statements().says(Topic.CHARGED_APART, Answer.YES))
                .map(Statement::saidAtMillis);
    }

    /** When a base voltage showed that a flat battery had been charged. */
    static OptionalLong risenAtMillis(CaseRecord evidence) {
        Readings bases = evidence.observed()
                .in(Condition.REST)
                .where(r -> r.pair().equals(evidence.circuit().posts()));
        return SinceCharged.risenAtMillis(
                bases,
                BatteryRules.chargedVolts(evidence.statements())
                        * evidence.circuit().blocks());
    }
}
