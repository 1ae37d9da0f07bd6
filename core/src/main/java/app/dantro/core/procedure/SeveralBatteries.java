package app.dantro.core.procedure;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.fact.PairAtRest;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.planning.FreeProbe;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.planning.ProbePlan.Outcome;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.BatteryRules;
import java.util.List;
import java.util.Optional;

/** What two batteries hide behind each other: of a set in series one block's charge, of a pair in parallel a dead cell. */
final class SeveralBatteries {
    private SeveralBatteries() {}

    /**
     * Before any verdict: each block's own charge, and that nothing flows from one battery into the other. Where nothing
     * flows the second one of a pair need not be read at its own posts.
     */
    static Optional<Placed> alike(Work work) {
        Optional<Placed> between = between(work);
        return between.isPresent() || PairAtRest.silent(work.record())
                ? between
                : BatterySteps.each(work).or(() -> lowBlock(work));
    }

    /** One of them feeds the other: parted, charged and rested, each is read on its own. */
    static Optional<Placed> parted(Work work) {
        return work.findings().parts().stream()
                .filter(p -> p.by() == StandingRule.FED_AT_REST && p.standing() == Standing.SUSPECT)
                .findFirst()
                .map(p -> new Placed(work.stage(Stage.BATTERY), part(work, p)));
    }

    private static Step part(Work work, PartFinding battery) {
        return Step.of(
                        Kind.PROVE,
                        ProcedureReason.PART_THEM.with(),
                        battery.because(),
                        Cautions.parting(work.record().circuit()))
                .on(battery.part())
                .seeing(List.of(ToSee.open(Topic.LOWER_APART)));
    }

    private static Optional<Placed> between(Work work) {
        return work.record()
                .circuit()
                .pair()
                .filter(pair -> PairAtRest.between(work.record()).isEmpty())
                .map(pair -> new Placed(work.stage(Stage.BATTERY), Step.measure(between(work, pair))));
    }

    private static ProbePlan between(Work work, List<Battery> pair) {
        ProbePlan plan = FreeProbe.of(
                work.findings(), pair.get(0).positivePost(), pair.get(1).positivePost(), Condition.REST);
        return new ProbePlan(
                plan.red(),
                plan.black(),
                plan.condition(),
                ProcedureReason.BETWEEN_PAIR.with(),
                List.of(ProcedureReason.NOTHING_FLOWS_AT_REST.with()),
                List.of(
                        Outcome.under(PairAtRest.SPEAKS_VOLTS, ProcedureReason.NOTHING_BETWEEN.with()),
                        Outcome.over(PairAtRest.SPEAKS_VOLTS, ProcedureReason.ONE_FEEDS_THE_OTHER.with())),
                0,
                PairAtRest.SPEAKS_VOLTS);
    }

    /** A block under the charge that every one needs; the newest base of the set tells what the other holds. */
    private static Optional<Placed> lowBlock(Work work) {
        if (work.blocks() == 1 || work.repaired()) {
            return Optional.empty();
        }
        double least = BatteryRules.chargedVolts(work.said());
        return work.record()
                .posts(Condition.REST)
                .flatMap(whole -> work.record().circuit().batteries().stream()
                        .flatMap(b -> own(work, b).stream())
                        .filter(own -> !chargedSince(work, own))
                        .map(own -> Math.min(Math.abs(own.volts()), Math.abs(whole.volts()) - Math.abs(own.volts())))
                        .filter(volts -> volts < least)
                        .findFirst())
                .map(low -> new Placed(
                        Stage.BATTERY,
                        BatterySteps.charge(work, ProcedureReason.BLOCK_LOW.with(Quantity.volts(low, 0.01)))));
    }

    /** The set was read before it, and again since: that is what follows a charge. */
    private static boolean chargedSince(Work work, Reading own) {
        Readings whole = work.findings().allPosts(Condition.REST);
        return whole.stream().anyMatch(r -> r.takenAtMillis() < own.takenAtMillis())
                && whole.stream().anyMatch(r -> r.takenAtMillis() > own.takenAtMillis());
    }

    private static Optional<Reading> own(Work work, Battery battery) {
        return work.record().newest(battery.positivePost(), battery.negativePost(), Condition.REST);
    }
}
