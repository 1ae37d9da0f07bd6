package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Slips are told from faults, and display digits from contradictions. */
class SlipLawsTest extends CarInference {
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
        assertThat(posterior.healthy()).isBetween(0.5, clean.healthy());
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
        posterior
                .withoutEach(readings(twoFaults))
                .forEach((reading, parts) -> assertThat(parts)
                        .hasSizeGreaterThan(1)
                        .allSatisfy(
                                (part, probability) -> assertThat(probability).isBetween(0.0, 1 + 1e-9)));
    }

    @Test
    void leavingReadingsOutOfOneFitSaysWhatFittingWithoutThemSays() {
        Evidence evidence = Evidence.of(List.of(
                volts(Condition.REST, "post-plus", "post-minus", 12.58),
                volts(Condition.CRANKING, "post-plus", "post-minus", 11.02),
                new Observation(UUID.randomUUID(), new Observable.Amps(Condition.CRANKING, Optional.empty()), 131, 1),
                volts(Condition.CRANKING, "starter-case", "block", 0.021),
                volts(Condition.CRANKING, "starter-case", "post-minus", 1.31),
                volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 0.093),
                volts(Condition.CRANKING, "block", "post-minus", 0.132)));
        PosteriorSearch whole = new PosteriorSearch(PREPARED, evidence);
        whole.all();
        List<UUID> apart = readings(evidence.observations()).stream()
                .filter(reading -> LeftOut.apart(evidence, reading))
                .toList();
        assertThat(apart).hasSize(6);
        new LeftOut(whole, apart).explanations(true).forEach((reading, atOnce) -> {
            Map<PartId, Double> anew =
                    byPart(new PosteriorSearch(PREPARED, evidence.without(reading)).lessThan(whole, true));
            assertThat(byPart(atOnce).keySet()).isEqualTo(anew.keySet());
            byPart(atOnce)
                    .forEach((part, probability) -> assertThat(probability).isCloseTo(anew.get(part), within(1e-9)));
        });
    }

    private static Map<PartId, Double> byPart(List<Explanation> explanations) {
        Map<PartId, Double> sums = new HashMap<>();
        explanations.forEach(e -> e.parts(PREPARED).forEach(part -> sums.merge(part, e.probability(), Double::sum)));
        return sums;
    }

    private static List<UUID> readings(List<Observation> observations) {
        return observations.stream().map(Observation::reading).distinct().toList();
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
}
