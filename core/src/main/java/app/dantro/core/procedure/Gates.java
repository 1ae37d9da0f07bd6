package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Pile;
import app.dantro.core.finding.Findings;
import app.dantro.core.inference.Observable;
import app.dantro.core.planning.Workplace;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.CaseInference;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What a planner may propose: no running engine while nobody has seen it run, no cranking for a charging complaint on a
 * vehicle that starts well, and never a condition that needs a tool nobody said is there.
 */
final class Gates {
    private Gates() {}

    static Workplace workplace(Findings findings, Loop concern) {
        CaseRecord evidence = findings.evidence();
        Readings counted = evidence.counted();
        boolean ran = counted.stream().anyMatch(r -> r.condition().running());
        Optional<Boolean> starts = evidence.statements().starts();
        Set<Condition> conditions = EnumSet.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);
        boolean cranksBadly = evidence.statements()
                .answer(Topic.SYMPTOM)
                .filter(symptom -> symptom != Answer.STARTS)
                .isPresent();
        boolean check = evidence.statements().says(Topic.CHARGING_SYMPTOM, Answer.CHECK)
                || evidence.statements().says(Topic.SYMPTOM, Answer.CHECK);
        if (concern == Loop.STARTING || cranksBadly || check) {
            conditions.add(Condition.CRANKING);
        }
        pile(evidence, concern).ifPresent(conditions::add);
        boolean runs = !SafetyFirst.overcharging(evidence) && (ran || starts.orElse(concern == Loop.CHARGING || check));
        if (runs) {
            conditions.add(Condition.RAISED);
            conditions.add(Condition.RAISED_LOADED);
        }
        Optional<Observable.Volts> last =
                counted.newest().map(r -> new Observable.Volts(r.condition(), r.red(), r.black()));
        return new Workplace(conditions, false, last, OutOfReach.of(evidence));
    }

    /**
     * A pile in place of the starter or across the alternator, where one is at hand and the circuit says how it is set; not
     * again once it drew nothing that anybody read, as over an open way: its drops tell no more then.
     */
    private static Optional<Condition> pile(CaseRecord evidence, Loop concern) {
        Condition condition = concern == Loop.STARTING ? Condition.PILE_STARTER : Condition.PILE_ALTERNATOR;
        boolean fits = evidence.circuit().devices().stream()
                .anyMatch(d -> d instanceof Pile pile && pile.amps().containsKey(condition));
        boolean told = evidence.observed().in(condition).stream().allMatch(r -> CaseInference.tells(r, evidence));
        return evidence.statements().says(Topic.PILE, Answer.YES) && fits && told
                ? Optional.of(condition)
                : Optional.empty();
    }
}
