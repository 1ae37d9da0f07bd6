package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What may be proposed at all (docs/job.md, cautions): nothing runs or cranks while something is lifted, nothing cranks under
 * a pile, and an engine that overcharges is stopped, not revved.
 */
final class SafetyFirst {
    private static final Set<Topic> LIFTED = EnumSet.of(Topic.BATTERY_LIFTED, Topic.OUTPUT_LIFTED, Topic.FUSE_PULLED);

    private final CaseRecord record;
    private final Optional<Judgement> judgement;

    private SafetyFirst(Conclusions conclusions, Optional<Judgement> judgement) {
        this.record = conclusions.findings().evidence();
        this.judgement = judgement;
    }

    /** The same conclusions without a step that a caution forbids. */
    static Conclusions of(Conclusions conclusions, Optional<Judgement> judgement) {
        return new SafetyFirst(conclusions, judgement).checked(conclusions);
    }

    private Conclusions checked(Conclusions conclusions) {
        List<ProbePlan> allowed = conclusions.standby().stream()
                .filter(p -> blocking(p.condition()).isEmpty() && !tooHigh(p.condition()))
                .toList();
        Conclusions kept = conclusions.standingBy(allowed);
        Optional<Condition> wanted = conclusions.next().probe().map(ProbePlan::condition);
        List<Topic> blocking = wanted.map(this::blocking).orElse(List.of());
        if (!blocking.isEmpty()) {
            return kept.at(conclusions.stage(), restore(blocking));
        }
        return wanted.filter(this::tooHigh).isPresent() ? kept.at(conclusions.stage(), stopped(conclusions)) : kept;
    }

    /** What has to be put back before a condition may be made. */
    private List<Topic> blocking(Condition condition) {
        return record.statements().open().stream()
                .filter(topic -> condition.running() && topic == Topic.ENGINE_DISABLED
                        || condition.starterCalled() && topic == Topic.PILE_ON
                        || (condition.running() || condition.starterCalled()) && LIFTED.contains(topic))
                .toList();
    }

    private Step restore(List<Topic> blocking) {
        return Step.of(
                        Kind.RESTORE,
                        ProcedureReason.PUT_BACK.with(),
                        List.of(ProcedureReason.NOT_WHILE_LIFTED.with()),
                        Cautions.repair(record.circuit()))
                .seeing(blocking.stream().map(ToSee::open).toList());
    }

    /** True if the engine would run although it was last seen above what any regulator may hold. */
    private boolean tooHigh(Condition condition) {
        return condition.running() && highest(record).isPresent();
    }

    /** True if the engine was last seen charging above what any regulator may hold: it is not started again for a reading. */
    static boolean overcharging(CaseRecord record) {
        return highest(record).isPresent();
    }

    private static Optional<Reading> highest(CaseRecord record) {
        Circuit circuit = record.circuit();
        return record.counted()
                .where(r -> r.condition().running())
                .where(r -> r.isAcross(circuit.plusPost(), circuit.minusPost())
                        || circuit.alternator()
                                .filter(a -> r.isAcross(a.output(), a.ground()))
                                .isPresent())
                .newest()
                .filter(r -> Math.abs(r.volts()) >= most(record) * circuit.blocks());
    }

    private static double most(CaseRecord record) {
        return record.statements().says(Topic.CHEMISTRY, Answer.LITHIUM) ? Marks.LITHIUM_STOP_VOLTS : Marks.STOP_VOLTS;
    }

    private Step stopped(Conclusions conclusions) {
        Reading high = highest(record).orElseThrow();
        Step stop = Step.of(
                Kind.PROVE,
                ProcedureReason.STOP_THE_ENGINE.with(),
                List.of(ProcedureReason.NOT_REVVED.with(
                        Quantity.volts(Math.abs(high.volts()), high.resolutionVolts()))),
                Cautions.charging());
        return record.circuit()
                .alternator()
                .map(a -> stop.on(a.id()).seeing(looks(a.id())))
                .orElse(stop);
    }

    private List<ToSee> looks(PartId alternator) {
        return judgement.stream()
                .flatMap(j -> j.proof().looks(alternator).stream())
                .map(l -> new ToSee(
                        l.topic(), record.statements().about(l.topic()).map(Statement::value), l.words()))
                .toList();
    }
}
