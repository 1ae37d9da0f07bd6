package app.dantro.core.figure;

import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What was fitted against what came off (docs/job.md, after a replacement). */
final class Units {
    private static final List<Topic> PLATES =
            List.of(Topic.OLD_AMPS, Topic.NEW_AMPS, Topic.OLD_PULLEY, Topic.NEW_PULLEY);
    private static final List<Topic> BENCHES = List.of(Topic.OLD_BENCH, Topic.NEW_BENCH);

    private static final List<Topic> ODOMETERS = List.of(Topic.OLD_ODOMETER, Topic.ODOMETER);
    private static final List<Topic> OUTSIDE = List.of(Topic.OUTSIDE_FIRST, Topic.OUTSIDE_SECOND);

    private Units() {}

    static Optional<FigureVerdict> replaced(Stated stated) {
        Optional<Double> rating = share(stated, Topic.OLD_AMPS, Topic.NEW_AMPS);
        Optional<Double> pulley = share(stated, Topic.OLD_PULLEY, Topic.NEW_PULLEY);
        if (rating.isEmpty() && pulley.isEmpty()) {
            return Optional.empty();
        }
        boolean lower = rating.filter(s -> s < 1).isPresent();
        boolean other =
                pulley.filter(s -> Math.abs(s - 1) > Marks.ASSUMED_SAME_PULLEY).isPresent();
        FigureReason because = lower
                ? other ? FigureReason.DIFFERS_BOTH : FigureReason.DIFFERS_RATING
                : other ? FigureReason.DIFFERS_PULLEY : FigureReason.FITS;
        return Optional.of(new FigureVerdict(
                PLATES,
                FigureName.NEW_UNIT.with(),
                stated.shown(PLATES, ", "),
                lower || other ? Sign.FAILS : Sign.GOOD,
                because.with()));
    }

    /** The new unit's figure over the old one's, if both are known. */
    private static Optional<Double> share(Stated stated, Topic old, Topic fitted) {
        return stated.figure(old).flatMap(before -> stated.figure(fitted).map(now -> now / before));
    }

    /** How far the old unit went, by both odometers. */
    static Optional<FigureVerdict> life(Stated stated) {
        Optional<Double> from = stated.figure(Topic.OLD_ODOMETER);
        Optional<Double> to = stated.figure(Topic.ODOMETER);
        if (from.isEmpty() || to.isEmpty()) {
            return Optional.empty();
        }
        double ran = to.get() - from.get();
        FigureReason why = ran < 0
                ? FigureReason.RUNS_BACKWARDS
                : ran < Marks.ASSUMED_SHORT_LIFE_KM ? FigureReason.SHORT_LIFE : FigureReason.LASTED;
        return Optional.of(new FigureVerdict(
                ODOMETERS,
                FigureName.UNIT_LIFE.with(),
                ran < 0 ? stated.shown(ODOMETERS, ", then ") : "%.0f km".formatted(ran),
                why == FigureReason.LASTED ? Sign.SAYS_LITTLE : Sign.SUSPECT,
                why.with()));
    }

    /** What two others found of one unit: where they disagree neither counts. */
    static Optional<FigureVerdict> outside(Stated stated) {
        Optional<Answer> first = stated.record().statements().answer(Topic.OUTSIDE_FIRST);
        Optional<Answer> second = stated.record().statements().answer(Topic.OUTSIDE_SECOND);
        if (first.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        boolean agree = first.equals(second);
        return Optional.of(new FigureVerdict(
                OUTSIDE,
                FigureName.OUTSIDE_TESTS.with(),
                "one %s, the other %s"
                        .formatted(Topic.OUTSIDE_FIRST.words(first.get()), Topic.OUTSIDE_SECOND.words(second.get())),
                agree ? Sign.SAYS_LITTLE : Sign.SUSPECT,
                (agree ? FigureReason.ELSEWHERE_AGREES : FigureReason.ELSEWHERE_DISAGREES).with()));
    }

    /** A bench pass does not clear the wiring, and speaks against the verdict. */
    static Optional<FigureVerdict> bench(Stated stated) {
        String shown = BENCHES.stream()
                .flatMap(t -> stated.said().about(t).map(s -> t.title() + " " + t.words(s.value())).stream())
                .collect(Collectors.joining(", "));
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        boolean oldPasses = stated.said().says(Topic.OLD_BENCH, Answer.PASSES);
        boolean newFails = stated.said().says(Topic.NEW_BENCH, Answer.FAILS);
        FigureReason because =
                newFails ? FigureReason.NEW_FAILS : oldPasses ? FigureReason.OLD_PASSES : FigureReason.BENCH_AGREES;
        return Optional.of(new FigureVerdict(
                BENCHES,
                FigureName.BENCH_TESTS.with(),
                shown,
                newFails ? Sign.FAILS : oldPasses ? Sign.SUSPECT : Sign.GOOD,
                because.with()));
    }
}
