package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Laws that hold whatever the numbers are. */
class InferenceLawsTest extends CarInference {
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
        Observation drop = volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 0.80);
        Observation again = volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 0.80);
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

    private double oddsOfCable(List<Observation> readings) {
        double p = Posterior.of(PREPARED, Evidence.of(readings)).probability(CABLE);
        return p / (1 - p);
    }
}
