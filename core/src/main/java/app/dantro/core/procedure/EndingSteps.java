package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Side;
import app.dantro.core.ending.Endings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/** Where a job without a fault ends, and the few readings that show it. */
final class EndingSteps {
    private EndingSteps() {}

    /** Both sides were shown good: how it turned is the last thing to know. */
    static Optional<Placed> starting(Work work) {
        Endings endings = Endings.of(work.findings());
        if (work.judgement().isEmpty() || !endings.shownGood(Loop.STARTING)) {
            return Optional.empty();
        }
        Optional<Placed> carries = PairCranking.secondCarries(work);
        if (carries.isPresent()) {
            return carries;
        }
        Step step = work.said().about(Topic.CRANKS).isEmpty()
                ? howItTurned()
                : otherSide(work, endings)
                        .or(() -> chargedFirst(work, endings))
                        .or(() -> Wiggle.due(work, Loop.STARTING))
                        .orElseGet(() -> Step.close(endings.good(Loop.STARTING)));
        return Optional.of(new Placed(Stage.SIDES, step));
    }

    /** A complaint on a good starting side: does it charge at all? */
    private static Optional<Step> otherSide(Work work, Endings endings) {
        return endings.otherSideUnseen(Loop.STARTING)
                ? ChargingLooks.of(work.record(), Optional.empty()).loaded().map(look -> look.step(work.findings()))
                : Optional.empty();
    }

    static Optional<Step> chargedFirst(Work work, Endings endings) {
        return endings.low() && !BatterySteps.inVain(work)
                ? Optional.of(BatterySteps.charge(work, ProcedureReason.LOW_CHARGE_AFTER.with()))
                : Optional.empty();
    }

    static Step howItTurned() {
        return Step.of(
                        Kind.PROVE,
                        ProcedureReason.HOW_DID_IT_TURN.with(),
                        List.of(ProcedureReason.SLOW_IS_A_READING.with()),
                        List.of())
                .seeing(List.of(ToSee.open(Topic.CRANKS)));
    }

    /** Posts and both sides are read and a starter is in question: how it turned decides whether it may be suspected. */
    static Optional<Placed> heard(Work work) {
        boolean read = work.findings().posts(Condition.CRANKING).isPresent()
                && work.findings().whole(Side.SUPPLY).isPresent()
                && work.findings().whole(Side.RETURN).isPresent();
        boolean turns = work.said().starts().orElse(true);
        return read && turns && quiet(work) && work.said().about(Topic.CRANKS).isEmpty()
                ? Optional.of(new Placed(Stage.SIDES, howItTurned()))
                : Optional.empty();
    }

    /** Both sides are good and it turns slowly: a hand on the engine, then the starter off it. */
    static Optional<Placed> slow(Work work) {
        PartFinding starter =
                work.findings().of(work.findings().loop().starter().id());
        boolean hard = starter.by() == StandingRule.LOOK_REFUTES && work.said().says(Topic.ENGINE_TURNS, Answer.HARD);
        if (!hard && starter.by() != StandingRule.SLOW_ON_GOOD_VOLTS
                || work.judgement().isEmpty()) {
            return Optional.empty();
        }
        if (starter.standing() != Standing.SUSPECT) {
            return starter.standing() == Standing.FAULTY ? Optional.empty() : Optional.of(ClosingSteps.elsewhere(work));
        }
        if (work.said().about(Topic.ENGINE_TURNS).isEmpty()) {
            return Optional.of(new Placed(
                    work.stage(Stage.REPAIR),
                    DeviceSteps.suspect(
                            work.findings(), starter.part(), work.judgement().get())));
        }
        return BatterySteps.withCurrent(work)
                .or(() -> Optional.of(new Placed(
                        work.stage(Stage.REPAIR),
                        DeviceSteps.suspect(
                                        work.findings(),
                                        starter.part(),
                                        work.judgement().get())
                                .seeing(List.of(ToSee.open(Topic.STARTER_BENCH)))
                                .ending(Endings.of(work.findings()).slow()))));
    }

    /** The posts while cranking and both sides come first, where it turns and nothing speaks against a part yet. */
    static Optional<Placed> survey(Work work) {
        boolean turns = work.said().starts().orElse(true);
        if (!quiet(work) || !turns) {
            return Optional.empty();
        }
        return start(work)
                .or(() -> Endings.of(work.findings()).bothAsked(Loop.STARTING)
                        ? ChargingLooks.of(work.record(), Optional.empty())
                                .needed()
                                .map(look -> new Placed(Stage.SIDES, look.step(work.findings())))
                        : Optional.empty());
    }

    static Optional<Placed> start(Work work) {
        return BatterySteps.underLoad(work)
                .or(() -> SideSteps.wholeReturn(work))
                .or(() -> SideSteps.wholeSupply(work));
    }

    static boolean quiet(Work work) {
        return work.judgement().isPresent()
                && !work.repaired()
                && work.findings().parts().stream().noneMatch(PartFinding::alarmed)
                && work.findings().doubts().isEmpty();
    }
}
