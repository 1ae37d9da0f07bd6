package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The search for pairs looks at a few of them; held against looking at every one. */
class PairSearchTest extends CarInference {
    private static final int HEALTHY = 0;

    @ParameterizedTest
    @CsvSource({
        "starter-cable, 0.012, post-joint-minus, 0.010",
        "post-joint-plus, 0.006, starter-mount, 0.015",
        "starter-cable, 0.004, post-joint-minus, 0.030"
    })
    void whatLookingAtEveryPairLikesBestIsAmongTheLikeliestExplanations(
            String one, double oneOhms, String other, double otherOhms) {
        List<Observation> readings = read(
                new Fault.AddedResistance(PartId.of(one), oneOhms),
                new Fault.AddedResistance(PartId.of(other), otherOhms));
        Evidence evidence = Evidence.of(readings);
        Fitter fitter = new Fitter(PREPARED, Evidence.of(readings));
        PairSearch search = new PairSearch(PREPARED, evidence, fitter, LearnedPriors.of(PREPARED, evidence));
        List<PairSearch.Lead> found = search.pairs(singles(fitter));
        PairSearch.Lead best = everyPair(fitter, search).stream()
                .max(Comparator.comparingDouble(PairSearch.Lead::logWeight))
                .orElseThrow();
        assertThat(found)
                .hasSizeLessThanOrEqualTo(Marks.PAIRS_LOOKED_AT)
                .isSortedAccordingTo((a, b) -> Double.compare(b.logWeight(), a.logWeight()));
        List<Explanation> explained = Posterior.of(PREPARED, evidence).explanations();
        double top = explained.get(0).probability();
        assertThat(explained.get(0).pair()).isTrue();
        assertThat(explained.stream()
                        .filter(e -> Set.copyOf(e.parts(PREPARED)).equals(Set.copyOf(parts(best))))
                        .mapToDouble(Explanation::probability)
                        .max()
                        .orElse(0))
                .as("%s, which looking at every pair likes best", parts(best))
                .isGreaterThan(0.3 * top);
    }

    /** Nothing is added to the readings: what a pair comes to is the same whichever of the two is named first. */
    @ParameterizedTest
    @CsvSource({"starter-cable, 0.012, ground-joint-block, 0.010"})
    void aPairIsTheSameEitherWayRound(String one, double oneOhms, String other, double otherOhms) {
        List<Observation> readings = read(
                new Fault.AddedResistance(PartId.of(one), oneOhms),
                new Fault.AddedResistance(PartId.of(other), otherOhms));
        Fitter fitter = new Fitter(PREPARED, Evidence.of(readings));
        PairSearch.Lead best = new PairSearch(
                        PREPARED, Evidence.of(readings), fitter, LearnedPriors.of(PREPARED, Evidence.of(readings)))
                .pairs(singles(fitter))
                .get(0);
        double forwards = logDensity(fitter, best.first(), best.second());
        assertThat(logDensity(fitter, best.second(), best.first())).isCloseTo(forwards, within(1e-6));
    }

    private static double logDensity(Fitter fitter, int first, int second) {
        assertThat(fitter.load(first, second) && fitter.quick()).isTrue();
        return fitter.gaussian.logDensity;
    }

    private static List<PairSearch.Single> singles(Fitter fitter) {
        List<PairSearch.Single> all = new ArrayList<>();
        for (int h = HEALTHY + 1; h < PREPARED.hypotheses().size(); h++) {
            if (fitter.load(h, Explanation.NONE) && fitter.quick()) {
                all.add(new PairSearch.Single(h, PREPARED.hypotheses().get(h).logPrior() + fitter.gaussian.logDensity));
            }
        }
        return all;
    }

    private static List<PairSearch.Lead> everyPair(Fitter fitter, PairSearch search) {
        List<PairSearch.Lead> all = new ArrayList<>();
        int size = PREPARED.hypotheses().size();
        for (int first = HEALTHY + 1; first < size; first++) {
            for (int second = first + 1; second < size; second++) {
                boolean apart = !PREPARED.hypotheses()
                        .get(first)
                        .parts()
                        .equals(PREPARED.hypotheses().get(second).parts());
                if (apart && fitter.load(first, second) && fitter.quick()) {
                    all.add(new PairSearch.Lead(
                            first, second, search.logPrior(first, second) + fitter.gaussian.logDensity));
                }
            }
        }
        return all;
    }

    private static List<PartId> parts(PairSearch.Lead pair) {
        List<PartId> parts =
                new ArrayList<>(PREPARED.hypotheses().get(pair.first()).parts());
        parts.addAll(PREPARED.hypotheses().get(pair.second()).parts());
        return parts;
    }

    /** What a meter shows on a solved vehicle: at rest, over both sides, and across every part of the way. */
    private List<Observation> read(Fault... faults) {
        VehicleState state = VehicleState.healthy();
        for (Fault fault : faults) {
            state = state.with(fault);
        }
        NetworkSolver solver = new NetworkSolver(CAR);
        List<Observation> all = new ArrayList<>();
        all.add(read(solver, state, Condition.REST, "post-plus", "post-minus"));
        for (String[] pair : new String[][] {
            {"post-plus", "post-minus"},
            {"post-plus", "motor-stud"},
            {"starter-case", "post-minus"},
            {"post-plus", "battery-stud"},
            {"block", "post-minus"},
            {"clamp-plus", "battery-stud"}
        }) {
            all.add(read(solver, state, Condition.CRANKING, pair[0], pair[1]));
        }
        return all;
    }

    private Observation read(NetworkSolver solver, VehicleState state, Condition condition, String red, String black) {
        OperatingPoint point = solver.solve(condition, state).orThrow();
        double shown = point.between(PointId.of(red), PointId.of(black));
        String digits = Math.abs(shown) < 2 ? "%.3f" : "%.2f";
        return volts(condition, red, black, Double.parseDouble(String.format(Locale.ROOT, digits, shown)));
    }
}
