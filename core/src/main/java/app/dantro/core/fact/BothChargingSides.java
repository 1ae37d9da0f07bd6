package app.dantro.core.fact;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.Optional;

/** What both sides of the charging loop lose under all loads, and how much they may. */
record BothChargingSides(CaseRecord record, Alternator alternator) {
    /** Half a volt a block: what healthy ones lose at the most, whatever their machines can give. */
    double mostVolts() {
        return Marks.BOTH_SIDES_VOLTS * circuit().blocks();
    }

    /** Each side read, and added; in V. */
    Optional<Double> read() {
        return drop(alternator.output(), circuit().plusPost()).flatMap(supply -> back().map(back -> supply + back));
    }

    /** The same, or by the difference of the machine's own volts where that is the way asked for; none if the way back alone loses too much. */
    Optional<Double> lost(Reading posts) {
        if (back().filter(b -> b > Marks.RETURN_VOLTS * circuit().blocks()).isPresent()) {
            return Optional.empty();
        }
        return read().or(() -> drop(alternator.output(), alternator.ground())
                .filter(own -> record.statements().says(Topic.SIDES_READ, Answer.COMPARE))
                .map(own -> Math.max(0, own - Math.abs(posts.volts()))));
    }

    private Optional<Double> back() {
        return drop(circuit().minusPost(), alternator.ground());
    }

    private Optional<Double> drop(PointId red, PointId black) {
        return record.newest(red, black, Condition.RAISED_LOADED).map(r -> Math.abs(r.volts()));
    }

    private Circuit circuit() {
        return record.circuit();
    }
}
