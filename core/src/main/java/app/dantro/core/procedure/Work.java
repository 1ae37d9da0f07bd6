package app.dantro.core.procedure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.finding.Findings;
import app.dantro.core.planning.Guide;
import app.dantro.core.planning.Planner;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.standing.Judgement;
import java.util.Optional;

/**
 * What every step of the order of work looks at.
 *
 * @param judgement the probabilities behind the findings; empty by rules alone
 * @param guide what the judgement advises; empty as long as a gate stands before it
 */
record Work(Findings findings, Optional<Judgement> judgement, Optional<Guide> guide, Planner planner) {
    CaseRecord record() {
        return findings.evidence();
    }

    Statements said() {
        return record().statements();
    }

    int blocks() {
        return findings.loop().blocks();
    }

    /** True unless it was said that nobody can measure the current: then no step asks for it. */
    boolean ampsAtHand() {
        return !said().says(Topic.CLAMP, Answer.NO);
    }

    /** What was read so often since the repair shows the same once more. */
    boolean settled(ProbePlan plan) {
        return findings.counted()
                        .in(plan.condition())
                        .across(plan.red(), plan.black())
                        .size()
                > Marks.MOST_TIMES;
    }

    boolean repaired() {
        return record().lastRepair().isPresent();
    }

    /** After a repair everything is a retest. */
    Stage stage(Stage before) {
        return repaired() ? Stage.RETEST : before;
    }

    /** What a healthy stretch loses at today's cranking current. */
    HealthyDrop healthy(Stretch stretch) {
        return HealthyDrop.of(
                stretch,
                findings.loop().crankingAmps(),
                findings.posts(Condition.CRANKING).flatMap(Reading::flowingAmps),
                record().celsius());
    }
}
