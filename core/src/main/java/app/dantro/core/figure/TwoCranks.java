package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.Margin;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The return side without a long lead: the posts in one crank, + post to engine metal in another; what the second shows
 * less is lost on the way back. Two cranks are never quite the same, so on short cables it only warns, and it never
 * condemns.
 */
public final class TwoCranks {
    /** From crank to crank the posts differ by about this share, as a standard deviation. */
    private static final double ASSUMED_CRANK_TO_CRANK = 0.006;

    private static final double COVERAGE = 2;

    private TwoCranks() {}

    /** Where black goes for the second crank: clean engine metal, before the way back begins. */
    public static PointId metal(SeriesLoop loop) {
        return loop.returns().get(0).to();
    }

    public static Optional<FigureVerdict> verdict(CaseRecord evidence) {
        SeriesLoop loop = evidence.loop();
        List<Part> back = loop.returns().subList(1, loop.returns().size());
        PointId plus = loop.battery().positivePost();
        Optional<Reading> posts = newest(evidence, plus, loop.battery().negativePost());
        Optional<Reading> metal = newest(evidence, plus, metal(loop));
        if (posts.isEmpty() || metal.isEmpty() || back.isEmpty()) {
            return Optional.empty();
        }
        double high = Math.abs(posts.get().volts());
        double low = Math.abs(metal.get().volts());
        double drop = high - low;
        double error = COVERAGE
                * Math.sqrt(Math.pow(MeterError.standardVolts(posts.get()), 2)
                        + Math.pow(MeterError.standardVolts(metal.get()), 2)
                        + 2 * Math.pow(ASSUMED_CRANK_TO_CRANK * high, 2));
        HealthyDrop healthy = HealthyDrop.of(
                new Stretch(back, false, true),
                loop.crankingAmps(),
                posts.get().amps().or(() -> metal.get().amps()).filter(a -> a > 0),
                evidence.celsius());
        double upper = healthy.upperVolts();
        Sign sign = drop + error < upper
                ? Sign.GOOD
                : drop - error > upper && !Margin.near(drop, upper, error) ? Sign.SUSPECT : Sign.SAYS_LITTLE;
        String meaning = switch (sign) {
            case GOOD -> "Nothing of note is lost on the way back.";
            case SUSPECT -> "Too much is lost on the way back: read it directly, leads at both ends.";
            default -> "That is too coarse to tell: read the return side directly.";
        };
        return Optional.of(new FigureVerdict(
                List.of(),
                "Return side by two cranks",
                "%s ± %s".formatted(Amount.volts(drop, 0.01), Amount.volts(error, 0.01)),
                sign,
                "%s at the posts less %s from + post to engine metal. A healthy way back loses up to %s. %s"
                        .formatted(
                                Amount.volts(high, posts.get().resolutionVolts()),
                                Amount.volts(low, metal.get().resolutionVolts()),
                                Amount.volts(upper),
                                meaning)));
    }

    private static Optional<Reading> newest(CaseRecord evidence, PointId one, PointId other) {
        return evidence.counted().stream()
                .filter(r -> r.condition() == Condition.CRANKING)
                .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(one, other)))
                .reduce((first, second) -> second);
    }
}
