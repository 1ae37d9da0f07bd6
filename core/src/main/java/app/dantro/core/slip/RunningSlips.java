package app.dantro.core.slip;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.DecimalMove;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import app.dantro.core.slip.Slip.Kind;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;

/** Slips of a running engine's volts that only the readings around them show. */
record RunningSlips(Circuit circuit, Alternator alternator, Readings counted, Reading reading) {
    /** The same volts as with the engine off, though it charged before: was it running? */
    Optional<Slip> stood() {
        if (!reading.condition().running() || !acrossPosts()) {
            return Optional.empty();
        }
        double volts = Math.abs(reading.volts());
        double slack = Marks.ASSUMED_SAME_POSTS_VOLTS * circuit.blocks();
        boolean atRest = posts(r -> !r.condition().keyOn()).anyMatch(v -> Math.abs(v - volts) <= slack);
        boolean charged = posts(r -> r.condition().running())
                .anyMatch(v -> v > volts + Marks.ASSUMED_CHARGED_BY_VOLTS * circuit.blocks());
        return atRest && charged
                ? Optional.of(Slip.asking(
                        Kind.CONDITION,
                        List.of(SlipReason.AS_AT_REST.with(shown())),
                        Choice.of(Answer.REPEAT, SlipReason.IT_STOOD.with()),
                        Choice.of(Answer.AS_READ, SlipReason.IT_RAN_SO.with())))
                : Optional.empty();
    }

    private DoubleStream posts(Predicate<Reading> which) {
        return counted.stream()
                .filter(r -> r.pair().equals(circuit.posts()) && which.test(r))
                .mapToDouble(r -> Math.abs(r.volts()));
    }

    /**
     * A drop of a running engine that would leave more for the way than B+ stands above the posts, and fits once its decimal
     * is moved; without both, one that no way loses while the posts are charged.
     */
    Optional<Slip> decimal() {
        double volts = Math.abs(reading.volts());
        if (!reading.condition().running() || acrossSource() || volts < Marks.ASSUMED_LARGE_DROP_VOLTS) {
            return Optional.empty();
        }
        double room = room();
        boolean tooMuch = volts > room + Math.max(Marks.ASSUMED_SLACK_VOLTS, Marks.ASSUMED_SAME * room);
        return tooMuch
                ? DecimalMove.down()
                        .filter(move -> volts * move <= Math.min(room, Marks.ASSUMED_HEALTHY_DROP_VOLTS))
                        .boxed()
                        .findFirst()
                        .map(move -> Slip.asking(
                                Kind.DECIMAL,
                                List.of(
                                        SlipReason.MORE_THAN_BETWEEN.with(shown(), Quantity.volts(room)),
                                        SlipReason.WHAT.with()),
                                Entry.meant(reading, move),
                                Choice.of(Answer.AS_READ, SlipReason.SHOWED.with(shown())),
                                Entry.repeat()))
                : Optional.empty();
    }

    /** What B+ stands above the posts in the same condition; without both readings, what no charged way loses. */
    private double room() {
        OptionalDouble output = counted.in(reading.condition()).stream()
                .filter(r -> r.isAcross(alternator.output(), alternator.ground()))
                .mapToDouble(r -> Math.abs(r.volts()))
                .max();
        OptionalDouble posts = counted.in(reading.condition()).stream()
                .filter(r -> r.pair().equals(circuit.posts()))
                .mapToDouble(r -> Math.abs(r.volts()))
                .min();
        return output.isPresent() && posts.isPresent()
                ? Math.max(0, output.getAsDouble() - posts.getAsDouble())
                : Marks.HIGHEST_POST_VOLTS * circuit.blocks();
    }

    boolean acrossPosts() {
        return reading.pair().equals(circuit.posts());
    }

    /** Across the battery, or the alternator, whole or to the other's ground. */
    boolean acrossSource() {
        return acrossPosts()
                || reading.isAcross(alternator.output(), alternator.ground())
                || reading.isAcross(alternator.output(), circuit.minusPost());
    }

    private Quantity shown() {
        return Quantity.volts(reading.volts(), reading.resolutionVolts());
    }
}
