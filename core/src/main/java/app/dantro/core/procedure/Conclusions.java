package app.dantro.core.procedure;

import app.dantro.core.finding.Findings;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.Optional;

/**
 * What follows from the findings for the work.
 *
 * @param profile the loop that the complaint is about
 * @param other the vehicle's other loop, if it has one
 * @param standby the readings that would tell most after the next one
 */
public record Conclusions(
        Findings findings,
        LoopProfile profile,
        Optional<LoopProfile> other,
        Stage stage,
        Step next,
        List<ProbePlan> standby) {
    public Conclusions {
        standby = List.copyOf(standby);
    }

    /** The same under another headline. */
    Conclusions headed(List<Reason> because) {
        return new Conclusions(findings.headed(because), profile, other, stage, next, standby);
    }

    Conclusions standingBy(List<ProbePlan> others) {
        return new Conclusions(findings, profile, other, stage, next, others);
    }

    Conclusions at(Stage instead, Step step) {
        return new Conclusions(findings, profile, other, instead, step, standby);
    }
}
