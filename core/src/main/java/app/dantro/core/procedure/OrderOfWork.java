package app.dantro.core.procedure;

import app.dantro.core.circuit.Loop;
import app.dantro.core.fact.CrankCapture;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.figure.CarriedOver;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Experience;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.planning.Planner;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import app.dantro.core.schools.Ruling;
import app.dantro.core.schools.SchoolTable;
import app.dantro.core.schools.StartingRows;
import app.dantro.core.standing.CaseInference;
import app.dantro.core.standing.Foretold;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.RetestCheck;
import app.dantro.core.standing.Standings;
import app.dantro.core.standing.Verdict;
import app.dantro.core.starting.StartingRules;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * The one pass from a case's record to what follows from it: facts, inference, standings, plan. Every screen, the command
 * line and the run sheet read what comes out of here.
 */
public final class OrderOfWork {
    /** Raised when the same record may lead to another headline or standing than before. */
    public static final int VERSION = 17;

    private final Planner planner;

    public OrderOfWork() {
        this(Planner.halving());
    }

    /** @param planner proposes the walk while the drops alone speak */
    public OrderOfWork(Planner planner) {
        this.planner = planner;
    }

    /**
     * By rules alone, under the schools alone; a circuit without an alternator can only be worked on for its start.
     */
    public Assessment assess(Loop loop, CaseRecord record) {
        return assess(loop, record, OwnSets.none());
    }

    /** The same with the shop's own sets beside the schools. */
    public Assessment assess(Loop loop, CaseRecord record, OwnSets own) {
        Findings rules = StartingRules.of(record);
        Conclusions ended = ended(preparing(conclude(loop, rules, Optional.empty())));
        return new Assessment.ByRules(ended, beside(ended, own, Foretold.nothing()));
    }

    /** The rules alone have nothing left to ask: that is no verdict while the readings are not judged together yet. */
    private static Conclusions preparing(Conclusions conclusions) {
        return conclusions.next().kind() == Kind.LOOK_ELSEWHERE
                ? conclusions.at(
                        conclusions.stage(),
                        Step.of(
                                Kind.LOOK_ELSEWHERE,
                                ProcedureReason.WORKING_IT_OUT.with(),
                                List.of(ProcedureReason.STILL_PREPARING.with()),
                                List.of()))
                : conclusions;
    }

    /** With the judgement, once the circuit is prepared; what a repair was foretold to change is worked out anew. */
    public Assessment assess(Loop loop, CaseRecord record, PreparedCircuit prepared) {
        return assess(loop, record, OwnSets.none(), prepared, Foretold.by(prepared, Complaint.about(loop)));
    }

    /** With the judgement, the shop's own sets, and what repairs were foretold to change. */
    public Assessment assess(Loop loop, CaseRecord record, OwnSets own, PreparedCircuit prepared, Foretold foretold) {
        return assess(loop, record, own, Experience.none(), prepared, foretold);
    }

    /** The same in a shop whose own verified repairs count. */
    public Assessment assess(
            Loop loop,
            CaseRecord record,
            OwnSets own,
            Experience experience,
            PreparedCircuit prepared,
            Foretold foretold) {
        Findings rules = StartingRules.of(record);
        Judgement judgement = Judgement.of(prepared, CaseInference.of(record, Complaint.about(loop), experience));
        Findings findings = Standings.of(rules, judgement);
        Conclusions ended = ended(conclude(loop, findings, Optional.of(judgement)));
        return new Assessment.Judged(ended, beside(ended, own, foretold), Verdict.of(findings, judgement));
    }

    /**
     * When the judging of all readings together fails: what follows by rules alone, and why it is no more.
     *
     * @param why what went wrong
     */
    public Assessment withoutJudgement(Loop loop, CaseRecord record, OwnSets own, String why) {
        Findings rules = StartingRules.of(record);
        Conclusions ended = ended(conclude(loop, rules, Optional.empty()));
        Conclusions said = ended.headed(List.of(
                ProcedureReason.AS_RULES_SAY.with(Quantity.named(rules.headline())),
                ProcedureReason.NOT_JUDGED_TOGETHER.with(Quantity.named(why))));
        return new Assessment.Unjudged(said, beside(said, own, Foretold.nothing()), why);
    }

    /**
     * When even the rules fail on what is on record: a case that says why, and that nothing was lost.
     *
     * @param why what went wrong
     */
    public Assessment unjudged(Loop loop, CaseRecord record, OwnSets own, String why) {
        CaseRecord unread = CaseRecord.of(record.circuit(), record.celsius(), List.of(), List.of(), List.of());
        Conclusions said = conclude(loop, StartingRules.of(unread), Optional.empty())
                .headed(List.of(ProcedureReason.CANNOT_BE_JUDGED.with(Quantity.named(why))))
                .at(
                        Stage.FRESH,
                        Step.of(
                                Kind.LOOK_ELSEWHERE,
                                ProcedureReason.NOT_JUDGED_STEP.with(),
                                List.of(ProcedureReason.NOTHING_LOST.with()),
                                List.of()));
        return new Assessment.Unjudged(said, beside(said, own, Foretold.nothing()), why);
    }

    private Conclusions conclude(Loop loop, Findings findings, Optional<Judgement> judgement) {
        boolean charges = loop == Loop.CHARGING
                && !stands(findings.evidence())
                && findings.evidence().circuit().alternator().isPresent();
        Conclusions all = charges
                ? ChargingProcedure.conclude(findings, judgement, planner)
                : new StartingProcedure(planner).conclude(findings, judgement);
        return SafetyFirst.of(Arrived.asked(all), judgement);
    }

    /** What cannot be started is not measured running: the starting side comes first. */
    private static boolean stands(CaseRecord record) {
        return record.statements().starts().filter(turns -> !turns).isPresent()
                && record.lastRepair().isEmpty()
                && record.counted().stream().noneMatch(r -> r.condition().running());
    }

    private static Assessment.Beside beside(Conclusions ended, OwnSets own, Foretold foretold) {
        Findings findings = ended.findings();
        Map<UUID, List<Ruling>> rulings = new LinkedHashMap<>();
        for (DropVerdict verdict : findings.verdicts()) {
            rulings.putIfAbsent(verdict.reading().id(), StartingRows.of(findings, verdict, own));
        }
        return new Assessment.Beside(
                Course.of(findings, ended.stage()),
                CrankCapture.of(findings.evidence()),
                rulings,
                SchoolTable.of(findings, own),
                Figures.of(findings.evidence()),
                carried(findings.evidence()),
                RetestCheck.of(findings.evidence(), foretold),
                SafetyLaw.forbidden(findings.evidence()));
    }

    private static Map<UUID, CarriedOver> carried(CaseRecord record) {
        Map<UUID, CarriedOver> carried = new LinkedHashMap<>();
        record.observed().forEach(r -> CarriedOver.of(record, r).ifPresent(c -> carried.put(r.id(), c)));
        return carried;
    }

    private static Conclusions ended(Conclusions conclusions) {
        return Verification.headed(restoredFirst(closed(conclusions)));
    }

    /** A case that somebody ended; it never counts as verified, and as good only while its readings say so. */
    private static Conclusions closed(Conclusions conclusions) {
        return conclusions
                .findings()
                .evidence()
                .ended()
                .filter(end -> conclusions.stage() != Stage.VERIFIED)
                .flatMap(end -> EndedCase.of(conclusions, end))
                .map(ended -> conclusions.at(ended.stage(), ended.step()))
                .orElse(conclusions);
    }

    /** No case closes, and no complaint is tested, while something is still undone. */
    private static Conclusions restoredFirst(Conclusions conclusions) {
        CaseRecord record = conclusions.findings().evidence();
        Kind kind = conclusions.next().kind();
        boolean closing = kind == Kind.COMPLAINT_TEST || kind == Kind.CLOSE || kind == Kind.DONE;
        List<Topic> open = record.statements().open();
        return closing && !open.isEmpty()
                ? conclusions.at(Stage.RETEST, DeviceSteps.restore(open, record.circuit()))
                : conclusions;
    }
}
