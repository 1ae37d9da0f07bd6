package app.dantro.core.procedure;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PointId;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.OutOfReach;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Of a pair in parallel one may carry the starter alone: then the other's posts hardly fall. */
final class PairCranking {
    /** What one of a pair that carries its share falls by at least while it cranks, in V. */
    private static final double HARDLY_VOLTS = 0.45;

    /** While it cranks the posts of a pair stand no further apart, in V. */
    private static final double APART_VOLTS = 0.3;

    private PairCranking() {}

    /** The posts hardly fall while it cranks, and it turns: what does the other battery's do? */
    static Optional<Placed> secondCarries(Work work) {
        return work.record()
                .circuit()
                .pair()
                .filter(pair -> work.judgement().isPresent())
                .flatMap(pair -> second(work, pair).or(() -> whileCranking(work, pair)));
    }

    /** After a repair both are read while it cranks: what one gives alone was hidden by what is mended now. */
    static Optional<Placed> afterRepair(Work work) {
        return work.record()
                .circuit()
                .pair()
                .filter(pair ->
                        work.judgement().isPresent() && work.record().lastTest().isEmpty())
                .flatMap(pair -> pair.stream()
                        .filter(battery -> cranked(work, battery).isEmpty())
                        .filter(battery -> reached(work, Pair.of(battery.positivePost(), battery.negativePost())))
                        .findFirst()
                        .map(battery -> cranking(work, battery, ProcedureReason.BOTH_GIVE.with()))
                        .or(() -> whileCranking(work, pair)));
    }

    private static Placed cranking(Work work, Battery battery, Reason why) {
        return new Placed(
                work.stage(Stage.BATTERY),
                Step.measure(FreeProbe.of(
                                work.findings(), battery.positivePost(), battery.negativePost(), Condition.CRANKING)
                        .titled(ProcedureReason.CRANKING_OF.with(Quantity.named(battery.name())), why)));
    }

    private static Optional<Placed> second(Work work, List<Battery> pair) {
        return held(work)
                .filter(r -> cranked(work, pair.get(1)).isEmpty())
                .filter(r -> reached(
                        work, Pair.of(pair.get(1).positivePost(), pair.get(1).negativePost())))
                .map(r -> cranking(
                        work,
                        pair.get(1),
                        ProcedureReason.SECOND_CARRIES.with(Quantity.volts(Math.abs(r.volts()), r.resolutionVolts()))));
    }

    /** One falls and the other does not: what is lost between them, on the + side and on the other. */
    private static Optional<Placed> whileCranking(Work work, List<Battery> pair) {
        boolean apart = cranked(work, pair.get(0))
                .flatMap(one -> cranked(work, pair.get(1))
                        .map(other -> Math.abs(Math.abs(one.volts()) - Math.abs(other.volts()))))
                .filter(v -> v >= APART_VOLTS)
                .isPresent();
        return apart
                ? Stream.of(
                                Pair.of(pair.get(0).positivePost(), pair.get(1).positivePost()),
                                Pair.of(pair.get(0).negativePost(), pair.get(1).negativePost()))
                        .filter(p -> reached(work, p))
                        .filter(p -> work.record()
                                .newest(p.one(), p.other(), Condition.CRANKING)
                                .isEmpty())
                        .findFirst()
                        .map(p -> new Placed(
                                work.stage(Stage.BATTERY),
                                Step.measure(FreeProbe.of(work.findings(), p.one(), p.other(), Condition.CRANKING))))
                : Optional.empty();
    }

    private static boolean reached(Work work, Pair pair) {
        Set<PointId> beyond = OutOfReach.of(work.record());
        return !beyond.contains(pair.one()) && !beyond.contains(pair.other());
    }

    private static Optional<Reading> cranked(Work work, Battery battery) {
        return work.record().newest(battery.positivePost(), battery.negativePost(), Condition.CRANKING);
    }

    /** The posts while cranking, where they stand nearly at their base. */
    private static Optional<Reading> held(Work work) {
        return work.record()
                .posts(Condition.REST)
                .flatMap(base -> work.record()
                        .posts(Condition.CRANKING)
                        .filter(crank -> Math.abs(base.volts()) - Math.abs(crank.volts()) < HARDLY_VOLTS));
    }
}
