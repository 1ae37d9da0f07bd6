package app.dantro.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.CircuitEdit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is proposed, and what it is said to tell and to cost. */
class InformationPlannerTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 20);
    private static final Set<Condition> ALL =
            EnumSet.of(Condition.REST, Condition.ENGINE_OFF_LOAD, Condition.CRANKING, Condition.RAISED_LOADED);
    private static final int MANY = 100;

    private final List<Observation> slow = List.of(
            volts(1, Condition.REST, "post-plus", "post-minus", 12.58),
            volts(2, Condition.CRANKING, "post-plus", "post-minus", 11.53));

    @Test
    void whatWasReadAndIsNotDoubtedIsNotProposedAgain() {
        assertThat(propose(slow, at(ALL, Optional.empty())))
                .isNotEmpty()
                .noneMatch(p -> slow.stream().anyMatch(o -> o.what().same(p.what())));
    }

    @ParameterizedTest
    @EnumSource(names = {"REST", "ENGINE_OFF_LOAD", "CRANKING"})
    void onlyWhatTheWorkplaceAllowsIsProposed(Condition only) {
        assertThat(propose(slow, at(Set.of(only), Optional.empty())))
                .isNotEmpty()
                .allMatch(p -> p.what().condition() == only);
        assertThat(propose(slow, at(Set.of(), Optional.empty()))).isEmpty();
    }

    @Test
    void nothingTellsMoreThanThereIsToKnowOrLessThanNothing() {
        Posterior posterior = posterior(PREPARED, slow);
        double entropy = posterior.explanations().stream()
                .mapToDouble(Explanation::probability)
                .filter(p -> p > 0)
                .map(p -> -p * Math.log(p) / Math.log(2))
                .sum();
        assertThat(propose(slow, at(ALL, Optional.empty())))
                .allSatisfy(p -> assertThat(p.bits()).isBetween(0.0, entropy));
    }

    @Test
    void theBestWorthComesFirst() {
        List<Proposal> all = propose(slow, at(ALL, Optional.empty()));
        assertThat(all).isSortedAccordingTo((a, b) -> Double.compare(b.worth(), a.worth()));
        assertThat(propose(slow, at(ALL, Optional.empty()), 3)).isEqualTo(all.subList(0, 3));
    }

    @Test
    void aPointThatIsHarderToReachCostsMoreAndTellsTheSame() {
        Workplace cranking = at(Set.of(Condition.CRANKING), Optional.empty());
        Proposal before = propose(slow, cranking).get(0);
        PointId red = ((Observable.Volts) before.what()).red();
        Access was = CAR.point(red).orElseThrow().access();
        PreparedCircuit harder = PreparedCircuit.of(new CircuitEdit.SetAccess(red, Access.FROM_BELOW).applyTo(CAR), 20);
        List<Proposal> others = InformationPlanner.propose(posterior(harder, slow), cranking, MANY);
        assertThat(others.get(0).what()).as("another is worth more now").isNotEqualTo(before.what());
        others.stream()
                .filter(p -> p.what().equals(before.what()))
                .forEach(p -> assertThat(p.bits()).isCloseTo(before.bits(), within(1e-9)));
        assertThat(was.cost()).isLessThan(Access.FROM_BELOW.cost());
        assertThat(Cost.of(harder.circuit(), before.what(), Optional.empty()))
                .isGreaterThan(Cost.of(CAR, before.what(), Optional.empty()));
    }

    @Test
    void leadsThatStandThereAlreadyNeedNotBeMoved() {
        Observable.Volts across = volts("post-plus", "motor-stud", Condition.CRANKING);
        double anew = Cost.of(CAR, across, Optional.empty());
        double there = Cost.of(CAR, across, Optional.of(volts("post-plus", "motor-stud", Condition.REST)));
        assertThat(anew - there)
                .isEqualTo(access("post-plus") + access("motor-stud"))
                .isPositive();
    }

    @Test
    void anAmmeterIsOfferedOnlyWhereThereIsOne() {
        List<Observation> flat = List.of(
                volts(1, Condition.REST, "post-plus", "post-minus", 12.02),
                volts(2, Condition.REST, "bplus", "alternator-case", 12.02),
                volts(3, Condition.REST, "post-plus", "alternator-case", 12.02),
                volts(4, Condition.REST, "post-plus", "trigger", 12.02));
        Workplace without = new Workplace(Set.of(Condition.REST), false, Optional.empty());
        Workplace with = new Workplace(Set.of(Condition.REST), true, Optional.empty());
        assertThat(propose(flat, without, 200)).allMatch(p -> p.what().isVolts());
        assertThat(propose(flat, with, 200)).anyMatch(p -> !p.what().isVolts());
    }

    private static int access(String point) {
        return CAR.point(PointId.of(point)).orElseThrow().access().cost();
    }

    private static List<Proposal> propose(List<Observation> readings, Workplace workplace) {
        return propose(readings, workplace, MANY);
    }

    private static List<Proposal> propose(List<Observation> readings, Workplace workplace, int most) {
        return InformationPlanner.propose(posterior(PREPARED, readings), workplace, most);
    }

    private static Posterior posterior(PreparedCircuit prepared, List<Observation> readings) {
        return Posterior.of(prepared, new Evidence(readings, Complaint.STARTING, Optional.empty(), false, false));
    }

    private static Workplace at(Set<Condition> conditions, Optional<Observable.Volts> last) {
        return new Workplace(conditions, false, last);
    }

    private static Observable.Volts volts(String red, String black, Condition condition) {
        return new Observable.Volts(condition, PointId.of(red), PointId.of(black));
    }

    private static Observation volts(int id, Condition condition, String red, String black, double value) {
        return new Observation(new UUID(9, id), volts(red, black, condition), value, 0.01);
    }
}
