package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.Margin;
import app.dantro.core.limits.PileAmps;
import app.dantro.core.limits.School;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.DropSum;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A carbon pile across one end of a loop: supply, off, rest, return, off, and both together; seconds each (docs/job.md,
 * limits by school). The sign of a drop is ignored: the pile's current goes the other way than a charge.
 *
 * @param where the pile is
 * @param setAmps what it is set to, in A
 * @param estimated true while that is the class's and not the plate's
 * @param because what comes next, or what both drops together say
 */
public record PileTest(Condition where, double setAmps, boolean estimated, List<Way> ways, Sign sign, Reason because) {
    public PileTest {
        ways = List.copyOf(ways);
    }

    /** One side up to the pile, with its newest reading. */
    public record Way(Side side, PointId red, PointId black, Optional<Reading> read) {}

    /** At the alternator, if there is one, and at the starter. */
    public static List<PileTest> of(CaseRecord record) {
        Circuit circuit = record.circuit();
        List<PileTest> all = new ArrayList<>();
        circuit.alternator().ifPresent(a -> all.add(at(record, a)));
        SeriesLoop loop = record.loop();
        List<Part> supply = loop.supply().stream()
                .filter(p -> p.kind() != PartKind.CONTACTS)
                .toList();
        Condition where = Condition.PILE_STARTER;
        all.add(judged(
                record,
                where,
                PileAmps.most(circuit),
                false,
                List.of(
                        way(
                                record,
                                where,
                                Side.SUPPLY,
                                circuit.plusPost(),
                                supply.get(supply.size() - 1).to()),
                        way(record, where, Side.RETURN, loop.ends(Side.RETURN).getKey(), circuit.minusPost()))));
        return all;
    }

    private static PileTest at(CaseRecord record, Alternator alternator) {
        Condition where = Condition.PILE_ALTERNATOR;
        OptionalDouble plate = record.statements().figure(Topic.RATED_AMPS);
        return judged(
                record,
                where,
                plate.orElse(alternator.rating().maxAmps()),
                plate.isEmpty(),
                List.of(
                        way(
                                record,
                                where,
                                Side.SUPPLY,
                                alternator.output(),
                                record.circuit().plusPost()),
                        way(record, where, Side.RETURN, record.circuit().minusPost(), alternator.ground())));
    }

    private static Way way(CaseRecord record, Condition where, Side side, PointId red, PointId black) {
        return new Way(side, red, black, record.newest(red, black, where));
    }

    private static PileTest judged(CaseRecord record, Condition where, double set, boolean estimated, List<Way> ways) {
        Optional<Way> due = ways.stream().filter(w -> w.read().isEmpty()).findFirst();
        Quantity amps = Quantity.amps(set);
        if (due.isPresent()) {
            boolean first = due.get().side() == Side.SUPPLY;
            ChargingReason next = first ? ChargingReason.PILE_SUPPLY_FIRST : ChargingReason.PILE_RETURN_NEXT;
            return new PileTest(where, set, estimated, ways, Sign.SAYS_LITTLE, next.with(amps));
        }
        Reading there = ways.get(0).read().orElseThrow();
        Reading back = ways.get(1).read().orElseThrow();
        DropSum sum = DropSum.of(there, back);
        double most = School.TOTAL_VOLTS * record.circuit().blocks();
        boolean near = Margin.near(sum.volts(), most, sum.errorVolts());
        boolean holds = sum.volts() <= most;
        boolean supplyFirst = Math.abs(there.volts()) > Math.abs(back.volts());
        Sign sign = near ? Sign.SAYS_LITTLE : holds ? Sign.GOOD : Sign.SUSPECT;
        ChargingReason says = near
                ? ChargingReason.PILE_SUM_NEAR
                : holds
                        ? ChargingReason.PILE_SUM_HOLDS
                        : supplyFirst ? ChargingReason.PILE_SUPPLY_TAKES : ChargingReason.PILE_RETURN_TAKES;
        return new PileTest(
                where,
                set,
                estimated,
                ways,
                sign,
                says.with(
                        Quantity.volts(Math.abs(there.volts()), sum.resolutionVolts()),
                        Quantity.volts(Math.abs(back.volts()), sum.resolutionVolts()),
                        Quantity.volts(sum.volts(), sum.resolutionVolts()),
                        Quantity.volts(most)));
    }
}
