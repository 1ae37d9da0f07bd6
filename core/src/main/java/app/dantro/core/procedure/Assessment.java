package app.dantro.core.procedure;

import app.dantro.core.finding.Findings;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.RetestCheck;
import java.util.List;
import java.util.Optional;

/**
 * Everything that follows from a case's evidence.
 *
 * @param profile the loop that the complaint is about
 * @param other the vehicle's other loop, if it has one
 * @param standby the readings that would tell most after the next one
 * @param retests what was foretold of the last repair, and what was read since
 * @param judgement the probabilities behind it; empty while the circuit is being prepared
 */
public record Assessment(
        Findings findings,
        LoopProfile profile,
        Optional<LoopProfile> other,
        Stage stage,
        Step next,
        List<ProbePlan> standby,
        Optional<Judgement> judgement,
        List<RetestCheck> retests) {
    public Assessment {
        standby = List.copyOf(standby);
        retests = List.copyOf(retests);
    }

    Assessment at(Stage other, Step instead) {
        return new Assessment(findings, profile, this.other, other, instead, standby, judgement, retests);
    }

    Assessment with(List<RetestCheck> checks) {
        return new Assessment(findings, profile, other, stage, next, standby, judgement, checks);
    }
}
