package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What the charging voltage does from step to step (docs/job.md, test 14 and test 15). */
final class VoltageSteps {
    private VoltageSteps() {}

    /** Regulated voltage against the base voltage. */
    static Optional<FigureVerdict> rise(Stated stated) {
        return difference(stated, Condition.RAISED, Condition.REST).map(d -> {
            Sign sign = riseSign(stated, d);
            return new FigureVerdict(
                    List.of(Topic.STRATEGY),
                    FigureName.RISE.with(),
                    d.shown(),
                    sign,
                    FigureReason.OVER_BASE.with(d.to, d.from),
                    riseMeaning(stated, d, sign));
        });
    }

    private static Sign riseSign(Stated stated, Difference d) {
        if (d.volts < Marks.LEAST_RISE_VOLTS * stated.blocks()) {
            return stated.said().says(Topic.STRATEGY, Answer.SMART) ? Sign.SAYS_LITTLE : Sign.SUSPECT;
        }
        if (d.toVolts > mostVolts(stated)) {
            return Sign.FAILS;
        }
        boolean much = d.volts > Marks.MOST_RISE_VOLTS * stated.blocks() + Marks.ASSUMED_RISE_SLACK_VOLTS;
        return much ? Sign.SUSPECT : Sign.GOOD;
    }

    private static Reason riseMeaning(Stated stated, Difference d, Sign sign) {
        return switch (sign) {
            case GOOD -> (stated.blocks() > 1 ? FigureReason.CHARGES_DOUBLED : FigureReason.CHARGES).with();
            case FAILS -> FigureReason.OVERCHARGES.with(Quantity.volts(mostVolts(stated)));
            case SAYS_LITTLE -> FigureReason.SMART_RESTS.with();
            default ->
                (d.volts < Marks.LEAST_RISE_VOLTS * stated.blocks()
                                ? FigureReason.BELOW_BASE_AND_HALF
                                : FigureReason.MORE_THAN_USUAL)
                        .with();
        };
    }

    private static double mostVolts(Stated stated) {
        boolean higher = stated.said().says(Topic.STRATEGY, Answer.SMART)
                || stated.said().says(Topic.STRATEGY, Answer.CALCIUM);
        return (higher ? Marks.SMART_MOST_VOLTS : Marks.CLASSIC_MOST_VOLTS) * stated.blocks();
    }

    static Optional<FigureVerdict> loadedRise(Stated stated) {
        return difference(stated, Condition.RAISED_LOADED, Condition.REST).map(d -> {
            boolean holds = d.volts >= Marks.LEAST_RISE_VOLTS * stated.blocks();
            return new FigureVerdict(
                    List.of(),
                    FigureName.LOADED_RISE.with(),
                    d.shown(),
                    holds ? Sign.GOOD : Sign.SUSPECT,
                    FigureReason.OVER_BASE.with(d.to, d.from),
                    (holds ? FigureReason.BASE_AND_HALF_KEPT : FigureReason.UNDER_BASE_AND_HALF).with());
        });
    }

    /** The voltage must not climb with the speed. */
    static Optional<FigureVerdict> climb(Stated stated) {
        return difference(stated, Condition.HIGH_SPEED, Condition.RAISED)
                .or(() -> difference(stated, Condition.RAISED, Condition.IDLE))
                .map(d -> {
                    boolean climbs = d.volts > Marks.CLIMB_VOLTS * stated.blocks();
                    boolean dead = !climbs && !charges(stated);
                    return new FigureVerdict(
                            List.of(),
                            FigureName.WITH_SPEED.with(),
                            d.shown(),
                            climbs ? Sign.SUSPECT : dead ? Sign.SAYS_LITTLE : Sign.GOOD,
                            FigureReason.AGAINST_LOWER_SPEED.with(d.to, d.from),
                            (climbs ? FigureReason.CLIMBS : dead ? FigureReason.NOT_MADE : FigureReason.REGULATED)
                                    .with());
                });
    }

    /** Whether anything at speed stands above the base: what is not made cannot be regulated. */
    private static boolean charges(Stated stated) {
        Optional<Reading> base = stated.posts(Condition.REST);
        return base.isEmpty()
                || Stream.of(Condition.HIGH_SPEED, Condition.RAISED)
                        .flatMap(c -> stated.posts(c).stream())
                        .anyMatch(r -> Math.abs(r.volts()) > Math.abs(base.get().volts()));
    }

    static Optional<FigureVerdict> afterwards(Stated stated) {
        return difference(stated, Condition.AFTER_SWITCH_OFF, Condition.REST).map(d -> {
            boolean charged = d.volts >= Marks.ASSUMED_LEFT_VOLTS * stated.blocks();
            return new FigureVerdict(
                    List.of(),
                    FigureName.AFTER_SWITCH_OFF.with(),
                    d.shown(),
                    charged ? Sign.GOOD : Sign.SAYS_LITTLE,
                    FigureReason.AGAINST_REST_BEFORE.with(d.to, d.from),
                    (charged ? FigureReason.SURFACE_LEFT : FigureReason.NO_SURFACE_LEFT).with());
        });
    }

    /** Posts in one condition less posts in another. */
    private record Difference(double volts, double toVolts, Quantity to, Quantity from) {
        String shown() {
            return (volts >= 0 ? "+" : "−") + Amount.volts(Math.abs(volts), 0.01);
        }
    }

    private static Optional<Difference> difference(Stated stated, Condition to, Condition from) {
        Optional<Reading> high = stated.posts(to);
        Optional<Reading> low = stated.posts(from);
        if (high.isEmpty() || low.isEmpty()) {
            return Optional.empty();
        }
        double a = Math.abs(high.get().volts());
        double b = Math.abs(low.get().volts());
        return Optional.of(new Difference(a - b, a, Stated.volts(high.get()), Stated.volts(low.get())));
    }
}
