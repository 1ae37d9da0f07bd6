package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.Margin;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Optional;

/**
 * The return side without a long lead: the posts in one crank, + post to engine metal in another; what the second shows
 * less is lost on the way back. Two cranks are never quite the same, so on short cables it only warns, and it never
 * condemns.
 */
public final class TwoCranks {
    private TwoCranks() {}

    /** Where black goes for the second crank: clean engine metal, before the way back begins. */
    public static PointId metal(SeriesLoop loop) {
        return loop.returns().get(0).to();
    }

    static Optional<FigureVerdict> judged(Stated stated) {
        SeriesLoop loop = stated.record().loop();
        List<Part> back = loop.returns().subList(1, loop.returns().size());
        PointId plus = loop.battery().positivePost();
        Optional<Reading> posts = newest(stated.record(), plus, loop.battery().negativePost());
        Optional<Reading> metal = newest(stated.record(), plus, metal(loop));
        return posts.isEmpty() || metal.isEmpty() || back.isEmpty()
                ? Optional.empty()
                : Optional.of(compared(stated, back, posts.get(), metal.get()));
    }

    private static FigureVerdict compared(Stated stated, List<Part> back, Reading posts, Reading metal) {
        double high = Math.abs(posts.volts());
        double drop = high - Math.abs(metal.volts());
        double error = Quantile.COVERAGE
                * Math.sqrt(Math.pow(MeterError.standardVolts(posts), 2)
                        + Math.pow(MeterError.standardVolts(metal), 2)
                        + 2 * Math.pow(Marks.ASSUMED_CRANK_TO_CRANK * high, 2));
        double upper = HealthyDrop.of(
                        new Stretch(back, false, true),
                        stated.record().loop().crankingAmps(),
                        posts.amps().or(metal::amps).filter(a -> a > 0),
                        stated.record().celsius())
                .upperVolts();
        boolean much = drop - error > upper && !Margin.near(drop, upper, error);
        Sign sign = drop + error < upper ? Sign.GOOD : much ? Sign.SUSPECT : Sign.SAYS_LITTLE;
        FigureReason meaning = switch (sign) {
            case GOOD -> FigureReason.LITTLE_LOST;
            case SUSPECT -> FigureReason.MUCH_LOST;
            default -> FigureReason.TOO_COARSE;
        };
        return new FigureVerdict(
                List.of(),
                FigureName.TWO_CRANKS.with(),
                "%s ± %s".formatted(Amount.volts(drop, 0.01), Amount.volts(error, 0.01)),
                sign,
                FigureReason.BY_TWO_CRANKS.with(Stated.volts(posts), Stated.volts(metal), Quantity.volts(upper)),
                meaning.with());
    }

    private static Optional<Reading> newest(CaseRecord record, PointId one, PointId other) {
        return record.newest(one, other, Condition.CRANKING);
    }
}
