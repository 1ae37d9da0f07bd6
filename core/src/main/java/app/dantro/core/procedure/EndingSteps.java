package app.dantro.core.procedure;

import app.dantro.core.circuit.Loop;
import app.dantro.core.ending.Endings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Where a job without a fault ends, and the few readings that show it. */
final class EndingSteps {
    private EndingSteps() {}

    /** Both sides were shown good: how it turned is the last thing to know. */
    static Optional<Placed> starting(Work work) {
        Endings endings = Endings.of(work.findings());
        if (work.judgement().isEmpty()
                || !endings.shownGood(Loop.STARTING)
                || work.said().says(Topic.CRANKS, Answer.SLOWLY)) {
            return Optional.empty();
        }
        Step step = work.said().about(Topic.CRANKS).isEmpty()
                ? howItTurned()
                : chargedFirst(work, endings).orElseGet(() -> Step.close(endings.good(Loop.STARTING)));
        return Optional.of(new Placed(Stage.SIDES, step));
    }

    private static Optional<Step> chargedFirst(Work work, Endings endings) {
        return endings.low()
                ? Optional.of(BatterySteps.charge(work, ProcedureReason.LOW_CHARGE_AFTER.with()))
                : Optional.empty();
    }

    private static Step howItTurned() {
        return Step.of(
                        Kind.PROVE,
                        ProcedureReason.HOW_DID_IT_TURN.with(),
                        List.of(ProcedureReason.SLOW_IS_A_READING.with()),
                        List.of())
                .seeing(List.of(ToSee.open(Topic.CRANKS)));
    }

    /** The posts while cranking and both sides come first, where it turns and nothing speaks against a part yet. */
    static Optional<Placed> survey(Work work) {
        boolean turns = work.said().starts().orElse(true);
        if (!quiet(work) || !turns) {
            return Optional.empty();
        }
        return start(work)
                .or(() -> Endings.of(work.findings()).bothAsked()
                        ? ChargingLooks.of(work.record(), Optional.empty())
                                .needed()
                                .map(look -> new Placed(Stage.SIDES, look.step(work.findings())))
                        : Optional.empty());
    }

    private static Optional<Placed> start(Work work) {
        return BatterySteps.underLoad(work)
                .or(() -> SideSteps.wholeReturn(work))
                .or(() -> SideSteps.wholeSupply(work));
    }

    private static boolean quiet(Work work) {
        return work.judgement().isPresent()
                && !work.repaired()
                && work.findings().parts().stream().noneMatch(PartFinding::alarmed)
                && work.findings().doubts().isEmpty();
    }

    /** The same for the charging side, and what a check reads of the starting side after it. */
    static Optional<Step> surveyCharging(Work work, ChargingLooks looks) {
        if (!quiet(work)) {
            return Optional.empty();
        }
        Optional<Step> own = looks.needed().map(look -> look.step(work.findings()));
        return own.or(() ->
                        Endings.of(work.findings()).bothAsked() ? start(work).map(Placed::step) : Optional.empty())
                .or(() -> looks.open().stream().findFirst().map(look -> look.step(work.findings())));
    }

    /** Charging was shown good; a battery that is flat in the morning is asked what it gives while the vehicle sleeps. */
    static Optional<Step> charging(Work work) {
        Endings endings = Endings.of(work.findings());
        boolean slow = endings.bothAsked() && work.said().says(Topic.CRANKS, Answer.SLOWLY);
        if (work.judgement().isEmpty() || slow || !endings.shownGood(Loop.CHARGING)) {
            return Optional.empty();
        }
        boolean asleep = work.said().says(Topic.CHARGING_SYMPTOM, Answer.FLAT_MORNING)
                && work.said().about(Topic.STANDING_CURRENT).isEmpty();
        if (asleep) {
            return Optional.of(Step.of(
                            Kind.PROVE,
                            ProcedureReason.SLEEPS_WELL.with(),
                            List.of(ProcedureReason.WHILE_IT_SLEEPS.with()),
                            Cautions.charging())
                    .seeing(List.of(ToSee.open(Topic.STANDING_CURRENT))));
        }
        if (endings.bothAsked() && work.said().about(Topic.CRANKS).isEmpty()) {
            return Optional.of(howItTurned());
        }
        Optional<Step> charge = chargedFirst(work, endings);
        if (charge.isPresent()) {
            return charge;
        }
        List<ToSee> left = new ArrayList<>();
        if (work.said().about(Topic.RIPPLE_LOADED).isEmpty()) {
            left.add(ToSee.open(Topic.RIPPLE_LOADED));
        }
        return Optional.of(Step.close(endings.good(Loop.CHARGING)).seeing(left));
    }
}
