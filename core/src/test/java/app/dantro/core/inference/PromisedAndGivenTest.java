package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Results are drawn as the explanations foretell them, entered, and what was promised is held against what is then said. */
class PromisedAndGivenTest extends CarInference {
    private static final int DRAWS = 160;
    private static final double MAY_DIFFER = 0.08;

    private final Random dice = new Random(5);
    private final List<Double> promised = new ArrayList<>();
    private final List<Double> given = new ArrayList<>();
    private int accusing;
    private int healthyAccused;

    @Test
    void whatAResultIsSaidToMeanIsWhatItThenMeans() {
        List<Observation> sick = sickCar();
        List<List<Observation>> cases = List.of(sick.subList(0, 1), sick.subList(0, 2), sick.subList(0, 3));
        for (List<Observation> taken : cases) {
            for (Observable next : next()) {
                draw(taken, next);
            }
        }
        assertThat(promised).hasSizeGreaterThan(100);
        double off = 0;
        for (int i = 0; i < promised.size(); i++) {
            off += given.get(i) - promised.get(i);
        }
        assertThat(off / promised.size()).as("given less promised, on average").isCloseTo(0, within(MAY_DIFFER));
        assertThat(accusing).isGreaterThan(20);
        assertThat(healthyAccused / (double) accusing)
                .as("share of accusing results that a healthy vehicle showed")
                .isLessThan(0.05);
    }

    private List<Observable> next() {
        return List.of(
                new Observable.Volts(Condition.CRANKING, PointId.of("post-plus"), PointId.of("battery-stud")),
                new Observable.Volts(Condition.CRANKING, PointId.of("post-plus"), PointId.of("clamp-plus")),
                new Observable.Volts(Condition.CRANKING, PointId.of("battery-stud"), PointId.of("motor-stud")),
                new Observable.Volts(Condition.CRANKING, PointId.of("block"), PointId.of("post-minus")));
    }

    private void draw(List<Observation> taken, Observable next) {
        Posterior posterior = Posterior.of(PREPARED, Evidence.of(taken));
        List<Prospect> prospects = Outlook.of(posterior).prospects(next);
        for (int i = 0; i < DRAWS; i++) {
            Explanation truth = drawn(posterior);
            Forecast.Expected expected = posterior.forecast(truth).expected(next, Display.resolution(next, 0));
            double value = expected.mean() + Math.sqrt(expected.variance()) * dice.nextGaussian();
            double digit = Display.resolution(next, value);
            double shown = Math.rint(value / digit) * digit;
            prospects.stream()
                    .filter(p -> shown >= p.lowValue()
                            && shown < p.highValue()
                            && !p.parts().isEmpty())
                    .findFirst()
                    .ifPresent(p -> compare(p, truth, taken, next, shown));
        }
    }

    private void compare(Prospect p, Explanation truth, List<Observation> taken, Observable next, double shown) {
        Observation read =
                new Observation(new java.util.UUID(3, names++), next, shown, Display.resolution(next, shown));
        Posterior after = Posterior.of(PREPARED, Evidence.of(with(taken, read)));
        p.named(0.25).forEach(part -> {
            promised.add(p.parts().get(part));
            given.add(after.probability(part));
        });
        if (p.accuses()) {
            accusing++;
            healthyAccused += truth.healthy() ? 1 : 0;
        }
    }

    private Explanation drawn(Posterior posterior) {
        double left = dice.nextDouble();
        for (Explanation e : posterior.explanations()) {
            left -= e.probability();
            if (left <= 0) {
                return e;
            }
        }
        return posterior.explanations().get(0);
    }
}
