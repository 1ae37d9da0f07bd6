package app.dantro.core.planning;

import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.Findings;
import app.dantro.core.inference.Observable;
import app.dantro.core.standing.Judgement;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Advice with its reasons: where the leads go, why, and what each result would mean.
 *
 * @param next the reading to take, if one is asked for
 * @param standby the next best ones
 * @param ahead true if the next one leaves the trade's order
 */
public record Guide(Advice advice, Optional<ProbePlan> next, List<ProbePlan> standby, boolean ahead) {
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

    /**
     * Advice on the evidence, with its reasons.
     *
     * @param order what the trade reads first here, as far as it was not read yet and a probe gets there: while what tells most is looked
     *     for, it comes first unless leaving it leads to the end well sooner
     */
    public static Guide of(Findings findings, Judgement judgement, Workplace workplace, List<Observable.Volts> order) {
        List<Observable.Volts> usual = order.stream().filter(workplace::reaches).toList();
        Advice advice = Advisor.advise(judgement, workplace);
        List<Proposal> best = advice.proposals().stream()
                .filter(p -> p.what() instanceof Observable.Volts v && worthTaking(findings, v))
                .toList();
        List<Observable.Volts> first = best.stream()
                .limit(Marks.STANDBY)
                .map(p -> (Observable.Volts) p.what())
                .toList();
        boolean leaving = advice.kind() == Advice.Kind.SEARCH
                && !first.isEmpty()
                && !usual.isEmpty()
                && !usual.get(0).same(first.get(0));
        boolean ahead = leaving && TwoOrders.leaves(judgement.posterior(), workplace, best, usual);
        List<Observable.Volts> asked = leaving && !ahead
                ? Stream.concat(Stream.of(usual.get(0)), first.stream().filter(what -> !what.same(usual.get(0))))
                        .toList()
                : first;
        Explainer explainer = new Explainer(findings, judgement, advice, workplace);
        List<ProbePlan> plans = asked.stream().map(explainer::plan).toList();
        return new Guide(
                advice,
                plans.stream().findFirst(),
                plans.stream().skip(1).limit(Marks.STANDBY_BY_RULES).toList(),
                ahead);
    }
}
