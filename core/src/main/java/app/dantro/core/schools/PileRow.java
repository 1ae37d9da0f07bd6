package app.dantro.core.schools;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.School;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.DropSum;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Supply and return up to the pile, and both together: by the school that judges heavy vehicles this way. */
final class PileRow {
    private final CaseRecord record;
    private final SeriesLoop loop;

    PileRow(Findings findings) {
        this.record = findings.evidence();
        this.loop = findings.loop();
    }

    List<Row> rows() {
        List<Part> supply = loop.supply().stream()
                .filter(p -> p.kind() != PartKind.CONTACTS)
                .toList();
        PointId stud = supply.get(supply.size() - 1).to();
        PointId ground = loop.ends(Side.RETURN).getKey();
        Optional<Reading> to = record.newest(record.circuit().plusPost(), stud, Condition.PILE_STARTER);
        Optional<Reading> back = record.newest(ground, record.circuit().minusPost(), Condition.PILE_STARTER);
        return to.isEmpty() || back.isEmpty() ? List.of() : List.of(row(supply, to.get(), back.get()));
    }

    private Row row(List<Part> supply, Reading to, Reading back) {
        DropSum sum = DropSum.of(to, back);
        double limit = School.TOTAL_VOLTS * record.circuit().blocks();
        Ruling total = Ruling.most("Total with pile", limit, sum.volts(), sum.errorVolts());
        List<Part> all = Stream.concat(supply.stream(), loop.returns().stream()).toList();
        Optional<Ruling> own = OwnLimit.of(to, all, record.celsius(), sum);
        List<Reason> parting = own.filter(o -> !o.is(total.verdict())).isPresent()
                ? List.of(SchoolReason.THEY_PART.with(), SchoolReason.MEANT_FOR_HEAVY.with())
                : List.of();
        return new Row(
                SchoolReason.PILE_BOTH.with(),
                Condition.PILE_STARTER,
                List.of(to.id(), back.id()),
                Amount.volts(sum.volts(), sum.resolutionVolts())
                        + to.amps().map(a -> " at " + Amount.amps(a)).orElse(""),
                own,
                List.of(total),
                parting,
                Optional.empty());
    }
}
