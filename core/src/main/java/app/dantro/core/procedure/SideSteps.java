package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.fact.DropAnswer;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.figure.TwoCranks;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.Guide;
import app.dantro.core.planning.PlanReason;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Both sides of the starting loop in one reading each, then the walk along the one that fails. */
final class SideSteps {
    private SideSteps() {}

    static Optional<Placed> wholeReturn(Work work) {
        return whole(work, Side.RETURN);
    }

    static Optional<Placed> wholeSupply(Work work) {
        return whole(work, Side.SUPPLY);
    }

    private static Optional<Placed> whole(Work work, Side side) {
        Optional<DropVerdict> whole =
                work.findings().whole(side).filter(v -> v.answer() != DropAnswer.IMPLAUSIBLE || readTwice(work, v));
        return whole.isPresent() && fullCurrent(work, whole.get())
                ? Optional.empty()
                : Optional.of(
                        new Placed(work.stage(Stage.SIDES), Step.measure(plan(work, side, why(work, side, whole)))));
    }

    private static Reason why(Work work, Side side, Optional<DropVerdict> whole) {
        if (whole.isPresent()) {
            return ProcedureReason.CERTIFIED_AT_LESS.with(
                    Quantity.amps(whole.get().healthy().amps()));
        }
        if (work.repaired()) {
            return ProcedureReason.RETEST_WHOLE.with();
        }
        return (side == Side.RETURN ? ProcedureReason.RETURN_EASIER : ProcedureReason.SUPPLY_AT_ONCE).with();
    }

    /** After a repair more current flows: a path certified before at less is not certified at this one. */
    private static boolean fullCurrent(Work work, DropVerdict whole) {
        if (!work.repaired() || !whole.clears()) {
            return true;
        }
        if (readTwice(work, whole)) {
            return true;
        }
        double today =
                work.findings().posts(Condition.CRANKING).flatMap(Reading::amps).orElse(0.0);
        return whole.healthy().amps() >= Marks.ASSUMED_SAME_CURRENT_SHARE * today;
    }

    private static ProbePlan plan(Work work, Side side, Reason why) {
        SeriesLoop loop = work.findings().loop();
        Map.Entry<PointId, PointId> ends = loop.ends(side);
        HealthyDrop healthy = work.healthy(loop.between(ends.getKey(), ends.getValue()));
        return new ProbePlan(
                ends.getKey(),
                ends.getValue(),
                Condition.CRANKING,
                PlanReason.WHOLE.with(Quantity.named(side.words())),
                List.of(why),
                List.of(
                        Outcome.under(healthy.upperVolts(), ProcedureReason.GOOD_AT_THIS.with()),
                        Outcome.over(healthy.upperVolts(), ProcedureReason.WALK_ALONG.with())),
                healthy.nominalVolts(),
                healthy.upperVolts());
    }

    static Optional<Placed> walk(Work work) {
        return work.planner()
                .next(work.findings())
                .filter(plan -> !work.settled(plan))
                .map(plan -> new Placed(work.stage(Stage.WALK), Step.measure(plan)));
    }

    static Optional<Placed> unansweredReturn(Work work) {
        return unanswered(work, Side.RETURN);
    }

    static Optional<Placed> unansweredSupply(Work work) {
        return unanswered(work, Side.SUPPLY);
    }

    /** A whole side that was read but neither certified nor condemned is read again, with the current. */
    private static Optional<Placed> unanswered(Work work, Side side) {
        return work.findings()
                .whole(side)
                .filter(v -> !v.clears() && !v.condemns())
                .filter(v -> work.ampsAtHand() && !readTwice(work, v))
                .map(v -> {
                    ProcedureReason why =
                            v.marginal() ? ProcedureReason.READ_AGAIN_MARGINAL : ProcedureReason.READ_AGAIN_CURRENT;
                    return new Placed(work.stage(Stage.SIDES), Step.measure(plan(work, side, why.with())));
                });
    }

    /** What was read twice and stays unanswered would be so a third time. */
    private static boolean readTwice(Work work, DropVerdict whole) {
        return work.findings().verdicts().stream()
                        .filter(v -> v.stretch().equals(whole.stretch()))
                        .count()
                > 1;
    }

    /** The reading that tells most by all readings together. */
    static Optional<Placed> advised(Work work) {
        Stage stage = work.findings().failing().isPresent() ? Stage.WALK : Stage.SIDES;
        return work.guide().flatMap(SideSteps::inOrder).map(plan -> new Placed(work.stage(stage), Step.measure(plan)));
    }

    /** The reading that tells most, or the trade's next; where it leaves the usual order, that is said. */
    static Optional<ProbePlan> inOrder(Guide guide) {
        return guide.next().map(plan -> guide.ahead() ? plan.also(ProcedureReason.AHEAD_OF_THE_ORDER.with()) : plan);
    }

    /** The next best readings; beside a whole return side stands the way to read it without a long lead. */
    static List<ProbePlan> standby(Work work, Step step) {
        List<ProbePlan> all = new ArrayList<>(work.guide().map(g -> g.standby()).orElse(List.of()));
        SeriesLoop loop = work.findings().loop();
        Map.Entry<PointId, PointId> ends = loop.ends(Side.RETURN);
        boolean wholeReturn = step.probe()
                .filter(p -> Pair.of(p.red(), p.black()).equals(Pair.of(ends.getKey(), ends.getValue())))
                .isPresent();
        if (wholeReturn) {
            PointId plus = loop.battery().positivePost();
            all.add(FreeProbe.of(work.findings(), plus, TwoCranks.metal(loop), Condition.CRANKING)
                    .titled(ProcedureReason.WITHOUT_LONG_LEAD.with(), ProcedureReason.TWO_CRANKS.with()));
        }
        return all;
    }
}
