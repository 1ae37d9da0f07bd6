package app.dantro.core.procedure;

import app.dantro.core.finding.Findings;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.CaseInference;
import app.dantro.core.standing.JudgedCase;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.RetestCheck;
import app.dantro.core.starting.StartingRules;
import java.util.List;
import java.util.Optional;

/** The order of work for whatever the complaint is about. */
public final class OrderOfWork {
    private final StartingProcedure starting;
    private final ChargingSurvey charging = new ChargingSurvey();

    public OrderOfWork(StartingProcedure starting) {
        this.starting = starting;
    }

    /**
     * Findings, profiles and the one next step, by rules alone; a circuit without an alternator can only be worked on for
     * its start.
     */
    public Assessment assess(Concern concern, CaseRecord evidence) {
        return assess(concern, evidence, Optional.empty());
    }

    /** The same with the judgement, once the circuit is prepared. */
    public Assessment assess(Concern concern, CaseRecord evidence, Optional<PreparedCircuit> prepared) {
        Findings rules = StartingRules.of(evidence);
        Complaint complaint = Complaint.valueOf(concern.name());
        Optional<Judgement> judgement = prepared.map(p -> Judgement.of(p, CaseInference.of(evidence, complaint)));
        Findings findings = judgement.map(j -> JudgedCase.of(rules, j)).orElse(rules);
        boolean charges =
                concern == Concern.CHARGING && evidence.circuit().alternator().isPresent();
        Assessment assessment = charges ? charging.assess(findings, judgement) : starting.assess(findings, judgement);
        return restoredFirst(closed(assessment, evidence), evidence)
                .with(prepared.map(p -> RetestCheck.of(evidence, p, complaint)).orElse(List.of()));
    }

    /** A case may end without proof if someone says why; it never counts as verified. */
    private static Assessment closed(Assessment assessment, CaseRecord evidence) {
        boolean verified = assessment.stage() == Stage.VERIFIED;
        return evidence.closedUnverified()
                .filter(closed -> !verified)
                .map(closed -> assessment.at(
                        Stage.CLOSED,
                        Step.of(
                                Step.Kind.DONE,
                                "Closed, not verified",
                                "The complaint's own test was not passed. Reason: %s".formatted(closed.value()),
                                List.of())))
                .orElse(assessment);
    }

    /** No case closes, and no complaint is tested, while something is still undone. */
    private static Assessment restoredFirst(Assessment assessment, CaseRecord evidence) {
        boolean closing = assessment.next().kind() == Step.Kind.COMPLAINT_TEST
                || assessment.next().kind() == Step.Kind.DONE;
        List<Topic> open = evidence.statements().open();
        return closing && !open.isEmpty()
                ? assessment.at(
                        Stage.RETEST,
                        Step.restore(open, assessment.findings().evidence().circuit()))
                : assessment;
    }
}
