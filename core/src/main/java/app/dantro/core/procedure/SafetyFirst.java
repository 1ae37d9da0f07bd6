package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.planning.Planner;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.procedure.SafetyLaw.Frozen;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.procedure.Step.ToSee;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Takes out of the conclusions what {@link SafetyLaw} forbids, and says what has to be done first instead. */
final class SafetyFirst {
    private final CaseRecord record;
    private final SafetyLaw law;
    private final Optional<Judgement> judgement;

    private SafetyFirst(Conclusions conclusions, Optional<Judgement> judgement) {
        this.record = conclusions.findings().evidence();
        this.law = new SafetyLaw(record);
        this.judgement = judgement;
    }

    /** The same conclusions without a step that a caution forbids, the vehicle's own cautions first. */
    static Conclusions of(Conclusions conclusions, Optional<Judgement> judgement) {
        Conclusions allowed = new SafetyFirst(conclusions, judgement).checked(conclusions);
        Circuit circuit = conclusions.findings().evidence().circuit();
        return allowed.at(allowed.stage(), allowed.next().cautioned(Cautions.of(circuit, allowed.next())));
    }

    /** True if the engine was last seen charging so high, or rising there, that it is not revved for a reading. */
    static boolean overcharging(CaseRecord record) {
        return new SafetyLaw(record).tooHigh(Condition.RAISED);
    }

    private Conclusions checked(Conclusions conclusions) {
        Conclusions kept = conclusions.standingBy(conclusions.standby().stream()
                .filter(p -> !law.forbids(p.condition()))
                .toList());
        Step next = conclusions.next();
        Optional<Condition> wanted = next.probe().map(ProbePlan::condition);
        List<Topic> blocking = wanted.map(law::toPutBack).orElse(List.of());
        if (!blocking.isEmpty()) {
            return kept.at(conclusions.stage(), restore(blocking));
        }
        boolean charged = next.kind() == Kind.CHARGE;
        if (law.frozen() != Frozen.NO && (charged || wanted.filter(law::forbids).isPresent())) {
            return kept.at(conclusions.stage(), frozen());
        }
        if (wanted.filter(law::tooHigh).isPresent()) {
            return kept.at(conclusions.stage(), stopped());
        }
        if (wanted.filter(law::forbids).isPresent()) {
            return kept.at(conclusions.stage(), charge(conclusions.findings()));
        }
        return law.highest()
                .filter(high -> next.kind() == Kind.MEASURE)
                .map(high -> kept.at(conclusions.stage(), next.because(notRevved(high))))
                .orElse(kept);
    }

    private Step restore(List<Topic> blocking) {
        return Step.of(
                        Kind.RESTORE,
                        ProcedureReason.PUT_BACK.with(),
                        List.of(ProcedureReason.NOT_WHILE_LIFTED.with()),
                        Cautions.repair(record.circuit()))
                .seeing(blocking.stream().map(ToSee::open).toList());
    }

    private Step frozen() {
        boolean asked = law.frozen() == Frozen.PERHAPS;
        return Step.of(
                        Kind.PROVE,
                        (asked ? ProcedureReason.IS_IT_FROZEN : ProcedureReason.LET_IT_THAW).with(),
                        List.of((asked ? ProcedureReason.FLAT_FREEZES : ProcedureReason.THAW_HOW).with()),
                        Cautions.charging())
                .seeing(List.of(ToSee.open(Topic.BATTERY_FROZEN)));
    }

    private static Step charge(Findings findings) {
        Work work = new Work(findings, Optional.empty(), Optional.empty(), Planner.halving());
        return BatterySteps.charge(
                work, ProcedureReason.TOO_LOW_TO_TEST.with(Quantity.volts(BaseVoltage.goesOnVolts(work))));
    }

    private static Reason notRevved(Reading high) {
        return ProcedureReason.NOT_REVVED.with(Quantity.volts(Math.abs(high.volts()), high.resolutionVolts()));
    }

    private Step stopped() {
        Reading high = law.highest().or(law::rising).orElseThrow();
        boolean above = law.highest().isPresent();
        Quantity shown = Quantity.volts(Math.abs(high.volts()), high.resolutionVolts());
        Step stop = Step.of(
                Kind.PROVE,
                (above ? ProcedureReason.STOP_THE_ENGINE : ProcedureReason.BACK_TO_IDLE).with(),
                List.of((above ? ProcedureReason.NOT_REVVED : ProcedureReason.STILL_RISING).with(shown)),
                Cautions.charging());
        return record.circuit()
                .alternator()
                .map(a -> stop.on(a.id()).seeing(looks(a.id())))
                .orElse(stop);
    }

    private List<ToSee> looks(PartId alternator) {
        Stream<ToSee> machine = judgement.stream()
                .flatMap(j -> j.proof().looks(alternator).stream())
                .map(l -> new ToSee(
                        l.topic(), record.statements().about(l.topic()).map(Statement::value), l.words()));
        // What a smart system commands is no fault, as far as any may go.
        boolean told = record.statements().about(Topic.STRATEGY).isPresent()
                || law.highest().isPresent();
        return told
                ? machine.toList()
                : Stream.concat(machine, Stream.of(ToSee.open(Topic.STRATEGY))).toList();
    }
}
