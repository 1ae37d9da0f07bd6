package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;

/** What is asked of the field, and how steady the voltage is (docs/job.md, test 22 and test 14). */
final class FieldCommand {
    private static final List<Topic> TOPICS = List.of(Topic.FIELD_SIDE, Topic.FIELD_VOLTS);
    private static final List<Topic> ENDS = List.of(Topic.UNSTEADY_LOW, Topic.UNSTEADY_HIGH);

    private FieldCommand() {}

    static Optional<FigureVerdict> judged(Stated stated) {
        Optional<Double> volts = stated.figure(Topic.FIELD_VOLTS);
        Optional<Answer> side = stated.said().answer(Topic.FIELD_SIDE).filter(a -> a != Answer.INSIDE);
        if (volts.isEmpty() || side.isEmpty()) {
            return Optional.empty();
        }
        double system = stated.record().counted().stream()
                .filter(r -> r.condition().running()
                        && r.pair().equals(stated.circuit().posts()))
                .map(r -> Math.abs(r.volts()))
                .reduce(Newest::of)
                .orElse(StateOfCharge.RESTS_AT_VOLTS * stated.blocks());
        double share = volts.get() / system;
        double asked = side.get() == Answer.FED ? share : 1 - share;
        Optional<Reading> made = stated.circuit()
                .alternator()
                .flatMap(a -> stated.record().newest(a.output(), a.ground(), Condition.RAISED_LOADED));
        boolean low = made.filter(r -> Math.abs(r.volts()) < Marks.CHARGING_VOLTS * stated.blocks())
                .isPresent();
        return Optional.of(new FigureVerdict(
                TOPICS,
                FigureName.FIELD_COMMAND.with(),
                stated.shown(Topic.FIELD_VOLTS),
                low ? Sign.SUSPECT : Sign.GOOD,
                FigureReason.FIELD.with(
                        Quantity.named(Topic.FIELD_SIDE.words(side.get())),
                        Quantity.named(stated.shown(Topic.FIELD_VOLTS)),
                        Quantity.volts(system),
                        Quantity.named(command(asked))),
                answered(made.isPresent(), low, asked).with(),
                stated.figure(Topic.MAKER_FIELD)
                        .map(v -> FigureReason.MAKER_SAYS_FIELD.with(Quantity.volts(v)))
                        .orElseGet(FigureReason.MAKERS_FIRST::with)));
    }

    private static String command(double asked) {
        return asked >= Marks.ASSUMED_ASKED_FULLY
                ? "asks all the time"
                : asked <= Marks.ASSUMED_NOT_ASKED ? "does not ask" : "asks part of the time";
    }

    private static FigureReason answered(boolean read, boolean low, double asked) {
        if (!read) {
            return FigureReason.READ_OUTPUT_TOO;
        }
        if (low && asked >= Marks.ASSUMED_ASKED_FULLY) {
            return FigureReason.MACHINE_LOW;
        }
        return low && asked <= Marks.ASSUMED_NOT_ASKED ? FigureReason.NOBODY_ASKS : FigureReason.FIELD_ANSWERED;
    }

    static Optional<FigureVerdict> unsteady(Stated stated) {
        Optional<Double> low = stated.figure(Topic.UNSTEADY_LOW);
        Optional<Double> high = stated.figure(Topic.UNSTEADY_HIGH);
        if (low.isEmpty() || high.isEmpty()) {
            return Optional.empty();
        }
        double swing = high.get() - low.get();
        if (swing < 0) {
            return Optional.of(new FigureVerdict(
                    ENDS,
                    FigureName.STEADINESS.with(),
                    stated.shown(ENDS, " to "),
                    Sign.SAYS_LITTLE,
                    FigureReason.SWAPPED_ENDS.with()));
        }
        boolean steady = swing <= Marks.UNSTEADY_VOLTS * stated.blocks();
        return Optional.of(new FigureVerdict(
                ENDS,
                FigureName.STEADINESS.with(),
                stated.shown(ENDS, " to "),
                steady ? Sign.GOOD : Sign.SUSPECT,
                (steady ? FigureReason.STEADY : FigureReason.SWINGS).with(Quantity.volts(swing, 0.01))));
    }
}
