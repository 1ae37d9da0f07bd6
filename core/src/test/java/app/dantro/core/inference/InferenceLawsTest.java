package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.ResponseSolver;
import app.dantro.core.network.VehicleState;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Laws that hold whatever the numbers are. */
class InferenceLawsTest {
    private static final Circuit CAR = ReadyMadeCircuits.reference("reference-car", Sensing.INTERNAL);
    private static final PreparedCircuit PREPARED = PreparedCircuit.of(CAR, 20);
    private static final PartId CABLE = PartId.of("starter-cable");

    private long names;

    @Test
    void aPosteriorSumsToOne() {
        Random random = new Random(1);
        for (int i = 0; i < 20; i++) {
            List<Observation> some = new ArrayList<>();
            for (int n = 0; n < 1 + random.nextInt(6); n++) {
                some.add(volts(Condition.CRANKING, "post-plus", "post-minus", 14 * random.nextDouble()));
                some.add(volts(Condition.CRANKING, "starter-case", "post-minus", 3 * random.nextDouble()));
            }
            Posterior posterior = Posterior.of(PREPARED, Evidence.of(some));
            assertThat(posterior.explanations().stream()
                            .mapToDouble(Explanation::probability)
                            .sum())
                    .isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void aReadingThatEveryHypothesisExpectsAlikeChangesNothing() { // but for an open mount, which would float
        Map<PartId, Double> before =
                Posterior.of(PREPARED, Evidence.of(List.of())).probabilities();
        Observation nothingFlows = volts(Condition.REST, "starter-case", "block", 0.0);
        Map<PartId, Double> after =
                Posterior.of(PREPARED, Evidence.of(List.of(nothingFlows))).probabilities();
        before.forEach((part, p) -> {
            if (!part.equals(PartId.of("starter-mount"))) {
                assertThat(after.get(part)).as("%s", part).isCloseTo(p, within(2e-3));
            }
        });
    }

    @Test
    void theOrderOfReadingsDoesNotMatter() {
        List<Observation> readings = new ArrayList<>(sickCar());
        Map<PartId, Double> first =
                Posterior.of(PREPARED, Evidence.of(readings)).probabilities();
        Collections.reverse(readings);
        Map<PartId, Double> second =
                Posterior.of(PREPARED, Evidence.of(readings)).probabilities();
        first.forEach((part, p) -> assertThat(second.getOrDefault(part, 0.0)).isCloseTo(p, within(1e-6)));
    }

    @Test
    void theSameReadingSentTwiceCountsOnceAndReadTwiceItIsNoIndependentEvidence() {
        Observation drop = volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 0.30);
        Observation again = volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 0.30);
        List<Observation> others = sickCar().subList(0, 2);
        double once = oddsOfCable(with(others, drop));
        assertThat(oddsOfCable(with(others, drop, drop))).isCloseTo(once, within(1e-9));
        double independent = once * once / oddsOfCable(others);
        assertThat(oddsOfCable(with(others, drop, again))).isBetween(once, independent);
    }

    @Test
    void swappedPointsWithASwappedSignChangeNothing() {
        List<Observation> readings = sickCar();
        List<Observation> swapped = readings.stream()
                .map(o -> {
                    Observable.Volts v = (Observable.Volts) o.what();
                    return new Observation(
                            o.reading(),
                            new Observable.Volts(v.condition(), v.black(), v.red()),
                            -o.value(),
                            o.resolution());
                })
                .toList();
        Map<PartId, Double> first =
                Posterior.of(PREPARED, Evidence.of(readings)).probabilities();
        Map<PartId, Double> second =
                Posterior.of(PREPARED, Evidence.of(swapped)).probabilities();
        first.forEach((part, p) -> assertThat(second.getOrDefault(part, 0.0)).isCloseTo(p, within(1e-6)));
    }

    @Test
    void noReadingIsExpectedToTellLessThanNothingOrMoreThanThereIsToKnow() {
        Outlook outlook =
                Outlook.of(Posterior.of(PREPARED, Evidence.of(sickCar().subList(0, 2))));
        List<PointId> points = CAR.points().stream().map(p -> p.id()).toList();
        for (int i = 0; i < points.size(); i += 2) {
            for (int j = i + 1; j < points.size(); j += 3) {
                Observable what = new Observable.Volts(Condition.CRANKING, points.get(i), points.get(j));
                assertThat(outlook.bits(what)).isBetween(0.0, outlook.nameBits() + 0.05);
                assertThat(outlook.roughBits(what)).isBetween(0.0, outlook.nameBits() + 1e-9);
                assertThat(outlook.prospects(what).stream()
                                .mapToDouble(Prospect::probability)
                                .sum())
                        .isLessThanOrEqualTo(1 + 1e-9);
            }
        }
    }

    @Test
    void aGrossSlipIsTakenForASlipAndNotForAFault() {
        List<Observation> healthy = List.of(
                volts(Condition.REST, "post-plus", "post-minus", 12.58),
                volts(Condition.CRANKING, "post-plus", "post-minus", 11.50),
                volts(Condition.CRANKING, "starter-case", "block", 0.016),
                volts(Condition.CRANKING, "block", "post-minus", 0.084),
                volts(Condition.CRANKING, "starter-case", "post-minus", 1.00));
        Posterior posterior = Posterior.of(PREPARED, Evidence.of(healthy));
        assertThat(posterior.slip(4)).isGreaterThan(0.9);
        assertThat(posterior.slip(1)).isLessThan(0.05);
    }

    @Test
    void grossSlipsOneAfterAnotherDoNotHideTheExplanationThatNeedsThemAll() {
        List<Observation> healthy = List.of(
                volts(Condition.REST, "post-plus", "post-minus", 12.58),
                volts(Condition.CRANKING, "post-plus", "post-minus", 11.50),
                volts(Condition.CRANKING, "starter-case", "block", 16.0),
                volts(Condition.CRANKING, "starter-case", "block", 0.016),
                volts(Condition.CRANKING, "block", "post-minus", -0.084),
                volts(Condition.CRANKING, "block", "post-minus", 0.084),
                volts(Condition.CRANKING, "starter-case", "post-minus", 0.010),
                volts(Condition.CRANKING, "starter-case", "post-minus", 0.100));
        Posterior posterior = Posterior.of(PREPARED, Evidence.of(healthy));
        assertThat(List.of(posterior.slip(2), posterior.slip(4), posterior.slip(6)))
                .allSatisfy(slip -> assertThat(slip).isGreaterThan(0.9));
        Posterior clean = Posterior.of(
                PREPARED,
                Evidence.of(List.of(healthy.get(0), healthy.get(1), healthy.get(3), healthy.get(5), healthy.get(7))));
        assertThat(posterior.healthy()).isCloseTo(clean.healthy(), within(0.02));
    }

    @Test
    void withoutAReadingThereIsAlwaysAnAnswerEvenWhereOnlyAPairExplainsTheRest() {
        List<Observation> twoFaults = new ArrayList<>(List.of(
                volts(Condition.REST, "post-plus", "post-minus", 12.58),
                volts(Condition.CRANKING, "post-plus", "post-minus", 12.02)));
        for (int again = 0; again < 5; again++) {
            twoFaults.add(volts(Condition.CRANKING, "starter-case", "block", 1.513 + 0.01 * again));
            twoFaults.add(volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 2.231 - 0.01 * again));
        }
        Posterior posterior = Posterior.of(PREPARED, Evidence.of(twoFaults));
        assertThat(posterior.explanations().get(0).pair()).isTrue();
        for (Observation o : twoFaults) {
            assertThat(posterior.without(o.reading()).explanations().stream()
                            .mapToDouble(Explanation::probability)
                            .sum())
                    .isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void aDisplayThatWaversByTwoDigitsIsNoContradiction() {
        Posterior posterior = Posterior.of(
                PREPARED,
                Evidence.of(List.of(
                        volts(Condition.ENGINE_OFF_LOAD, "post-plus", "post-minus", 12.40),
                        volts(Condition.ENGINE_OFF_LOAD, "post-plus", "post-minus", 12.42))));
        assertThat(posterior.slip(0) + posterior.slip(1)).isLessThan(0.2);
    }

    @Test
    void theDropOfAPartPutsItsResistanceIntoTheInterval() {
        List<Observation> readings = with(
                sickCar(),
                volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 0.790),
                new Observation(new UUID(5, 5), new Observable.Amps(Condition.CRANKING), 154, 1));
        Posterior posterior = Posterior.of(PREPARED, Evidence.of(readings));
        ResistanceBelief belief = ResistanceBelief.of(
                PREPARED, posterior.forecasts(40), CAR.part(CABLE).orElseThrow());
        assertThat(posterior.probability(CABLE)).isGreaterThan(0.9);
        assertThat(0.790 / 154).isBetween(belief.lowOhms(), belief.highOhms());
        assertThat(belief.medianOhms()).isCloseTo(0.790 / 154, within(0.15 * 0.790 / 154));
    }

    @Test
    void slopesAgreeWithSolvingTheMovedVehicle() {
        ResponseSolver responses = new ResponseSolver(CAR, 0.01);
        NetworkSolver solver = new NetworkSolver(CAR);
        VehicleState state = VehicleState.healthy().with(CABLE, 0.02);
        double[] means = new double[responses.outputs()];
        double[] slopes = new double[responses.outputs() * responses.numbers()];
        for (Condition condition : List.of(Condition.CRANKING, Condition.RAISED_LOADED)) {
            assertThat(responses.respond(condition, state, state, means, slopes))
                    .isTrue();
            for (int k = 0; k < solver.nuisances(); k++) {
                double[] sigmas = new double[solver.nuisances()];
                sigmas[k] = 0.01;
                OperatingPoint moved = solver.solve(condition, state, sigmas).orThrow();
                for (var point : CAR.points()) {
                    int at = responses.potential(point.id());
                    if (at >= 0) {
                        assertThat(means[at] + slopes[at * responses.numbers() + k])
                                .as("%s in %s, number %d", point.id(), condition, k)
                                .isCloseTo(moved.at(point.id()), within(2e-5));
                    }
                }
            }
        }
    }

    /** Half the way between the vehicles one standard deviation up and down; a battery's charge moves volts and ohms. */
    @Test
    void fullStepsOfABatterysChargeAgreeWithSolvedVehicles() {
        double sigmas = 1.5;
        Circuit twin = ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
        for (Circuit circuit : List.of(CAR, twin)) {
            ResponseSolver responses = new ResponseSolver(circuit, sigmas);
            NetworkSolver solver = new NetworkSolver(circuit);
            double[] means = new double[responses.outputs()];
            double[] slopes = new double[responses.outputs() * responses.numbers()];
            VehicleState state = VehicleState.healthy();
            assertThat(responses.respond(Condition.REST, state, state, means, slopes))
                    .isTrue();
            int charge = circuit.parts().size();
            double[] moved = new double[solver.nuisances()];
            moved[charge] = sigmas;
            double up = delivered(solver.solve(Condition.REST, state, moved).orThrow(), circuit);
            moved[charge] = -sigmas;
            double down = delivered(solver.solve(Condition.REST, state, moved).orThrow(), circuit);
            assertThat(slopes[responses.batteryAmps() * responses.numbers() + charge])
                    .as(circuit.id())
                    .isCloseTo((up - down) / 2, within(0.02));
        }
    }

    private static double delivered(OperatingPoint point, Circuit circuit) {
        return circuit.batteries().stream().mapToDouble(b -> point.amps(b.id())).sum();
    }

    @Test
    void leavingAReadingOutIsWorkingWithoutIt() {
        double[] covariance = {4, 3, 1, 3, 9, 2, 1, 2, 5};
        double[] difference = {1, 5, -2};
        Gaussian left = new Gaussian(3);
        left.compute(covariance, 3, difference, new int[] {0, 1, 2}, 3);
        left.drop(1);
        Gaussian without = new Gaussian(3);
        without.compute(covariance, 3, difference, new int[] {0, 2}, 2);
        assertThat(left.logDensity).isCloseTo(without.logDensity, within(1e-12));
        assertThat(left.distance).isCloseTo(without.distance, within(1e-12));
        assertThat(left.surprise(2)).isCloseTo(without.surprise(1), within(1e-12));
        assertThat(left.variance(0)).isCloseTo(without.variance(0), within(1e-12));
    }

    @Test
    void theConditionalOfTwoCorrelatedReadingsIsTheTextbooks() {
        double[] covariance = {4, 3, 3, 9};
        Gaussian gaussian = new Gaussian(2);
        assertThat(gaussian.compute(covariance, 2, new double[] {1, 5}, new int[] {0, 1}, 2))
                .isTrue();
        assertThat(gaussian.variance(1)).isCloseTo(9 - 3 * 3 / 4.0, within(1e-12));
        assertThat(gaussian.surprise(1)).isCloseTo(5 - 3 / 4.0 * 1, within(1e-12));
        double determinant = 4 * 9 - 3 * 3;
        double distance = (9 * 1 - 2 * 3 * 5 + 4 * 25) / determinant;
        assertThat(gaussian.logDensity)
                .isCloseTo(-0.5 * (distance + Math.log(determinant) + 2 * Math.log(2 * Math.PI)), within(1e-12));
        assertThat(gaussian.compute(new double[] {1, 2, 2, 1}, 2, new double[] {0, 0}, new int[] {0, 1}, 2))
                .isFalse();
    }

    /** Readings of the reference car with 5 mΩ in its starter cable. */
    private List<Observation> sickCar() {
        return List.of(
                volts(Condition.REST, "post-plus", "post-minus", 12.58),
                volts(Condition.CRANKING, "post-plus", "post-minus", 11.53),
                volts(Condition.CRANKING, "post-plus", "motor-stud", 0.96),
                volts(Condition.CRANKING, "starter-case", "post-minus", 0.095));
    }

    private double oddsOfCable(List<Observation> readings) {
        double p = Posterior.of(PREPARED, Evidence.of(readings)).probability(CABLE);
        return p / (1 - p);
    }

    private static List<Observation> with(List<Observation> readings, Observation... more) {
        List<Observation> all = new ArrayList<>(readings);
        all.addAll(List.of(more));
        return all;
    }

    private Observation volts(Condition condition, String red, String black, double value) {
        Observable what = new Observable.Volts(condition, PointId.of(red), PointId.of(black));
        return new Observation(new UUID(2, names++), what, value, Display.resolution(what, value));
    }
}
