package app.dantro.core.slip;

import app.dantro.core.circuit.Condition;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

/** Amps that are ten or a hundred times off: the clamp's output factor. */
final class FactorSlip {
    private static final List<Double> FACTORS = List.of(10.0, 0.1, 100.0, 0.01);

    private FactorSlip() {}

    static Optional<Slip> asked(Entry entry) {
        boolean clamped = entry.reading().current() instanceof Current.Measured m
                && m.how() == Current.How.CLAMP
                && m.amps() > 0
                && m.in().isEmpty();
        return clamped ? byNeighbours(entry).or(() -> byPosts(entry)) : Optional.empty();
    }

    /** The same place in the same condition, ten times as much or a tenth. */
    private static Optional<Slip> byNeighbours(Entry entry) {
        double amps = entry.reading().amps().orElseThrow();
        double[] others = entry.all().in(entry.reading().condition()).stream()
                .filter(r -> comparable(r, entry.reading()))
                .flatMapToDouble(r -> r.amps().stream().mapToDouble(a -> a))
                .filter(a -> a > Marks.ASSUMED_LEAST_AMPS)
                .toArray();
        if (others.length == 0 || DoubleStream.of(others).anyMatch(a -> fits(amps / a, 1))) {
            return Optional.empty();
        }
        return FACTORS.stream()
                .filter(f -> DoubleStream.of(others).allMatch(a -> fits(amps / a, f)))
                .findFirst()
                .map(f -> slip(
                        amps / f,
                        SlipReason.AMPS_BESIDE.with(Quantity.amps(amps), Quantity.amps(others[others.length - 1]))));
    }

    /** The charge into a battery halves within minutes; what a starter draws stays. */
    private static boolean comparable(Reading one, Reading other) {
        return one.condition().starterCalled()
                || Math.abs(one.takenAtMillis() - other.takenAtMillis()) <= Marks.ASSUMED_SAME_HOLD_MILLIS;
    }

    private static boolean fits(double ratio, double factor) {
        return Math.abs(Math.log(ratio / factor)) < Marks.ASSUMED_FACTOR_SLACK;
    }

    /** A battery whose posts fell as far at these amps would be none, or one without any resistance. */
    private static Optional<Slip> byPosts(Entry entry) {
        Reading reading = entry.reading();
        OptionalDouble base = entry.restVolts();
        OptionalDouble posts = DoubleStream.concat(
                        entry.counted().in(Condition.CRANKING).stream()
                                .filter(r -> entry.loop().isPosts(r.red(), r.black()))
                                .mapToDouble(r -> Math.abs(r.volts())),
                        entry.loop().isPosts(reading.red(), reading.black())
                                ? DoubleStream.of(entry.size())
                                : DoubleStream.empty())
                .max();
        boolean turned = reading.condition() == Condition.CRANKING && base.isPresent() && posts.isPresent();
        double fell = turned ? base.getAsDouble() - posts.getAsDouble() : 0;
        boolean collapsed = turned && posts.getAsDouble() < Marks.ASSUMED_COLLAPSED_SHARE * base.getAsDouble();
        double least = entry.vehicle().turns() ? Marks.ASSUMED_FELL_VOLTS : Marks.ASSUMED_FELL_STANDING_VOLTS;
        if (collapsed || fell < least * entry.loop().blocks()) {
            return Optional.empty();
        }
        double amps = reading.amps().orElseThrow();
        double share = fell / amps / entry.loop().battery().internalOhms().nominalOhms();
        if (share < Marks.ASSUMED_OFF_BATTERY && share > 1 / Marks.ASSUMED_OFF_BATTERY) {
            return Optional.empty();
        }
        return FACTORS.stream()
                .filter(f -> Math.abs(Math.log(share * f)) < Math.log(Marks.ASSUMED_USUAL_BATTERY))
                .findFirst()
                .map(f -> slip(
                        amps / f,
                        SlipReason.AMPS_OUT_OF_PLACE.with(
                                Quantity.amps(amps),
                                Quantity.volts(base.getAsDouble()),
                                Quantity.volts(posts.getAsDouble()))));
    }

    private static Slip slip(double meant, app.dantro.core.quantity.Reason why) {
        return Slip.asking(
                Kind.CURRENT,
                List.of(why),
                Choice.of(Answer.REPEAT, SlipReason.MEANT_AMPS.with(Quantity.amps(meant))),
                Choice.of(Answer.AS_READ, SlipReason.AMPS_ARE_RIGHT.with()));
    }
}
