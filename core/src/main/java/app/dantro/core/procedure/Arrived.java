package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.Findings;
import app.dantro.core.planning.Planner;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.Optional;
import java.util.stream.Stream;

/** What the state a vehicle came in with means for its steps: on a jump pack, running, its glow plugs still drawing. */
final class Arrived {
    private Arrived() {}

    /** True if it came in on a jump pack: what its posts show is no base (docs/job.md, base voltage). */
    static boolean jumped(CaseRecord record) {
        return record.statements().says(Topic.ARRIVED, Answer.JUMPED);
    }

    /** True if what runs already is measured as it runs, before any base. */
    static boolean baseLater(CaseRecord record) {
        return jumped(record) || record.statements().says(Topic.ARRIVED, Answer.RUNNING);
    }

    /** The conclusions with a step that this vehicle can be asked for. */
    static Conclusions asked(Conclusions conclusions) {
        Findings findings = conclusions.findings();
        CaseRecord record = findings.evidence();
        Step next = conclusions.next();
        Optional<Condition> wanted = next.probe().map(p -> p.condition());
        boolean base = next.kind() == Kind.MEASURE
                && wanted.filter(Condition.REST::equals).isPresent()
                && record.posts(Condition.REST).isEmpty();
        if (base && jumped(record)) {
            Work work = new Work(findings, Optional.empty(), Optional.empty(), Planner.halving());
            return conclusions.at(
                    conclusions.stage(), BatterySteps.charge(work, ProcedureReason.NO_BASE_AFTER_JUMP.with()));
        }
        boolean glowing = wanted.filter(Condition::running).isPresent()
                && record.circuit().glows()
                && record.statements().about(Topic.GLOW_DONE).isEmpty();
        return glowing
                ? conclusions.at(
                        conclusions.stage(),
                        next.seeing(Stream.concat(Stream.of(ToSee.open(Topic.GLOW_DONE)), next.toSee().stream())
                                .toList()))
                : conclusions;
    }
}
