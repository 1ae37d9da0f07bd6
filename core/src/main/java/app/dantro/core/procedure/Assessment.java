package app.dantro.core.procedure;

import app.dantro.core.fact.CrankCapture;
import app.dantro.core.figure.CarriedOver;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.planning.ProbePlan;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.schools.Ruling;
import app.dantro.core.schools.SchoolTable;
import app.dantro.core.standing.RetestCheck;
import app.dantro.core.standing.Verdict;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * Everything that follows from a case's record, for every screen and door: values only, so it may be kept and shared
 * between threads. Its type says whether all readings were judged together, or the drops alone speak so far.
 */
public sealed interface Assessment {
    Conclusions conclusions();

    /** What is shown beside the conclusions. */
    Beside beside();

    /** What all readings together came to; empty by rules alone. */
    Optional<Verdict> verdict();

    /**
     * What is shown beside the conclusions.
     *
     * @param course how far the order of work was followed
     * @param cranks what several cranks say together
     * @param rulings what every school says of a drop, by its reading; the shop's own sets too
     * @param schools the readings held against every school, and against the shop's own sets
     * @param figures what the typed figures say
     * @param carried every drop with its current as a resistance, by its reading
     * @param retests what was foretold of the last repair, and what was read since
     * @param forbidden what nobody may be asked for now
     */
    record Beside(
            Course course,
            List<CrankCapture> cranks,
            Map<UUID, List<Ruling>> rulings,
            SchoolTable schools,
            List<FigureVerdict> figures,
            Map<UUID, CarriedOver> carried,
            List<RetestCheck> retests,
            Forbidden forbidden) {
        public Beside {
            cranks = List.copyOf(cranks);
            figures = List.copyOf(figures);
            rulings = Map.copyOf(rulings);
            carried = Map.copyOf(carried);
            retests = List.copyOf(retests);
        }
    }

    /** While the circuit is being prepared the drops alone speak. */
    record ByRules(Conclusions conclusions, Beside beside) implements Assessment {
        @Override
        public Optional<Verdict> verdict() {
            return Optional.empty();
        }
    }

    /** All readings judged together. */
    record Judged(Conclusions conclusions, Beside beside, Verdict judged) implements Assessment {
        @Override
        public Optional<Verdict> verdict() {
            return Optional.of(judged);
        }
    }

    /**
     * The judging itself failed. What was read stays on record; what follows by rules alone is kept if there is any.
     *
     * @param why what went wrong
     */
    record Unjudged(Conclusions conclusions, Beside beside, String why) implements Assessment {
        @Override
        public Optional<Verdict> verdict() {
            return Optional.empty();
        }
    }

    /**
     * A closed case that shows what was said when it closed, since another version of the program judged it, or since this
     * one comes to something else.
     *
     * @param under what it was judged by
     * @param nowSays the headline this program would give, if it is another; empty while that is being worked out
     */
    record AsClosed(Conclusions conclusions, Beside beside, Basis under, Optional<String> nowSays)
            implements Assessment {
        @Override
        public Optional<Verdict> verdict() {
            return Optional.empty();
        }
    }

    default Findings findings() {
        return conclusions().findings();
    }

    default LoopProfile profile() {
        return conclusions().profile();
    }

    default Optional<LoopProfile> other() {
        return conclusions().other();
    }

    default Stage stage() {
        return conclusions().stage();
    }

    default Step next() {
        return conclusions().next();
    }

    default List<ProbePlan> standby() {
        return conclusions().standby();
    }

    default List<RetestCheck> retests() {
        return beside().retests();
    }
}
