package app.dantro.core.procedure;

import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.record.Statement;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is seen and put right of an alternator that the readings speak against. */
final class AlternatorSteps {
    private AlternatorSteps() {}

    /** What was looked at for an alternator and is not as it must be is put right before anything else is read. */
    static Optional<Step> refuted(Work work) {
        return work.record()
                .circuit()
                .alternator()
                .flatMap(a -> work.findings().find(a.id()))
                .filter(f ->
                        f.by() == StandingRule.LOOK_REFUTES && work.judgement().isPresent())
                .flatMap(f -> work.judgement()
                        .get()
                        .refuted(f.part(), work.said())
                        .map(look -> Step.of(
                                        Kind.PROVE,
                                        ProcedureReason.PUT_RIGHT_FIRST.with(
                                                Quantity.named(look.topic().title())),
                                        f.because(),
                                        Cautions.repair(work.record().circuit()))
                                .on(f.part())
                                .seeing(List.of(new ToSee(
                                        look.topic(),
                                        work.said().about(look.topic()).map(Statement::value),
                                        look.words())))));
    }

    /** The same in a starting job, once nothing is left of its own concern. */
    static Optional<Placed> seenWrong(Work work) {
        return refuted(work).map(step -> new Placed(work.stage(Stage.REPAIR), step));
    }

    /** An alternator that gives no more under load: what can be looked at on it comes before any further reading. */
    static Optional<Placed> falling(Work work) {
        return byRule(work, EnumSet.of(StandingRule.FALLS_UNDER_LOAD));
    }

    /** The same of one that charges too high. */
    static Optional<Placed> charging(Work work) {
        return byRule(work, EnumSet.of(StandingRule.FALLS_UNDER_LOAD, StandingRule.OVERCHARGES));
    }

    private static Optional<Placed> byRule(Work work, Set<StandingRule> rules) {
        return work.judgement()
                .flatMap(j -> work.findings().parts().stream()
                        .filter(p -> rules.contains(p.by()) && p.standing() == Standing.SUSPECT)
                        .map(PartFinding::part)
                        .filter(part -> DeviceSteps.anyOpen(work, j, part))
                        .findFirst()
                        .map(part ->
                                new Placed(work.stage(Stage.REPAIR), DeviceSteps.suspect(work.findings(), part, j))));
    }
}
