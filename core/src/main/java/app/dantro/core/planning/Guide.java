package app.dantro.core.planning;

import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.inference.Observable;
import app.dantro.core.standing.Judgement;
import java.util.List;
import java.util.Optional;

/**
 * Advice with its reasons: where the leads go, why, and what each result would mean.
 *
 * @param next the reading to take, if one is asked for
 * @param standby the next best ones
 */
public record Guide(Advice advice, Optional<ProbePlan> next, List<ProbePlan> standby) {
    public Guide {
        standby = List.copyOf(standby);
    }

    /** What was read so often shows the same again, whatever is thought of it. */
    private static boolean worthTaking(Findings findings, Observable.Volts what) {
        return findings.evidence()
                        .counted()
                        .in(what.condition())
                        .across(what.red(), what.black())
                        .size()
                < Marks.MOST_REPEATS - 1;
    }

    /** True while what tells most is looked for, and no proof is being closed. */
    public boolean searching() {
        return advice.kind() == Advice.Kind.SEARCH;
    }

    /** The battery that the readings call flat. */
    public Optional<PartId> toCharge() {
        return advice.kind() == Advice.Kind.CHARGE ? advice.part() : Optional.empty();
    }

    /** Parts one of which is nearly certainly bad, and between which no probe gets. */
    public List<PartId> toOpen() {
        return advice.together();
    }

    /** The part that the readings speak against with all that readings can prove. */
    public Optional<PartId> toRepair() {
        return advice.kind() == Advice.Kind.REPAIR ? advice.part() : Optional.empty();
    }

    /** Advice on the evidence, with its reasons. */
    public static Guide of(Findings findings, Judgement judgement, Workplace workplace) {
        Advice advice = Advisor.advise(judgement, workplace);
        Explainer explainer = new Explainer(findings, judgement, advice, workplace);
        List<ProbePlan> plans = advice.proposals().stream()
                .filter(p -> p.what() instanceof Observable.Volts)
                .filter(p -> worthTaking(findings, (Observable.Volts) p.what()))
                .map(p -> explainer.plan((Observable.Volts) p.what()))
                .toList();
        return new Guide(
                advice,
                plans.stream().findFirst(),
                plans.stream().skip(1).limit(Marks.STANDBY_BY_RULES).toList());
    }
}
