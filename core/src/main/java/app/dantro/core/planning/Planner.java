package app.dantro.core.planning;

import app.dantro.core.finding.Findings;
import java.util.Optional;

/** Proposes the next measurement on a side that fails; a better one may stand behind the same door later. */
public interface Planner {
    /** Halves the suspects by what tells most for the access. */
    static Planner halving() {
        return new HalfSplitPlanner();
    }

    /** The next measurement, or empty if no reading would narrow the suspects further. */
    Optional<ProbePlan> next(Findings findings);
}
