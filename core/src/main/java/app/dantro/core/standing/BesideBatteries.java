package app.dantro.core.standing;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.PartId;
import app.dantro.core.fact.PairAtRest;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/** Two batteries in parallel of which one feeds the other with everything off: parted, they tell which. */
final class BesideBatteries {
    private final CaseRecord record;

    BesideBatteries(CaseRecord record) {
        this.record = record;
    }

    Optional<PartFinding> fed(PartFinding part) {
        Optional<Reading> fed = PairAtRest.fed(record);
        Optional<Integer> place = record.circuit().pair().flatMap(pair -> place(pair, part.part()));
        if (fed.isEmpty() || place.isEmpty()) {
            return Optional.empty();
        }
        Reason flows = StandingReason.FED_AT_REST.with(
                Quantity.volts(Math.abs(fed.get().volts()), fed.get().typed().resolutionVolts()));
        Optional<Answer> lower = lower();
        if (lower.isEmpty()) {
            return Optional.of(part.as(Standing.SUSPECT, flows).missing(StandingReason.EACH_APART.with()));
        }
        if (lower.get() == Answer.ALIKE) {
            return Optional.of(part.as(Standing.NOT_PROVEN, StandingReason.ALIKE_APART.with()));
        }
        boolean itself = lower.get() == (place.get() == 0 ? Answer.FIRST : Answer.SECOND);
        return itself
                ? Optional.of(part.as(Standing.FAULTY, flows, StandingReason.LOWER_APART.with())
                        .missing(List.of()))
                : Optional.empty();
    }

    private static Optional<Integer> place(List<Battery> pair, PartId id) {
        int at = pair.stream().map(Battery::id).toList().indexOf(id);
        return at < 0 ? Optional.empty() : Optional.of(at);
    }

    private Optional<Answer> lower() {
        return record.statements()
                .about(Topic.LOWER_APART)
                .filter(s -> s.saidAtMillis() > PairAtRest.putRightAtMillis(record))
                .map(Statement::value)
                .map(Answer::valueOf);
    }
}
