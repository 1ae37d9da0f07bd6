package app.dantro.core.figure;

import app.dantro.core.circuit.Battery;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What empties a battery asleep, and where it flows (docs/job.md, test 24). */
final class StandingCurrent {
    private static final double MILLI = 1e-3;
    /** From full to half, below which a starting battery suffers. */
    private static final double HALF = 0.5;

    private static final double HOURS_A_DAY = 24;
    private static final double IN_DAYS_FROM = 2;

    private StandingCurrent() {}

    static Optional<FigureVerdict> judged(Stated stated) {
        return stated.figure(Topic.STANDING_CURRENT).map(milliamps -> {
            double amps = milliamps * MILLI;
            Optional<Double> label = stated.figure(Topic.BATTERY_AMP_HOURS);
            double ampHours = label.orElseGet(() -> Marks.ASSUMED_LARGER_BATTERY * usualAmpHours(stated));
            double hours = ampHours * HALF / Math.max(amps, Marks.ASSUMED_LEAST_STANDING_AMPS);
            double days = hours / HOURS_A_DAY;
            Sign sign = days >= Marks.USUAL_STANDING_DAYS
                    ? Sign.GOOD
                    : days >= Marks.LEAST_STANDING_DAYS ? Sign.SUSPECT : Sign.FAILS;
            Reason time = FigureReason.HALF_IN.with(
                    Quantity.named(stated.shown(Topic.STANDING_CURRENT)),
                    Quantity.count(Math.round(ampHours)),
                    Quantity.count(Math.round(days >= IN_DAYS_FROM ? days : hours)),
                    Quantity.named(days >= IN_DAYS_FROM ? "days" : "hours"));
            List<Reason> because = new ArrayList<>(List.of(time));
            if (label.isEmpty()) {
                because.add(FigureReason.CAPACITY_NOT_ENTERED.with());
            }
            because.add((sign == Sign.GOOD ? FigureReason.DRAIN_USUAL : FigureReason.DRAIN_FIND_BRANCH).with());
            return new FigureVerdict(
                    List.of(Topic.STANDING_CURRENT),
                    FigureName.STANDING_CURRENT.with(),
                    stated.shown(Topic.STANDING_CURRENT),
                    sign,
                    because);
        });
    }

    /** Of the ready-made circuit: batteries side by side add up. */
    private static double usualAmpHours(Stated stated) {
        return stated.circuit().batteries().stream()
                        .mapToDouble(Battery::ampHours)
                        .sum()
                / stated.blocks();
    }

    /** Whether the current stops with B+ lifted. */
    static Optional<FigureVerdict> lifted(Stated stated) {
        return stated.said().answer(Topic.DRAIN_LIFTED).map(answer -> {
            boolean stops = answer == Answer.STOPS;
            Optional<Reason> branch = stated.said()
                    .about(Topic.DRAIN_BRANCH)
                    .map(Statement::value)
                    .map(name -> FigureReason.DRAIN_IN_BRANCH.with(Quantity.named(name)));
            return new FigureVerdict(
                    List.of(Topic.DRAIN_LIFTED, Topic.DRAIN_BRANCH),
                    FigureName.OVERNIGHT_DRAIN.with(),
                    "B+ lifted: it " + (stops ? "stops" : "stays"),
                    Sign.SUSPECT,
                    stops
                            ? FigureReason.DRAIN_THROUGH_ALTERNATOR.with()
                            : branch.orElseGet(FigureReason.DRAIN_NOT_ALTERNATOR::with));
        });
    }
}
